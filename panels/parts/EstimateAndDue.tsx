import { View } from 'react-native';
import type { Due, Task } from '@/core/model/task';
import { dueText } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { dateOf, instantOf, timeOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readDue } from '@/ui/dayReadings';
import { readEstimate } from '@/ui/readings';
import { QuickLengths } from './QuickLengths';
import { WithMonth } from './WithMonth';

type Props = {
  /** Of which task, if it is there already: done ones like it say what it takes. */
  of?: Pick<Task, 'id' | 'title' | 'category' | 'listId'>;
  estimate: number | null;
  due: Due | null;
  onEstimate: (estimate: number | null) => boolean | void;
  onDue: (due: Due | null) => boolean | void;
};

/** What a task is expected to take and when it is due. */
export function EstimateAndDue({ of, estimate, due, onEstimate, onDue }: Props) {
  const { settings } = useWorkspace();
  const { today, zone } = useMoment();
  return (
    <View className="gap-3">
      <View className="gap-2">
        <Field
          label="Estimate"
          text={estimate === null ? '' : durationWords(estimate)}
          read={readEstimate}
          onSave={onEstimate}
          placeholder="1h30"
        />
        {of && <QuickLengths of={of} chosen={estimate} onChoose={onEstimate} />}
      </View>
      <WithMonth
        of="Due"
        chosen={due?.date ?? today}
        from={today}
        onChoose={(date) => onDue({ date, time: due?.time ?? null })}
        hours={{
          chosen: due?.time ? instantOf(`${due.date}T${due.time}`, zone) : null,
          onChoose: (at) => onDue({ date: dateOf(at, zone), time: timeOf(at, zone) }),
        }}
      >
        <Field
          label="Due"
          text={dueText(due, settings)}
          read={readDue}
          onSave={onDue}
          placeholder="fri 14:00"
        />
      </WithMonth>
    </View>
  );
}
