import { Pressable, View } from 'react-native';
import { inRank } from '@/core/tasks/order';
import { addList, deleteList, editList, tasksOfList } from '@/core/commands/tasks';
import { Hue } from '@/core/model/common';
import { ListIcon, type TaskList } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Field } from '@/ui/Field';
import { swatch } from '@/ui/HueChoice';
import { Icon } from '@/ui/icons';
import { readTitle } from '@/ui/readings';
import { tabStop } from '@/ui/choiceKeys';
import { Words } from '@/ui/Words';
import { NamedRow } from '../parts/NamedRow';
import type { Panel, Panels } from '@/ui/panels';

/** The lists: rename, give a hue and an icon, add, delete. */
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
  const { id, name, hue, icon } = list;
  const tasks = useWorkspace().tasks;
  const count = tasksOfList(tasks, id).length;
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
      <View role="radiogroup" aria-label={`Icon of ${name}`} className="flex-row flex-wrap">
        {ListIcon.options.map((option) => (
          <Pressable
            key={option}
            role="radio"
            aria-checked={option === icon}
            tabIndex={tabStop(option === icon)}
            aria-label={option}
            onPress={() => store.run(editList, { id, icon: option })}
            className={swatch(option === icon)}
          >
            <Icon name={option} size={18} colour="edge" />
          </Pressable>
        ))}
      </View>
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
