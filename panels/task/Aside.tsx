import { View } from 'react-native';
import { showAgain, takeUpTasks } from '@/actions/inbox';
import type { Task } from '@/core/model/task';
import { isHidden } from '@/core/tasks/inbox';
import { dueText } from '@/core/tasks/dueWords';
import { dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** That a task is parked or out of sight until later, with the way back. */
export function Aside({ task }: { task: Task }) {
  const { zone, now } = useMoment();
  const { clock } = useWorkspace().settings;
  const { parked, notBefore } = task;
  if (parked)
    return (
      <View className="gap-1 border-l-4 border-line pl-3">
        <Words>
          Parked{parked.until === null ? '' : `, for another look from ${dateWords(parked.until)} on`}
        </Words>
        <View className="flex-row">
          <Button label="Take it up" onPress={() => takeUpTasks([task.id])} />
        </View>
      </View>
    );
  if (!notBefore || !isHidden(task, zone, now)) return null;
  return (
    <View className="gap-1 border-l-4 border-line pl-3">
      <Words>Out of sight until {dueText(notBefore, clock)}</Words>
      <View className="flex-row">
        <Button label="Bring it back now" onPress={() => showAgain(task)} />
      </View>
    </View>
  );
}
