import { useRef, useState } from 'react';
import { View } from 'react-native';
import {
  archiveList,
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
import { here } from '@/state/here';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { elementOf, webProps } from '@/ui/dom';
import { Field } from '@/ui/Field';
import { Icon } from '@/ui/icons';
import { readTitle } from '@/ui/readings';
import { goesBefore, useReorder } from '@/ui/useReorder';
import { Words } from '@/ui/Words';
import { IconChoice } from '../parts/IconChoice';
import { NamedRow } from '../parts/NamedRow';
import { Delete, Duplicate } from './ListActs';
import { openPanel, type Panel, type Panels } from '@/ui/panels';

/** The lists: rename, give a hue, an icon and a category, order, add, duplicate, archive, delete. */
export function Lists() {
  const workspace = useWorkspace();
  const lists = openLists(workspace);
  const around = useRef<HTMLElement | null>(null);
  const held = useReorder(around, {
    axis: 'y',
    onMove: (id, to) => store.run(moveList, { id, by: to - lists.findIndex((list) => list.id === id) }),
  });
  const before = goesBefore(
    lists.map(({ id }) => id),
    held,
  );
  const archived = inRank(workspace.lists).filter(({ archivedAt }) => archivedAt !== undefined);
  return (
    <View className="gap-6" ref={(view) => void (around.current = elementOf(view))}>
      {lists.map((list, i) => (
        <View key={list.id} {...webProps({ dataSet: { item: list.id } })}>
          {before === i && <Mark />}
          <ListRow list={list} lists={lists} held={held?.id === list.id} />
          {before === lists.length && i === lists.length - 1 && <Mark />}
        </View>
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

/** Where the list that is held would go. */
const Mark = () => <View className="-mb-0.5 h-0.5 bg-pine" />;

type Opened = 'duplicate' | 'delete' | null;

type RowProps = { list: TaskList; lists: readonly TaskList[]; held: boolean };

function ListRow({ list, lists, held }: RowProps) {
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
      <View className={`flex-row flex-wrap items-center ${held ? 'opacity-50' : ''}`}>
        {others.length > 0 && (
          <View
            aria-hidden
            {...webProps({ dataSet: { grip: id } })}
            className="h-[44px] w-[44px] cursor-grab touch-manipulation items-center justify-center lg:w-9"
          >
            <Icon name="grip" size={18} colour="ink-soft" />
          </View>
        )}
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
          label="Looking ahead…"
          says={`Looking ahead… ${name}`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'outlook', project: { kind: 'list', id } })}
        />
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

declare module '@/ui/panels' {
  interface Panels {
    lists: object;
  }
}

export const lists: Panel<Panels['lists']> = { useTitle: () => 'Lists', Content: Lists };
