import { View } from 'react-native';
import { KeystoneMark } from '@/board/KeystoneMark';
import { DueNote, TickBox, TimerButton } from '@/board/taskParts';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** The task that decides whether the day is good, on top of it for as long as it is open. */
export function Keystone() {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const id = workspace.days.get(today)?.keystone;
  const task = id === undefined ? undefined : taskOf(workspace, id);
  if (!task || task.doneAt !== null) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-2 border-l-4 border-amber bg-surface py-1 pl-2 pr-2">
      <TickBox task={task} />
      <View className="min-w-[8rem] flex-1 py-1">
        <KeystoneMark word />
        <Words face="strong" size="base">
          {task.title}
        </Words>
        <DueNote task={task} />
      </View>
      <TimerButton subject={{ kind: 'task', taskId: task.id }} />
    </View>
  );
}
