import { Pressable, View } from 'react-native';
import type { LedgerRow } from '@/core/review/ledger';
import { driftWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/workspaceStore';
import { Words, type Tone } from '@/ui/Words';

/** One row of the ledger: the numbers, and planned (outline) over actual (solid) on one scale. */
export function LedgerLine({
  row,
  longest,
  onOpen,
}: {
  row: LedgerRow;
  longest: number;
  onOpen: () => void;
}) {
  const { tasks, lists } = useWorkspace();
  const { subject, title, planned, actual, drift } = row;
  const task = subject.kind === 'task' ? tasks.get(subject.taskId) : undefined;
  const hue = subject.kind === 'event' ? 'slate' : (lists.get(task?.listId ?? '')?.hue ?? 'berry');
  const tone: Tone = drift > 0 ? 'amber' : drift < 0 && actual > 0 ? 'leaf' : drift < 0 ? 'brick' : 'soft';
  const part = (minutes: number) => `${(100 * minutes) / longest}%` as const;
  const number = (minutes: number) => (minutes === 0 ? '–' : durationWords(minutes));
  const note =
    planned === 0
      ? 'not planned'
      : actual === 0
        ? 'not started'
        : subject.kind === 'event'
          ? 'meeting'
          : (lists.get(task?.listId ?? '')?.name ?? '');
  return (
    <View
      role="group"
      aria-label={`${title}: planned ${number(planned)}, actual ${number(actual)}, drift ${driftWords(drift)} min`}
      className={`hue-${hue} gap-1 border-b border-line pb-2`}
    >
      <View className="flex-row items-center">
        <Pressable
          role="button"
          onPress={onOpen}
          className="min-h-[44px] flex-1 justify-center pr-2 hover:bg-surface"
        >
          <Words face="strong">{title}</Words>
          <Words size="xs" tone="soft">
            {note}
          </Words>
        </Pressable>
        {[number(planned), number(actual)].map((said, i) => (
          <View key={i === 0 ? 'planned' : 'actual'} className="w-[74px] items-end">
            <Words>{said}</Words>
          </View>
        ))}
        <View className="w-[74px] items-end">
          <Words face="strong" tone={tone}>
            {driftWords(drift)}
          </Words>
        </View>
      </View>
      <View aria-hidden className="gap-0.5">
        <View
          className="h-1.5 border border-edge bg-fill"
          style={{ width: part(planned), opacity: planned === 0 ? 0 : 1 }}
        />
        <View
          className={`h-1.5 ${planned === 0 ? 'border border-dotted border-edge' : 'bg-edge'}`}
          style={{ width: part(actual), opacity: actual === 0 ? 0 : 1 }}
        />
      </View>
    </View>
  );
}
