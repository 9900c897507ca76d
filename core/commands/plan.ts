import type { Id } from '../model/common';
import { groupedBy } from '../model/collection';
import type { Block, TrayItem } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { command, CommandFailed, existing, put, without } from './command';
import { commandOn } from './touching';
import { addTask } from './tasks';

const onDate = groupedBy<TrayItem>(({ date }) => date);

const dropTray = (workspace: Workspace, trayId: Id | undefined) =>
  trayId === undefined ? workspace : without(workspace, 'tray', [trayId]);

/** The workspace in which a task that is given a place has left the inbox. */
export function outOfInbox(workspace: Workspace, taskId: Id): Workspace {
  const { inbox, ...task } = existing(workspace.tasks, taskId, 'task');
  return inbox ? put(workspace, 'tasks', task) : workspace;
}

/** Puts a task onto an hour as a block; `trayId` is the tray item that it leaves, if it comes from a tray. */
export const placeTask = commandOn(
  'place',
  'taskId',
  (workspace, input: { id: Id; taskId: Id; start: number; minutes: number; trayId?: Id | undefined }) => {
    if (input.minutes < 1) throw new CommandFailed('A block needs at least one minute.');
    const { trayId, ...block } = input;
    return put(dropTray(outOfInbox(workspace, input.taskId), trayId), 'blocks', block);
  },
);

/** Adds a task and its block at once, as when hours are marked for something new; others may be placed in the same step. */
export const planNewTask = command('plan new task', (workspace, { task, block, others = [] }: NewPlan) =>
  [block, ...others].reduce(
    (before, place) => placeTask.apply(before, place),
    addTask.apply(workspace, task),
  ),
);

type NewPlan = {
  readonly task: Omit<Task, 'rank'>;
  readonly block: Block;
  readonly others?: readonly Block[];
};

/** Adds a task and puts it into the tray of a day at once. */
export const addTaskOn = command(
  'add task',
  (workspace, { task, trayId, date }: { task: Omit<Task, 'rank'>; trayId: Id; date: string }) =>
    putInTray.apply(addTask.apply(workspace, task), { id: trayId, taskId: task.id, date }),
);

type Placing = Parameters<typeof placeTask.apply>[1];
type Laying = Parameters<typeof putInTray.apply>[1];

/** Places several tasks in one step. */
export const placeAll = command('place', (workspace, { places }: { places: readonly Placing[] }) =>
  places.reduce(placeTask.apply, workspace),
);

/** Puts several tasks into trays in one step. */
export const layAll = command('put in the tray', (workspace, { items }: { items: readonly Laying[] }) =>
  items.reduce(putInTray.apply, workspace),
);

/** Moves a block to `start`, keeping its length unless a new one is given. */
export const moveBlock = commandOn(
  'move',
  'id',
  (workspace, { id, start, minutes }: { id: Id; start: number; minutes?: number }) => {
    const block = existing(workspace.blocks, id, 'block');
    if (minutes !== undefined && minutes < 1) throw new CommandFailed('A block needs at least one minute.');
    return put(workspace, 'blocks', { ...block, start, minutes: minutes ?? block.minutes });
  },
);

/** A block with the start (epoch ms) and the minutes that it gets. */
export type Moving = { readonly id: Id; readonly start: number; readonly minutes: number };

/** Moves several blocks in one step. */
export const moveAll = command('move', (workspace, { shifts }: { shifts: readonly Moving[] }) =>
  shifts.reduce(moveBlock.apply, workspace),
);

/** Gives a task one more block like one that it has, right after it. */
export const duplicateBlock = commandOn(
  'duplicate',
  'id',
  (workspace, { id, newId }: { id: Id; newId: Id }) => {
    const { taskId, start, minutes } = existing(workspace.blocks, id, 'block');
    return put(workspace, 'blocks', { id: newId, taskId, start: start + minutes * MINUTE, minutes });
  },
);

/** Takes a block off the plan; its task stays in its list. */
export const takeBlockOff = commandOn('take off', 'id', (workspace, { id }: { id: Id }) => {
  existing(workspace.blocks, id, 'block');
  return without(workspace, 'blocks', [id]);
});

/** Puts a task into the tray of a day, out of the block or the other tray that it lay in. A tray holds a task once. */
export const putInTray = commandOn(
  'put in the tray',
  'taskId',
  (
    workspace,
    input: { id: Id; taskId: Id; date: string; blockId?: Id | undefined; trayId?: Id | undefined },
  ) => {
    const { id, taskId, date } = input;
    const left = without(
      dropTray(outOfInbox(workspace, taskId), input.trayId),
      'blocks',
      input.blockId === undefined ? [] : [input.blockId],
    );
    const there = onDate(left.tray, date).some((item) => item.taskId === taskId);
    return there ? left : put(left, 'tray', { id, taskId, date });
  },
);

/** Takes a task out of a tray, back to its list only. */
export const takeFromTray = commandOn('take out of the tray', 'id', (workspace, { id }: { id: Id }) => {
  existing(workspace.tray, id, 'task in the tray');
  return dropTray(workspace, id);
});
