import type { Id } from '../model/common';
import { categoryNamed, withCategories } from '../model/categories';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lowestRank, rankBetween } from '../tasks/order';
import { taskOf } from '../tasks/places';
import { command, existing, forget, put } from './command';
import { commandOn } from './touching';
import { stopRunning } from './track';

/**
 * Adds tasks on top of the person's own order, the first topmost, each in the category that its list has if it tells none.
 * Fails when a list is gone.
 */
export const addTasks = command(
  'add tasks',
  (workspace, { tasks }: { tasks: readonly Omit<Task, 'rank'>[] }) => {
    const top = lowestRank(workspace.tasks) - tasks.length;
    const ranked = tasks.map((task, i) => {
      const { category } = existing(workspace.lists, task.listId, 'list');
      return { ...(category === undefined ? {} : { category }), ...task, rank: top + i };
    });
    return put(workspace, 'tasks', ...ranked);
  },
);

/** Adds a task, as `addTasks` does. */
export const addTask = command('add task', (workspace, task: Omit<Task, 'rank'>) =>
  addTasks.apply(workspace, { tasks: [task] }),
);

/** What can be changed of a task, and of each time of a repeating one. A category is given by name; `''` means none. */
export type TaskWords = Partial<Pick<Task, 'title' | 'notes' | 'listId' | 'estimate' | 'priority'>> & {
  readonly categoryName?: string;
};

/** The words as a task keeps them: a category by its id, made first when it is new. */
export function withWords(
  workspace: Workspace,
  { categoryName, ...words }: TaskWords,
): {
  readonly known: Workspace;
  readonly words: Partial<Pick<Task, (keyof TaskWords & keyof Task) | 'category'>>;
} {
  if (categoryName === undefined) return { known: workspace, words };
  const known = withCategories(workspace, [categoryName]);
  return { known, words: { ...words, category: categoryNamed(known, categoryName)?.id } };
}

/** Changes some of a task's own words and numbers. */
export const editTask = commandOn(
  'edit',
  'id',
  (
    workspace,
    {
      id,
      due,
      neededBy,
      ...rest
    }: { id: Id } & TaskWords & Partial<Pick<Task, 'due' | 'neededBy' | 'energy' | 'steps' | 'notBefore'>>,
  ) => {
    const { known, words } = withWords(workspace, rest);
    const task = existing(known.tasks, id, 'task');
    return put(known, 'tasks', {
      ...task,
      ...words,
      // filed by hand, it need not wait in the inbox
      ...(rest.listId === undefined ? {} : { inbox: undefined }),
      ...(due === undefined ? {} : { due }),
      ...(neededBy === undefined ? {} : { neededBy }),
    });
  },
);

/** Says that no meeting needs a task any more. */
export const releaseFromMeeting = commandOn('edit', 'id', (workspace, { id }: { id: Id }) => {
  const { neededBy: _, ...task } = existing(workspace.tasks, id, 'task');
  return put(workspace, 'tasks', task);
});

/** Ticks a task off at an instant; a timer that runs on it stops. */
export const tickOff = commandOn('tick off', 'id', (workspace, { id, at }: { id: Id; at: number }) => {
  const task = existing(workspace.tasks, id, 'task');
  const ticked = put(workspace, 'tasks', { ...task, doneAt: at });
  return stopRunning(ticked, at, (entry) => entry.subject.kind === 'task' && entry.subject.taskId === id);
});

/** Takes a tick back. */
export const reopen = commandOn('untick', 'id', (workspace, { id }: { id: Id }) =>
  put(workspace, 'tasks', { ...existing(workspace.tasks, id, 'task'), doneAt: null }),
);

/** Deletes a task with its blocks; the time spent on it stays on record. */
export const deleteTask = commandOn('delete task', 'id', (workspace, { id, at }: { id: Id; at: number }) => {
  existing(workspace.tasks, id, 'task');
  const gone = forget(workspace, 'tasks', [id]);
  return stopRunning(gone, at, ({ subject }) => subject.kind === 'task' && subject.taskId === id);
});

/** Puts a task between two others in the person's own order; null is the end of the list. */
export const reorderTask = commandOn(
  'reorder',
  'id',
  (workspace, { id, before, after }: { id: Id; before: Id | null; after: Id | null }) => {
    const rankOf = (other: Id | null) => (other === null ? undefined : taskOf(workspace, other)?.rank);
    return put(workspace, 'tasks', {
      ...existing(workspace.tasks, id, 'task'),
      rank: rankBetween(rankOf(before), rankOf(after)),
    });
  },
);
