import { View } from 'react-native';
import { derived } from '@/core/model/collection';
import type { Task } from '@/core/model/task';
import { durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { minutesSpent } from '@/core/track/spent';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { TickBox } from '@/ui/tasks/TaskParts';
import { Words } from '@/ui/Words';

const doneTasks = derived<Task, Task[]>((tasks) => tasks.values().filter(({ doneAt }) => doneAt !== null));

/** What was ticked off today, with what it took. */
export function DoneToday({ today }: { today: string }) {
  const { tasks, entries } = useWorkspace();
  const done = doneTasks(tasks).filter(
    ({ doneAt }) => doneAt !== null && dateOf(doneAt, session.zone) === today,
  );
  if (done.length === 0) return null;
  return (
    <View>
      <Words role="heading" face="strong" tone="soft">
        Done today
      </Words>
      {done.map((task) => {
        const spent = minutesSpent(entries, task.id, session.now());
        return (
          <View key={task.id} className="flex-row items-center gap-1 border-b border-line">
            <TickBox task={task} />
            <View className="flex-1">
              <Words tone="soft">{task.title}</Words>
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
