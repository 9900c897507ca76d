import { View } from 'react-native';
import type { Priority } from '@/core/model/task';
import { priorities } from '@/core/tasks/order';
import { useWorkspace } from '@/state/shown';
import { Icon } from '@/ui/icons';

/** The patterned edge at the left of a task; the hue comes from the `hue-…` class around it. */
export const EdgeMark = () => <View aria-hidden className="edge-mark absolute bottom-0 left-0 top-0 w-1" />;

/** The icon of a category, in the hue around it; nothing where it has none. */
export function CategoryIcon({ id }: { id: string | undefined }) {
  const icon = useWorkspace().categories.get(id ?? '')?.icon;
  return icon ? <Icon name={icon} size={14} colour="edge" /> : null;
}

/** A priority as one to four short ticks, stacked like those of a ruler. */
export function PriorityMark({ priority }: { priority: Priority }) {
  const ticks = priorities.length - priorities.indexOf(priority);
  return (
    <View role="img" aria-label={`${priority} priority`} className="w-2.5 gap-0.5">
      {Array.from({ length: ticks }, (_, i) => (
        <View key={i} className={`h-0.5 bg-edge ${i % 2 === 0 ? 'w-2.5' : 'w-1.5'}`} />
      ))}
    </View>
  );
}
