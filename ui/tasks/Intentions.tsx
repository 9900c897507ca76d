import { View } from 'react-native';
import { addIntention, deleteIntention, editIntention, intentionToTask } from '@/core/commands/intentions';
import type { Intention } from '@/core/model/plan';
import { firstList } from '@/core/model/workspace';
import { intentionsOfDay, intentionsOfWeek } from '@/core/plan/intentions';
import { dateWords } from '@/core/time/words';
import { session } from '@/state/session';
import { newId, store, useWorkspace } from '@/state/workspaceStore';
import { Button, IconButton } from '../Button';
import { CheckBox } from '../CheckBox';
import { Field } from '../Field';
import { readTitle } from '../readings';
import { Heading, Words } from '../Words';

/** What a day and its week are meant for, in lines without an hour. */
export function Intentions({ date }: { date: string }) {
  const workspace = useWorkspace();
  return (
    <View className="gap-6">
      <Part title="This week" span="week" date={date} intentions={intentionsOfWeek(workspace, date)} />
      <Part title={dateWords(date)} span="day" date={date} intentions={intentionsOfDay(workspace, date)} />
      <Words size="xs" tone="soft">
        A line takes no time and has no hour. “Make it a task” gives it an estimate and a place of its own.
      </Words>
    </View>
  );
}

type PartProps = {
  title: string;
  span: Intention['span'];
  date: string;
  intentions: readonly Intention[];
};

const Part = ({ title, span, date, intentions }: PartProps) => (
  <View className="gap-2">
    <Heading level={2}>{title}</Heading>
    {intentions.map((intention) => (
      <Line key={intention.id} intention={intention} />
    ))}
    <Field
      label={span === 'week' ? 'New for the week' : 'New for the day'}
      text=""
      read={readTitle}
      adding
      placeholder={span === 'week' ? 'Get the report out' : 'An hour by the river'}
      onSave={(text) => store.run(addIntention, { id: newId(), text, span, date, doneAt: null })}
    />
  </View>
);

/** Makes a task of an intention, in the first list. */
function toTask({ id, text }: Intention) {
  const { lists } = store.getState().workspace;
  const [list = firstList] = lists.values().sort((a, b) => a.rank - b.rank);
  const plain = { notes: '', estimate: null, priority: 'normal', due: null, doneAt: null } as const;
  const task = { id: newId(), listId: list.id, createdAt: session.now(), ...plain };
  store.run(intentionToTask, { id, trayId: newId(), task }, `${text} is a task in ${list.name}`);
}

function Line({ intention }: { intention: Intention }) {
  const { id, text, doneAt } = intention;
  const done = doneAt !== null;
  return (
    <View className="border-l-4 border-line pl-3">
      <View className="flex-row items-center gap-2">
        <View className="flex-1">
          <Field
            label={`Intention: ${text}`}
            hideLabel
            text={text}
            read={readTitle}
            onSave={(to) => store.run(editIntention, { id, text: to })}
          />
        </View>
        <IconButton
          label={`Delete ${text}`}
          icon="remove"
          onPress={() => store.run(deleteIntention, { id }, `Deleted ${text}`)}
        />
      </View>
      <View className="flex-row items-center justify-between">
        <CheckBox
          label="Done"
          says={`Done: ${text}`}
          checked={done}
          onToggle={() => store.run(editIntention, { id, doneAt: done ? null : session.now() })}
        />
        <Button
          label="Make it a task"
          says={`Make it a task: ${text}`}
          kind="quiet"
          onPress={() => toTask(intention)}
        />
      </View>
    </View>
  );
}
