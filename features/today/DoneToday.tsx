import { View } from 'react-native';
import { TickBox } from '@/board/taskParts';
import { doneOn } from '@/core/tasks/openTasks';
import { durationWords } from '@/core/time/words';
import { minutesSpent } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Subheading, Words } from '@/ui/Words';

/** What was ticked off today, with what it took. */
export function DoneToday({ today }: { today: string }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const done = doneOn(workspace, today, zone);
  if (done.length === 0) return null;
  return (
    <View>
      <Subheading>Done today</Subheading>
      {done.map((task) => {
        const spent = minutesSpent(workspace.entries, task.id, now);
        return (
          <View key={task.id} className="flex-row flex-wrap items-center gap-x-1 border-b border-line">
            <TickBox task={task} />
            <View className="min-w-[7rem] flex-1">
              <Words tone="soft" numberOfLines={3}>
                {task.title}
              </Words>
            </View>
            <Words size="xs" tone="soft">
              {[
                spent > 0 ? `took ${durationWords(spent)}` : '',
                task.estimate === null ? '' : `estimate ${durationWords(task.estimate)}`,
              ]
                .filter(Boolean)
                .join(' · ')}
            </Words>
          </View>
        );
      })}
    </View>
  );
}
