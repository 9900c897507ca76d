import { usualList } from '@/core/tasks/lists';
import { View } from 'react-native';
import { addIntention, deleteIntention, editIntention, intentionToTask } from '@/core/commands/intentions';
import type { Intention } from '@/core/model/plan';
import { intentionsOfDay, intentionsOfWeek } from '@/core/plan/intentions';
import { dateWords } from '@/core/time/words';
import { newTask } from '@/core/tasks/newTask';
import { here } from '@/state/here';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Heading, Words } from '@/ui/Words';

/** What a day and its week are meant for, in lines without an hour. */
export function Intentions({ date }: { date: string }) {
  const workspace = useWorkspace();
  return (
    <View className="gap-6">
      <Part title="This week" span="week" date={date} intentions={intentionsOfWeek(workspace, date)} />
      <Part
        title={dateWords(date, workspace.settings)}
        span="day"
        date={date}
        intentions={intentionsOfDay(workspace, date)}
      />
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
  const list = usualList(currentWorkspace());
  const task = newTask({ id: newId(), title: text, listId: list.id, createdAt: here().now });
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
            wraps
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
          onToggle={() => store.run(editIntention, { id, doneAt: done ? null : here().now })}
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
