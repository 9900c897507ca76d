import { useState } from 'react';
import { View } from 'react-native';
import { sayOfAll } from '@/actions/inbox';
import type { Id } from '@/core/model/common';
import { priorities } from '@/core/tasks/order';
import type { Due, Priority } from '@/core/model/task';
import { dueText } from '@/core/tasks/dueWords';
import { dateWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { readDay, readDue } from '@/ui/dayReadings';
import { Field } from '@/ui/Field';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { readEstimate, readWords } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { ListChoice, priorityNames } from '../parts/choices';
import { SeveralHours } from './SeveralHours';
import { WithMonth } from '../parts/WithMonth';

type Change = {
  readonly listId?: Id;
  readonly priority?: Priority;
  readonly estimate?: number;
  readonly categoryName?: string;
  readonly due?: Due;
};

/** Gives several tasks one list, day, due date, priority, estimate or category in one step; what is left empty stays as it is. */
function Several({ ids, onChanged }: Panels['several']) {
  const workspace = useWorkspace();
  const { today } = useMoment();
  const [change, setChange] = useState<Change>({});
  const [day, setDay] = useState<string | null>(null);
  const say = (part: Change) => setChange({ ...change, ...part });
  const nothing = day === null && Object.values(change).every((value) => value === undefined);
  const take = () => {
    if (!sayOfAll(ids, change, day)) return;
    onChanged();
    closePanel();
  };
  return (
    <View className="gap-4">
      <Words tone="soft">Fields you don’t touch stay unchanged.</Words>
      <SeveralHours
        ids={ids}
        onChanged={() => {
          onChanged();
          closePanel();
        }}
      />
      <ListChoice value={change.listId ?? ''} onChoose={(listId) => say({ listId })} />
      <Choice
        label="Priority"
        value={change.priority ?? 'asIs'}
        onChoose={(value) => {
          const { priority: _, ...rest } = change;
          setChange(value === 'asIs' ? rest : { ...rest, priority: value });
        }}
        options={[
          { value: 'asIs', name: 'As it is' },
          ...priorities.map((value) => ({ value, name: priorityNames[value] })),
        ]}
      />
      <Field
        label="Estimate"
        text={change.estimate === undefined ? '' : durationWords(change.estimate)}
        read={readEstimate}
        placeholder="1h30"
        onSave={(estimate) => (estimate === null ? undefined : say({ estimate }))}
      />
      <Field
        label="Category"
        text={change.categoryName ?? ''}
        read={readWords}
        placeholder="Fieldwork"
        onSave={(categoryName) => (categoryName === '' ? undefined : say({ categoryName }))}
      />
      <WithMonth
        of="Due"
        chosen={change.due?.date ?? today}
        from={today}
        onChoose={(date) => say({ due: { date, time: null } })}
      >
        <Field
          label="Due"
          text={dueText(change.due ?? null, workspace.settings)}
          read={readDue}
          placeholder="fri 14:00"
          onSave={(due) => (due === null ? undefined : say({ due }))}
        />
      </WithMonth>
      <WithMonth of="Into the tray of" chosen={day ?? today} from={today} onChoose={setDay}>
        <Field
          label="Into the tray of"
          text={day === null ? '' : dateWords(day, workspace.settings)}
          read={readDay}
          placeholder="thu"
          onSave={({ date }) => setDay(date)}
        />
      </WithMonth>
      <Button
        label={ids.length === 1 ? 'Change it' : `Change ${ids.length} tasks`}
        kind="primary"
        disabled={nothing}
        onPress={take}
      />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Several tasks, to be changed in one step. */
    several: { readonly ids: readonly Id[]; readonly onChanged: () => void };
  }
}

export const several: Panel<Panels['several']> = {
  useTitle: () => 'The same for all',
  Content: Several,
};
