import type { Id } from '../model/common';
import { groupedBy } from '../model/collection';
import { categoryNamed, withCategories } from '../model/categories';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lowestRank, rankBetween } from '../tasks/order';
import { nextAfter, type Again } from '../tasks/again';
import { lastPlaceOf, taskOf } from '../tasks/places';
import { waitsOn } from '../tasks/waiting';
import { dateOf, type Zone } from '../time/zone';
import { command, CommandFailed, existing, forget, put } from './command';
import { commandOn } from './touching';
import { stopRunning } from './track';
import { entriesOf } from '../track/spent';

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
export type TaskWords = Partial<
  Pick<Task, 'title' | 'notes' | 'listId' | 'estimate' | 'priority' | 'leads' | 'dueLeads'>
> & {
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

/** What is kept of the estimate that a task was begun with, when it is changed for the first time after that. */
function firstEstimate(
  { entries }: Workspace,
  task: Task,
  estimate: number | null | undefined,
): Partial<Task> {
  const isKept =
    estimate !== undefined &&
    task.estimate !== null &&
    estimate !== task.estimate &&
    task.firstEstimate === undefined &&
    entriesOf(entries, { kind: 'task', taskId: task.id }).length > 0;
  return isKept && task.estimate !== null ? { firstEstimate: task.estimate } : {};
}

/** Two tasks cannot wait for each other, neither by themselves nor through others. */
function refuseCircle(workspace: Workspace, { id, title }: Task, waitsFor: readonly Id[] = []): void {
  const circle = waitsFor.find((other) => other === id || waitsOn(workspace, other, id));
  const other = circle === undefined ? undefined : taskOf(workspace, circle);
  if (other) throw new CommandFailed(`“${other.title}” waits for “${title}” already.`);
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
    }: { id: Id } & TaskWords &
      Partial<
        Pick<Task, 'due' | 'neededBy' | 'energy' | 'steps' | 'notBefore' | 'again' | 'waitsFor' | 'sitting'>
      >,
  ) => {
    const { known, words } = withWords(workspace, rest);
    const task = existing(known.tasks, id, 'task');
    refuseCircle(known, task, rest.waitsFor);
    return put(known, 'tasks', {
      ...task,
      ...words,
      ...firstEstimate(workspace, task, words.estimate),
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

/** What a task that comes again after it was done needs: ids for the new one and what is of it, and the person's zone. */
export type Next = { readonly newId: () => Id; readonly zone: Zone };

/** Ticks a task off at an instant; a timer that runs on it stops. One that comes again is there once more, if `next` is given. */
export const tickOff = commandOn(
  'tick off',
  'id',
  (workspace, { id, at, next }: { id: Id; at: number; next?: Next }) => {
    const task = existing(workspace.tasks, id, 'task');
    const ticked = put(workspace, 'tasks', { ...task, doneAt: at });
    const stopped = stopRunning(
      ticked,
      at,
      (entry) => entry.subject.kind === 'task' && entry.subject.taskId === id,
    );
    return task.again && next && task.doneAt === null
      ? withNext(stopped, task, task.again, at, next)
      : stopped;
  },
);

/** The workspace with the task that comes after one that was done at an instant, in the tray of its day if that had a place. */
function withNext(
  workspace: Workspace,
  task: Task,
  again: Again,
  at: number,
  { newId, zone }: Next,
): Workspace {
  const placed = lastPlaceOf(workspace, task.id) !== undefined;
  const { date, task: next } = nextAfter(task, again, dateOf(at, zone), placed, { newId, at });
  const added = addTask.apply(workspace, next);
  return placed ? put(added, 'tray', { id: newId(), taskId: next.id, date }) : added;
}

const followers = groupedBy<Task>(({ follows }) => follows ?? []);

/** Takes a tick back; the task that came after it, still to be done, goes. */
export const reopen = commandOn('untick', 'id', (workspace, { id }: { id: Id }) => {
  const open = followers(workspace.tasks, id).filter(({ doneAt }) => doneAt === null);
  const alone = forget(
    workspace,
    'tasks',
    open.map((task) => task.id),
  );
  return put(alone, 'tasks', { ...existing(alone.tasks, id, 'task'), doneAt: null });
});

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
