import type { Id } from '../model/common';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { latenessWords } from '../tasks/deadline';
import { MINUTE } from '../time/span';
import { durationWords } from '../time/words';
import type { Zone } from '../time/zone';
import { DEFAULT_LENGTH } from './placing';

/** The tasks that a group block holds, in order. */
export const heldTasks = ({ holds = [] }: Block, tasks: Workspace['tasks']): Task[] =>
  holds.flatMap((id) => tasks.get(id) ?? []);

/** Everything that a block is there for: its own task and those it holds. */
export const tasksOfBlock = ({ taskId, holds = [] }: Block): Id[] => [taskId, ...holds];

/** What a held task takes of its block, in minutes. */
export const shareOf = ({ estimate }: Task): number => estimate ?? DEFAULT_LENGTH;

/** How the open tasks of a group fill its block: `40 of 60 min`, and by how much they no longer fit, or null. */
export function fillOf(block: Block, open: readonly Task[]): { said: string; over: string | null } {
  const asked = open.filter(({ doneAt }) => doneAt === null).reduce((sum, task) => sum + shareOf(task), 0);
  const over = asked - block.minutes;
  return {
    said: `${durationWords(asked)} of ${durationWords(block.minutes)}`,
    over: over > 0 ? `${durationWords(over)} more than fits` : null,
  };
}

/** Why one of the open tasks of a group comes too late at its block's end, or null. */
export function heldLateness(block: Block, { tasks, events }: Workspace, zone: Zone): string | null {
  const end = block.start + block.minutes * MINUTE;
  for (const task of heldTasks(block, tasks)) {
    const late = task.doneAt === null ? latenessWords(task, events, end, zone) : null;
    if (late) return `${task.title} ${late}`;
  }
  return null;
}
