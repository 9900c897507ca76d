import { useState } from 'react';
import { View } from 'react-native';
import {
  archiveList,
  copyList,
  deleteList,
  editList,
  moveList,
  setListCategory,
  takeUpList,
  tasksOfList,
} from '@/core/commands/lists';
import { addListNamed } from '@/core/commands/rows';
import { categoriesOf } from '@/core/model/categories';
import type { TaskList } from '@/core/model/task';
import { openLists } from '@/core/tasks/lists';
import { inRank } from '@/core/tasks/order';
import { dateWords } from '@/core/time/words';
import { here } from '@/state/here';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { readDay } from '@/ui/dayReadings';
import { Field, type Reading } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { IconChoice } from '../parts/IconChoice';
import { NamedRow } from '../parts/NamedRow';
import type { Panel, Panels } from '@/ui/panels';

/** The lists: rename, give a hue, an icon and a category, order, add, duplicate, archive, delete. */
export function Lists() {
  const workspace = useWorkspace();
  const lists = openLists(workspace);
  const archived = inRank(workspace.lists).filter(({ archivedAt }) => archivedAt !== undefined);
  return (
    <View className="gap-6">
      {lists.map((list) => (
        <ListRow key={list.id} list={list} lists={lists} />
      ))}
      <Field
        label="New list"
        text=""
        read={readTitle}
        adding
        placeholder="Permits"
        onSave={(name) => store.run(addListNamed, { id: newId(), name }, `Added the list ${name}`)}
      />
      {archived.length > 0 && (
        <View role="group" aria-label="Archived lists" className="gap-1 border-t border-line pt-3">
          <Words size="xs" tone="soft">
            Archived
          </Words>
          {archived.map(({ id, name }) => (
            <View key={id} className="flex-row items-center justify-between gap-2">
              <Words>{name}</Words>
              <Button
                label="Take it up"
                says={`Take up ${name}`}
                kind="quiet"
                onPress={() => store.run(takeUpList, { id }, `${name} is in use again, with its tasks`)}
              />
            </View>
          ))}
        </View>
      )}
    </View>
  );
}

type Opened = 'duplicate' | 'delete' | null;

function ListRow({ list, lists }: { list: TaskList; lists: readonly TaskList[] }) {
  const { id, name, hue, icon, category } = list;
  const workspace = useWorkspace();
  const [opened, setOpened] = useState<Opened>(null);
  const open = (what: Opened) => setOpened(opened === what ? null : what);
  const kinds = categoriesOf(workspace);
  const tasks = tasksOfList(workspace.tasks, id);
  const waiting = tasks.filter(({ doneAt }) => doneAt === null).length;
  const at = lists.indexOf(list);
  const others = lists.filter((other) => other.id !== id);
  const parked =
    waiting === 0 ? '' : `; ${waiting === 1 ? 'its open task is' : `its ${waiting} open tasks are`} parked`;
  return (
    <NamedRow
      label={`List, ${tasks.length} ${tasks.length === 1 ? 'task' : 'tasks'}`}
      name={name}
      hue={hue}
      onChange={(changes) => store.tryTo(editList, { id, ...changes })}
    >
      <IconChoice of={name} value={icon} onChoose={(to) => store.run(editList, { id, icon: to })} />
      {kinds.length > 0 && (
        <Choice
          label="Its new tasks are"
          value={category ?? ''}
          onChoose={(to) => store.run(setListCategory, { id, category: to === '' ? null : to })}
          options={[
            { value: '', name: 'In no category' },
            ...kinds.map((kind) => ({ value: kind.id, name: kind.name })),
          ]}
        />
      )}
      <View className="flex-row flex-wrap items-center">
        {at > 0 && (
          <IconButton
            label={`${name}: further up`}
            icon="up"
            onPress={() => store.run(moveList, { id, by: -1 })}
          />
        )}
        {at < lists.length - 1 && (
          <IconButton
            label={`${name}: further down`}
            icon="down"
            onPress={() => store.run(moveList, { id, by: 1 })}
          />
        )}
        <Button
          label="Duplicate…"
          says={`Duplicate… ${name}`}
          kind="quiet"
          onPress={() => open('duplicate')}
        />
        {others.length > 0 && (
          <>
            <Button
              label="Archive"
              says={`Archive ${name}`}
              kind="quiet"
              onPress={() => store.run(archiveList, { id, ...here() }, `${name} is archived${parked}`)}
            />
            <Button label="Delete…" says={`Delete… ${name}`} kind="quiet" onPress={() => open('delete')} />
          </>
        )}
      </View>
      {opened === 'duplicate' && <Duplicate list={list} onDone={() => setOpened(null)} />}
      {opened === 'delete' && <Delete list={list} count={tasks.length} others={others} />}
      {others.length === 0 && (
        <Words size="xs" tone="soft">
          The last list stays.
        </Words>
      )}
    </NamedRow>
  );
}

const readStart = (typed: string): Reading<string | null> => {
  if (typed.trim() === '') return { value: null };
  const reading = readDay(typed);
  return 'problem' in reading ? reading : { value: reading.value.date };
};

/** Asks for the name of a list that is made of another, as a project of the same kind, and when it begins. */
function Duplicate({ list, onDone }: { list: TaskList; onDone: () => void }) {
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
        text={from === null ? '' : dateWords(from)}
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
function Delete({ list, count, others }: { list: TaskList; count: number; others: readonly TaskList[] }) {
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

declare module '@/ui/panels' {
  interface Panels {
    lists: object;
  }
}

export const lists: Panel<Panels['lists']> = { useTitle: () => 'Lists', Content: Lists };
