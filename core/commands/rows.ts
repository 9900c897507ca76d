import type { TaskRow } from '../formats/taskRows';
import { categoryNamed, withCategories } from '../model/categories';
import type { Id } from '../model/common';
import { Hue } from '../model/common';
import { ListIcon, type TaskList } from '../model/task';
import type { Workspace } from '../model/workspace';
import { newTask } from '../tasks/newTask';
import { listNamed, usualList } from '../tasks/lists';
import { command } from './command';
import { addList } from './lists';
import { addTasks } from './tasks';
import { plainName } from '../model/names';

/** The names of lists that rows tell and that are not there yet, each once. */
export function newListsOf(rows: readonly TaskRow[], workspace: Pick<Workspace, 'lists'>): string[] {
  const names = new Map(rows.flatMap(({ list }) => (list === '' ? [] : [[plainName(list), list] as const])));
  return [...names.values()].filter((name) => !listNamed(workspace, name));
}

/** The hue and the icon that a new list gets: the next of each. */
const looksOf = ({ lists }: Workspace): Pick<TaskList, 'hue' | 'icon'> => ({
  hue: Hue.options[lists.size % Hue.options.length] ?? 'slate',
  icon: ListIcon.options[lists.size % ListIcon.options.length] ?? 'pen',
});

/** Adds a list by its name alone. */
export const addListNamed = command('add list', (workspace, { id, name }: { id: Id; name: string }) =>
  addList.apply(workspace, { id, name, ...looksOf(workspace) }),
);

type Rows = {
  readonly rows: readonly TaskRow[];
  /** An id for each row and its steps, and one for each list that is to be made. */
  readonly newId: () => Id;
  /** Whether lists that are not there are made; else their tasks wait in the inbox. */
  readonly makesLists: boolean;
  /** Epoch ms. */
  readonly at: number;
};

/** Adds the tasks of a table or a list in text, top first. */
export const addRows = command('add tasks', (workspace, { rows, newId, makesLists, at }: Rows) => {
  const names = makesLists ? newListsOf(rows, workspace) : [];
  const withLists = names.reduce((now, name) => addListNamed.apply(now, { id: newId(), name }), workspace);
  const ready = withCategories(
    withLists,
    rows.map(({ category }) => category),
  );
  const first = usualList(ready).id;
  const tasks = rows.map((row) => {
    const list = row.list === '' ? undefined : listNamed(ready, row.list);
    const category = categoryNamed(ready, row.category)?.id;
    const waits = !list && !row.due && !row.notBefore && !row.done;
    return newTask({
      id: newId(),
      title: row.title,
      notes: row.notes,
      listId: list?.id ?? first,
      createdAt: at,
      estimate: row.estimate,
      priority: row.priority,
      due: row.due,
      doneAt: row.done ? at : null,
      ...(category === undefined ? {} : { category }),
      ...(row.energy ? { energy: row.energy } : {}),
      ...(row.notBefore ? { notBefore: row.notBefore } : {}),
      ...(waits ? { inbox: true as const } : {}),
      ...(row.steps.length === 0
        ? {}
        : {
            steps: row.steps.map(({ title, done }) => ({
              id: newId(),
              title,
              doneAt: done ? at : null,
              estimate: null,
            })),
          }),
    });
  });
  return addTasks.apply(ready, { tasks });
});
