import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** How much waits in the inbox, and the way to go through it. */
export const InboxStep = ({ count }: { count: number }) => (
  <View className="gap-3">
    <Words>
      {count === 0
        ? 'The inbox is empty.'
        : `${count === 1 ? 'One thing waits' : `${count} things wait`} to be said more about.`}
    </Words>
    {count > 0 && (
      <View className="flex-row">
        <Button label="Go through the inbox" onPress={() => openPanel({ kind: 'triage' })} />
      </View>
    )}
  </View>
);
