import { View } from 'react-native';
import { inRank } from '@/core/tasks/order';
import { addList, deleteList, editList, setListCategory, tasksOfList } from '@/core/commands/tasks';
import { categoriesOf } from '@/core/model/categories';
import { Hue } from '@/core/model/common';
import { ListIcon, type TaskList } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { IconChoice } from '../parts/IconChoice';
import { NamedRow } from '../parts/NamedRow';
import type { Panel, Panels } from '@/ui/panels';

/** The lists: rename, give a hue, an icon and a category, add, delete. */
export function Lists() {
  const lists = inRank(useWorkspace().lists);
  const next = {
    hue: Hue.options[lists.length % Hue.options.length] ?? 'slate',
    icon: ListIcon.options[lists.length % ListIcon.options.length] ?? 'pen',
  };
  return (
    <View className="gap-6">
      {lists.map((list) => (
        <ListRow key={list.id} list={list} heir={lists.find(({ id }) => id !== list.id)} />
      ))}
      <Field
        label="New list"
        text=""
        read={readTitle}
        adding
        placeholder="Permits"
        onSave={(name) => store.run(addList, { id: newId(), name, ...next }, `Added the list ${name}`)}
      />
    </View>
  );
}

function ListRow({ list, heir }: { list: TaskList; heir: TaskList | undefined }) {
  const { id, name, hue, icon, category } = list;
  const workspace = useWorkspace();
  const kinds = categoriesOf(workspace);
  const count = tasksOfList(workspace.tasks, id).length;
  const remove = heir && {
    label: `Delete ${name}; its tasks go to ${heir.name}`,
    press: () =>
      store.run(deleteList, { id, tasksTo: heir.id }, `Deleted ${name}; its tasks are in ${heir.name}`),
  };
  return (
    <NamedRow
      label={`List, ${count} ${count === 1 ? 'task' : 'tasks'}`}
      name={name}
      hue={hue}
      onChange={(changes) => store.tryTo(editList, { id, ...changes })}
      remove={remove}
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
      {heir === undefined && (
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
