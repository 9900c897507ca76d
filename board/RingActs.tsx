import { View } from 'react-native';
import { actOnRing, actsOn, answer, ringLater, type RingAct } from '@/actions/reminders';
import type { Ring } from '@/core/remind/ring';
import { Button, IconButton } from '@/ui/Button';
import type { IconName } from '@/ui/icons';

const words: Record<RingAct, { readonly label: string; readonly icon: IconName }> = {
  start: { label: 'Start', icon: 'start' },
  join: { label: 'Join', icon: 'join' },
  done: { label: 'Done', icon: 'check' },
};

/** What can be done about a reminder; `title` is that of its thing. */
export function RingActs({ ring, title }: { ring: Ring; title: string }) {
  return (
    <View className="flex-row flex-wrap items-center gap-1">
      {actsOn(ring).map((act) => (
        <Button
          key={act}
          label={words[act].label}
          says={`${words[act].label}: ${title}, reminder`}
          icon={words[act].icon}
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
