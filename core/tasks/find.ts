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

/** What some tasks are estimated at together, in minutes. */
export const estimated = (tasks: readonly Task[]): number =>
  tasks.reduce((sum, { estimate }) => sum + (estimate ?? 0), 0);
