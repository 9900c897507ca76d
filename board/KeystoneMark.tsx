import { View } from 'react-native';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** Whether a task is the keystone of a day; of today where no day is said. */
export function useIsKeystone(taskId: string | undefined, date?: string): boolean {
  const { today } = useMoment();
  const { days } = useWorkspace();
  return taskId !== undefined && days.get(date ?? today)?.keystone === taskId;
}

/** That a task is the one that decides whether the day is good: a wedge, as stands in an arch, with the word where there is room. */
export const KeystoneMark = ({ word = false }: { word?: boolean }) => (
  <View role="img" aria-label="keystone" className="flex-row items-center gap-1">
    <View aria-hidden className="keystone-wedge h-3 w-3.5 bg-amber" />
    {word && (
      <Words size="xs" face="strong" tone="amber">
        keystone
      </Words>
    )}
  </View>
);
