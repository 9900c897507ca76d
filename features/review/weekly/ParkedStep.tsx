import { useRef, useState } from 'react';
import { View } from 'react-native';
import { removeAll, takeUpTasks } from '@/actions/inbox';
import { decisionKeys } from '@/board/keyGroups';
import type { Task } from '@/core/model/task';
import { dayMonthWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { LookAgain } from '@/panels/parts/LookAgain';
import { Nothing } from '@/panels/parts/Nothing';
import { OneAtATime } from '@/panels/parts/OneAtATime';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { tasks: readonly Task[]; onLeft: (id: string) => void; onNext: () => void };

/** What was parked until now, one at a time: taken up, parked again, deleted, or left as it is. */
export function ParkedStep({ tasks, onLeft, onNext }: Props) {
  const [task] = tasks;
  if (!task) return <Nothing words="Nothing that is parked waits for another look." onNext={onNext} />;
  return <One key={task.id} task={task} count={tasks.length} onLeft={() => onLeft(task.id)} />;
}

function One({ task, count, onLeft }: { task: Task; count: number; onLeft: () => void }) {
  const { zone } = useMoment();
  const { settings, lists } = useWorkspace();
  const card = useRef<View>(null);
  const [again, setAgain] = useState(false);
  const { off, leave, later } = decisionKeys;
  const takeUp = () => takeUpTasks([task.id]);
  const remove = () => removeAll([task.id]);
  const doings: Readonly<Record<string, () => void>> = {
    Enter: takeUp,
    [later]: () => setAgain(true),
    [off]: remove,
    [leave]: onLeft,
  };
  const about = [
    task.parked ? `parked on ${dayMonthWords(dateOf(task.parked.at, zone), settings)}` : '',
    lists.get(task.listId)?.name ?? '',
    task.estimate === null ? '' : durationWords(task.estimate),
    count === 1 ? 'the last' : `${count} left`,
  ];
  return (
    <View className="gap-4">
      <OneAtATime card={card} label={task.title} doing={(key) => doings[key]}>
        <Words size="xs" tone="soft">
          {about.filter(Boolean).join(' · ')}
        </Words>
        <Words size="lg" face="strong">
          {task.title}
        </Words>
        {task.notes !== '' && <Words numberOfLines={4}>{task.notes}</Words>}
      </OneAtATime>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Take it up" says={`Take it up: ${task.title}`} onPress={takeUp} />
        <Button label="Later…" says={`Later…: ${task.title}`} onPress={() => setAgain(!again)} />
        <Button label="Drop" says={`Drop: ${task.title}`} kind="danger" onPress={remove} />
        <Button label="Leave it" says={`Leave it: ${task.title}`} onPress={onLeft} />
      </View>
      {again && <LookAgain ids={[task.id]} onDone={() => setAgain(false)} />}
    </View>
  );
}
