import type { Id } from '../model/common';
import { rememberedPer } from '../model/remember';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';

const plain = rememberedPer(({ title }: Task) => title.toLowerCase());

/** The tasks of a list (null for all) whose title, or the name of whose list, holds what is typed. */
export function findTasks(
  tasks: readonly Task[],
  { lists }: Workspace,
  typed: string,
  listId: Id | null,
): Task[] {
  const words = typed.trim().toLowerCase();
  const named = new Set(
    lists.values().flatMap(({ id, name }) => (name.toLowerCase().includes(words) ? id : [])),
  );
  return tasks.filter(
    (task) =>
      (listId === null || task.listId === listId) && (named.has(task.listId) || plain(task).includes(words)),
  );
}

/** What some tasks are estimated at together, in minutes; one that stands there with its parts is counted by them; `minutesOf` where each counts otherwise. */
export function estimated<T extends Pick<Task, 'id' | 'partOf' | 'estimate'>>(
  tasks: readonly T[],
  minutesOf: (task: T) => number | null = ({ estimate }) => estimate,
): number {
  const wholes = new Set(tasks.flatMap(({ partOf }) => partOf ?? []));
  return tasks.reduce((sum, task) => sum + (wholes.has(task.id) ? 0 : (minutesOf(task) ?? 0)), 0);
}

/** Those that have no estimate, but for what repeats: that has one for all its times. */
export const unestimated = (tasks: readonly Task[]): Task[] =>
  tasks.filter(({ estimate, repeats }) => estimate === null && !repeats);
