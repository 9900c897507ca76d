import { useRef, useState } from 'react';
import { View } from 'react-native';
import { editTask } from '@/core/commands/tasks';
import type { Task } from '@/core/model/task';
import { unestimated } from '@/core/tasks/find';
import { toPlace } from '@/core/tasks/toPlace';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { readEstimate } from '@/ui/readings';
import { Empty } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { OneAtATime } from '../parts/OneAtATime';
import { LENGTHS, QuickLengths } from '../parts/QuickLengths';

/** The tasks to place that have no estimate, one at a time. */
function Estimates() {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const all = unestimated(toPlace(workspace, today, zone, now));
  const [task, ...others] = all.filter(({ id }) => !skipped.includes(id));
  if (!task)
    return (
      <Empty title={all.length === 0 ? 'Every task to place has an estimate' : 'That was all'}>
        <View className="flex-row">
          <Button label="Close" onPress={closePanel} />
        </View>
      </Empty>
    );
  return (
    <View className="gap-4">
      <Words tone="soft" aria-live="polite">
        {others.length === 0 ? 'The last one' : `${others.length + 1} without an estimate`}
      </Words>
      <Estimate key={task.id} task={task} onSkip={() => setSkipped([...skipped, task.id])} />
    </View>
  );
}

function Estimate({ task, onSkip }: { task: Task; onSkip: () => void }) {
  const card = useRef<View>(null);
  const take = (minutes: number) =>
    store.run(editTask, { id: task.id, estimate: minutes }, `${task.title}: ${durationWords(minutes)}`);
  const doing = (key: string) => {
    const minutes = LENGTHS[Number(key) - 1];
    return minutes === undefined ? undefined : () => take(minutes);
  };
  return (
    <View className="gap-4">
      <OneAtATime card={card} label={`${task.title}: how long? 1 to 4 choose`} doing={doing}>
        <Words size="lg" face="strong">
          {task.title}
        </Words>
        {task.notes !== '' && <Words numberOfLines={3}>{task.notes}</Words>}
      </OneAtATime>
      <QuickLengths of={task} chosen={null} onChoose={take} />
      <Field
        label="Another length"
        text=""
        read={readEstimate}
        placeholder="1h30"
        onSave={(minutes) => (minutes === null ? undefined : take(minutes))}
      />
      <View className="flex-row">
        <Button label="Leave it" says={`Leave it: ${task.title}`} onPress={onSkip} />
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    estimates: object;
  }
}

export const estimates: Panel<Panels['estimates']> = { useTitle: () => 'How long?', Content: Estimates };
