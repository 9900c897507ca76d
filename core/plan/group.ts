import type { Id } from '../model/common';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lengthOfTask } from '../tasks/newTask';
import { taskOf } from '../tasks/places';
import { durationWords } from '../time/words';

/** The tasks that a group block holds, in order. */
export const heldTasks = ({ holds = [] }: Block, workspace: Workspace): Task[] =>
  holds.flatMap((id) => taskOf(workspace, id) ?? []);

/** How many minutes the open ones of some tasks ask of a group. */
export const askedBy = (tasks: readonly Task[]): number =>
  tasks.filter(({ doneAt }) => doneAt === null).reduce((sum, task) => sum + lengthOfTask(task), 0);

/** How the open tasks of a group fill its block: `40 min of 1 h`. */
export const fillWords = (block: Block, tasks: readonly Task[]): string =>
  `${durationWords(askedBy(tasks))} of ${durationWords(block.minutes)}`;

/** Whether a task can be put into a block: it holds others, and neither is this one's nor holds it already. */
export const takesIn = (block: Block, taskId: Id): boolean =>
  block.holds !== undefined && block.taskId !== taskId && !block.holds.includes(taskId);
