import { useState } from 'react';
import { View } from 'react-native';
import { copyList, deleteList } from '@/core/commands/lists';
import type { TaskList } from '@/core/model/task';
import { dateWords } from '@/core/time/words';
import { here } from '@/state/here';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { readDay } from '@/ui/dayReadings';
import { Field, type Reading } from '@/ui/Field';
import { readTitle } from '@/ui/readings';

const readStart = (typed: string): Reading<string | null> => {
  if (typed.trim() === '') return { value: null };
  const reading = readDay(typed);
  return 'problem' in reading ? reading : { value: reading.value.date };
};

/** Asks for the name of a list that is made of another, as a project of the same kind, and when it begins. */
export function Duplicate({ list, onDone }: { list: TaskList; onDone: () => void }) {
  const { settings } = useWorkspace();
  const [from, setFrom] = useState<string | null>(null);
  const copy = (name: string) =>
    store.run(
      copyList,
      { id: list.id, name, from, newId, at: here().now },
      `${name} has the tasks of ${list.name}, all open`,
    ) && onDone();
  return (
    <View className="gap-2 py-1">
      <Field
        label="Its first day (without one its tasks have no days)"
        text={from === null ? '' : dateWords(from, settings)}
        read={readStart}
        placeholder="mon"
        onSave={setFrom}
      />
      <Field
        label={`Name of the list like ${list.name}`}
        text=""
        read={readTitle}
        adding
        placeholder={`${list.name}, spring`}
        onSave={(name) => void copy(name)}
      />
    </View>
  );
}

/** Asks what becomes of the tasks of a list that is deleted. */
export function Delete({
  list,
  count,
  others,
}: {
  list: TaskList;
  count: number;
  others: readonly TaskList[];
}) {
  const { id, name } = list;
  const [to, setTo] = useState(others[0]?.id ?? '');
  const heir = others.find((other) => other.id === to);
  const remove = () =>
    heir && store.run(deleteList, { id, tasksTo: heir.id }, `Deleted ${name}; its tasks are in ${heir.name}`);
  const removeAll = () =>
    heir &&
    store.run(
      deleteList,
      { id, tasksTo: heir.id, gone: { at: here().now } },
      `Deleted ${name} and its tasks`,
    );
  return (
    <View role="group" aria-label={`Delete ${name}`} className="gap-2 py-1">
      {count > 0 && (
        <Choice
          label="Its tasks go to"
          value={to}
          onChoose={setTo}
          options={others.map((other) => ({ value: other.id, name: other.name }))}
        />
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={count > 0 ? `Delete it, keep its tasks in ${heir?.name ?? ''}` : 'Delete it'}
          kind="danger"
          onPress={remove}
        />
        {count > 0 && (
          <Button
            label={`Delete it with ${count === 1 ? 'its task' : `its ${count} tasks`}`}
            kind="danger"
            onPress={removeAll}
          />
        )}
      </View>
    </View>
  );
}
