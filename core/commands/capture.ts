import type { QuickTask } from '../capture/quickTask';
import type { Id } from '../model/common';
import { lengthOfTask } from '../tasks/newTask';
import { command, put } from './command';
import { tie } from './goals';
import { repeatTask } from './repeating';
import { addListNamed } from './rows';
import { addTasks } from './tasks';

/** The task of a line, with ids for its place in the plan and for its repeating, if it has those. */
export type Captured = QuickTask & { readonly placeId: Id; readonly repeatId: Id };

type Lines = {
  readonly all: readonly Captured[];
  /** Lists that they go to and that are not there yet. */
  readonly lists?: readonly { readonly id: Id; readonly name: string }[];
};

/** Adds what typed lines say, top first: tasks with their blocks, their places in trays, and how they come again. */
export const addCaptured = command('add task', (workspace, { all, lists = [] }: Lines) => {
  const blocks = all.flatMap(({ task, goes, placeId }) =>
    goes?.kind === 'hours'
      ? [{ id: placeId, taskId: task.id, start: goes.start, minutes: goes.minutes }]
      : [],
  );
  const items = all.flatMap(({ task, goes, placeId }) =>
    goes?.kind === 'tray' ? [{ id: placeId, taskId: task.id, date: goes.date }] : [],
  );
  const withLists = lists.reduce((now, list) => addListNamed.apply(now, list), workspace);
  const added = addTasks.apply(withLists, { tasks: all.map(({ task }) => task) });
  const placed = put(put(added, 'blocks', ...blocks), 'tray', ...items);
  const tied = all.reduce(
    (now, { task, goalId }) =>
      goalId === undefined ? now : tie.apply(now, { goalId, kind: 'tasks', id: task.id }),
    placed,
  );
  return all.reduce((now, { task, comes, repeatId }) => {
    if (!comes) return now;
    return repeatTask.apply(now, {
      taskId: task.id,
      newId: repeatId,
      ...comes,
      minutes: lengthOfTask(task),
    });
  }, tied);
});
