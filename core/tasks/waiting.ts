import { groupedBy } from '../model/collection';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { partsOf } from './parts';
import { taskOf } from './places';

/*
 * What has to be done before what: a task waits for those that it names, and a part of a larger one for the part before it.
 */

/** The open tasks that a task waits for; what is done, parked or gone holds nothing up. */
export function waitedFor(workspace: Workspace, { id, partOf, waitsFor = [] }: Task): Task[] {
  const parts = partOf === undefined ? [] : partsOf(workspace, partOf);
  const before = parts[parts.findIndex((part) => part.id === id) - 1];
  const named = waitsFor.flatMap((other) => taskOf(workspace, other) ?? []);
  return [...new Set([...named, ...(before ? [before] : [])])].filter(
    ({ doneAt, parked }) => doneAt === null && !parked,
  );
}

const waiting = groupedBy<Task>(({ waitsFor = [] }) => waitsFor);

/** The tasks that name one as what they wait for. */
export const waitingOn = ({ tasks }: Workspace, id: Id): readonly Task[] => waiting(tasks, id);

/** Whether a task waits for another, itself or through others. */
export function waitsOn(workspace: Workspace, id: Id, other: Id): boolean {
  const found = new Set([id]);
  for (const one of found) {
    const task = taskOf(workspace, one);
    for (const next of task ? waitedFor(workspace, task) : []) {
      if (next.id === other) return true;
      found.add(next.id);
    }
  }
  return false;
}

/** Those of some tasks by what they wait for: each after all that it waits for; in a circle one of them comes first all the same. */
export function inTurn(workspace: Workspace, tasks: readonly Task[]): Task[] {
  const among = new Map(tasks.map((task) => [task.id, task]));
  const ordered = new Set<Task>();
  const begun = new Set<Task>();
  const take = (task: Task): void => {
    if (begun.has(task)) return;
    begun.add(task);
    for (const { id } of waitedFor(workspace, task)) {
      const before = among.get(id);
      if (before) take(before);
    }
    ordered.add(task);
  };
  for (const task of tasks) take(task);
  return [...ordered];
}
