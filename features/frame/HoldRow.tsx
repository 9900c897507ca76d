import { ScrollView, View } from 'react-native';
import { frameOf } from '@/core/frame/holding';
import { dayMonthWords } from '@/core/time/words';
import { addDays } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';

/** How many weeks ahead are shown. */
export const WEEKS = 12;

/** The weeks ahead, and which frame holds in each. */
export function HoldRow({ week, shown }: { week: string; shown: string }) {
  const workspace = useWorkspace();
  const weeks = Array.from({ length: WEEKS }, (_, i) => addDays(week, 7 * i));
  const frames = weeks.map((first) => frameOf(workspace, first));
  if (new Set(frames.map((frame) => frame?.id)).size === 1) return null;
  return (
    <ScrollView
      horizontal
      tabIndex={0}
      showsHorizontalScrollIndicator={false}
      className="max-h-[48px] grow-0"
      contentContainerClassName="px-4"
    >
      <View role="list" aria-label="Which frame holds in the weeks ahead" className="flex-row">
        {weeks.map((first, i) => {
          const frame = frames[i];
          const other = frame?.id !== frames[i - 1]?.id;
          return (
            <View
              key={first}
              role="listitem"
              className={`w-[92px] border-t-4 pr-2 pt-1 ${frame?.id === shown ? 'border-pine' : 'border-line'}`}
            >
              <Words size="xs" tone="soft">
                {dayMonthWords(first, workspace.settings)}
              </Words>
              <Words
                size="xs"
                face={other ? 'strong' : 'text'}
                tone={other ? 'ink' : 'soft'}
                numberOfLines={1}
              >
                {frame?.name ?? ''}
              </Words>
            </View>
          );
        })}
      </View>
    </ScrollView>
  );
}
