import { View } from 'react-native';
import { Heading, Words } from '@/ui/Words';

const hints = [
  'Drag a task onto an hour, or into the tray of the day.',
  'Drag the lower edge of a block to change its length.',
  'Drag a block back to the list to take it off.',
  'By keyboard: Tab to a task or block, Space picks it up, arrows move it, Shift with arrows changes its length, Enter drops it. N and P go on and back, D makes one more, ? lists all keys.',
];

/** What can be done with the plan, while nothing is opened beside it. */
export const Hint = () => (
  <View className="gap-3 px-4 pt-4">
    <Heading level={2}>Details</Heading>
    <Words tone="soft">Click a task, a block or a meeting to see it here.</Words>
    {hints.map((hint) => (
      <Words key={hint} size="xs" tone="soft">
        {hint}
      </Words>
    ))}
  </View>
);
