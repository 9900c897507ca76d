import { View } from 'react-native';
import { hide, showAgain, takeUpTasks } from '@/actions/inbox';
import type { Due, Task } from '@/core/model/task';
import { isHidden } from '@/core/tasks/inbox';
import { dueText } from '@/core/tasks/dueWords';
import { dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { readDue } from '@/ui/dayReadings';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { WithMonth } from '../parts/WithMonth';

/** That a task is parked or out of sight until later, with the way back. */
export function Aside({ task }: { task: Task }) {
  const { zone, now } = useMoment();
  const { settings } = useWorkspace();
  const { parked, notBefore } = task;
  if (parked)
    return (
      <View className="gap-1 border-l-4 border-line pl-3">
        <Words>
          Parked
          {parked.until === null ? '' : `, for another look from ${dateWords(parked.until, settings)} on`}
        </Words>
        <View className="flex-row">
          <Button label="Take it up" onPress={() => takeUpTasks([task.id])} />
        </View>
      </View>
    );
  if (!notBefore || !isHidden(task, zone, now)) return null;
  return (
    <View className="gap-1 border-l-4 border-line pl-3">
      <Words>Out of sight until {dueText(notBefore, settings)}</Words>
      <View className="flex-row">
        <Button label="Bring it back now" onPress={() => showAgain(task)} />
      </View>
    </View>
  );
}

/** Until when a task is out of sight, to be typed or chosen; nothing typed shows it again. */
export function NotBefore({ task }: { task: Task }) {
  const { today } = useMoment();
  const { settings } = useWorkspace();
  const { id, notBefore } = task;
  const save = (until: Due | null) => (until ? hide([id], until) : showAgain(task));
  return (
    <WithMonth
      of="Not before"
      chosen={notBefore?.date ?? today}
      from={today}
      onChoose={(date) => save({ date, time: null })}
    >
      <Field
        label="Not before"
        text={dueText(notBefore ?? null, settings)}
        read={readDue}
        onSave={save}
        placeholder="mon 9:00"
      />
    </WithMonth>
  );
}
