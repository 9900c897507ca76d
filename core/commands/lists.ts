import { groupedBy } from '../model/collection';
import type { Id } from '../model/common';
import type { Due, Task, TaskList } from '../model/task';
import { asNew, type Copying } from '../tasks/again';
import { openLists } from '../tasks/lists';
import { highestRank, inRank } from '../tasks/order';
import { addDays, daysBetween, type Zone } from '../time/zone';
import { park, takeUp } from './clarify';
import { command, CommandFailed, existing, forget, put } from './command';
import { addTask, deleteTask } from './tasks';

export const addList = command('add list', (workspace, list: Omit<TaskList, 'rank'>) =>
  put(workspace, 'lists', { ...list, rank: highestRank(workspace.lists) + 1 }),
);

export const editList = command(
  'edit list',
  (workspace, { id, ...changes }: { id: Id } & Partial<Pick<TaskList, 'name' | 'hue' | 'icon'>>) =>
    put(workspace, 'lists', { ...existing(workspace.lists, id, 'list'), ...changes }),
);

/** Says of which category the new tasks of a list are, or of none (null). */
export const setListCategory = command(
  'edit list',
  (workspace, { id, category }: { id: Id; category: Id | null }) => {
    const { category: _, ...list } = existing(workspace.lists, id, 'list');
    return put(workspace, 'lists', category === null ? list : { ...list, category });
  },
);

/** All tasks of a list, done ones too. */
export const tasksOfList = groupedBy<Task>(({ listId }) => listId);

/** Deletes a list; its tasks go to the list `tasksTo`, or are deleted as well. The last list stays. */
export const deleteList = command(
  'delete list',
  (
    workspace,
    { id, tasksTo, gone = null }: { id: Id; tasksTo: Id; gone?: { readonly at: number } | null },
  ) => {
    existing(workspace.lists, id, 'list');
    existing(workspace.lists, tasksTo, 'list');
    if (id === tasksTo) throw new CommandFailed('The last list cannot be deleted.');
    const own = tasksOfList(workspace.tasks, id);
    const kept = gone
      ? own.reduce((now, task) => deleteTask.apply(now, { id: task.id, at: gone.at }), workspace)
      : put(workspace, 'tasks', ...own.map((task) => ({ ...task, listId: tasksTo })));
    const repeating = kept.repeats.values().filter(({ listId }) => listId === id);
    const all = put(
      kept,
      'repeats',
      ...repeating.map((repeatingTask) => ({ ...repeatingTask, listId: tasksTo })),
    );
    return forget(all, 'lists', [id]);
  },
);

type Present = { readonly now: number; readonly zone: Zone };

/** Puts a list out of sight; its open tasks are parked until it is taken up again. The last list in use stays. */
export const archiveList = command('archive list', (workspace, { id, ...present }: { id: Id } & Present) => {
  const list = existing(workspace.lists, id, 'list');
  if (openLists(workspace).every((other) => other.id === id))
    throw new CommandFailed('The last list cannot be archived.');
  const open = tasksOfList(workspace.tasks, id).filter(({ doneAt, parked }) => doneAt === null && !parked);
  const parked = park.apply(workspace, { ids: open.map((task) => task.id), until: null, ...present });
  return put(parked, 'lists', { ...list, archivedAt: present.now });
});

/** Takes a list up again, with the tasks that were parked along with it. */
export const takeUpList = command('take up list', (workspace, { id }: { id: Id }) => {
  const { archivedAt, ...list } = existing(workspace.lists, id, 'list');
  const along = tasksOfList(workspace.tasks, id).filter(({ parked }) => parked?.at === archivedAt);
  return put(takeUp.apply(workspace, { ids: along.map((task) => task.id) }), 'lists', list);
});

/** Moves a list by so many places among those in use, down or (below 0) up. */
export const moveList = command('move list', (workspace, { id, by }: { id: Id; by: number }) => {
  const open = openLists(workspace);
  const other = open[open.findIndex((list) => list.id === id) + by];
  if (!other) return workspace;
  const ids = inRank(workspace.lists).map((list) => list.id);
  const [from, to] = [ids.indexOf(id), ids.indexOf(other.id)];
  ids.splice(to, 0, ...ids.splice(from, 1));
  // ranks anew, as some lists may have the same
  return put(
    workspace,
    'lists',
    ...ids.map((each, rank) => ({ ...existing(workspace.lists, each, 'list'), rank })),
  );
});

/** Adds a task once more, above the others. */
export const copyTask = command('duplicate task', (workspace, { id, ...copying }: { id: Id } & Copying) =>
  addTask.apply(workspace, asNew(existing(workspace.tasks, id, 'task'), copying)),
);

/**
 * Adds a list once more under a name, with all its tasks as new ones, done ones too. Their days move along, so that the
 * first of them falls on `from`; without one they have none. The meetings that need them stay with the old ones.
 */
export const copyList = command(
  'duplicate list',
  (workspace, { id, name, from, ...copying }: { id: Id; name: string; from: string | null } & Copying) => {
    const { archivedAt: _, ...list } = existing(workspace.lists, id, 'list');
    const tasks = [...tasksOfList(workspace.tasks, id)].sort((a, b) => b.rank - a.rank);
    const days = tasks.flatMap(({ due, notBefore }) => [due, notBefore].flatMap((day) => day?.date ?? []));
    const first = days.sort()[0];
    const moved = (day: Due | null | undefined): Due | null =>
      day && first !== undefined && from !== null
        ? { ...day, date: addDays(from, daysBetween(first, day.date)) }
        : null;
    const copies = tasks.map((task) => ({ task, copy: asNew(task, copying) }));
    const newIds = new Map(copies.map(({ task, copy }) => [task.id, copy.id]));
    const listId = copying.newId();
    return copies.reduce(
      (now, { task, copy }) =>
        addTask.apply(now, {
          ...copy,
          listId,
          due: moved(task.due),
          notBefore: moved(task.notBefore) ?? undefined,
          neededBy: undefined,
          partOf: newIds.get(task.partOf ?? ''),
        }),
      addList.apply(workspace, { ...list, id: listId, name }),
    );
  },
);
