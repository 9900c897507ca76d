import { View } from 'react-native';
import { actNames, actOnRing, actsOn, answer, ringLater, type RingAct } from '@/actions/reminders';
import type { Ring } from '@/core/remind/ring';
import { Button, IconButton } from '@/ui/Button';
import type { IconName } from '@/ui/icons';

const icons: Record<RingAct, IconName> = { start: 'start', join: 'join', done: 'check', open: 'forward' };

/** What can be done about a reminder; `title` is that of its thing. */
export function RingActs({ ring, title }: { ring: Ring; title: string }) {
  return (
    <View className="flex-row flex-wrap items-center gap-1">
      {actsOn(ring).map((act) => (
        <Button
          key={act}
          label={actNames[act]}
          says={`${actNames[act]}: ${title}, reminder`}
          icon={icons[act]}
          onPress={() => actOnRing(ring, act)}
        />
      ))}
      <Button
        label="In 10 min"
        says={`In 10 min: remind me of ${title} again`}
        kind="quiet"
        onPress={() => void ringLater(ring)}
      />
      <IconButton
        label={`Close the reminder of ${title}`}
        icon="close"
        onPress={() => void answer([ring.id])}
      />
    </View>
  );
}
