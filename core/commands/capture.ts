import type { QuickTask } from '../capture/quickTask';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { lengthOfTask } from '../tasks/newTask';
import { command } from './command';
import { addTaskOn, planNewTask } from './plan';
import { addRepeating } from './repeating';
import { addTask } from './tasks';

/** The task of a line, with ids for its place in the plan and for its repeating, if it has those. */
export type Captured = QuickTask & { readonly placeId: Id; readonly repeatId: Id };

/** Adds what typed lines say, top first: tasks with their blocks, their places in trays, and how they come again. */
export const addCaptured = command('add task', (workspace, { all }: { all: readonly Captured[] }) =>
  [...all].reverse().reduce(added, workspace),
);

function added(workspace: Workspace, { task, goes, comes, placeId, repeatId }: Captured): Workspace {
  if (!goes) return addTask.apply(workspace, task);
  const own = { id: placeId, taskId: task.id };
  const place =
    goes.kind === 'tray' ? { ...own, date: goes.date } : { ...own, start: goes.start, minutes: goes.minutes };
  if (comes)
    return addRepeating.apply(workspace, {
      task,
      place,
      newId: repeatId,
      ...comes,
      minutes: lengthOfTask(task),
    });
  return 'start' in place
    ? planNewTask.apply(workspace, { task, block: place })
    : addTaskOn.apply(workspace, { task, trayId: place.id, date: place.date });
}
