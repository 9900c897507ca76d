import { derived, derivedByPart, groupedBy } from '../model/collection';
import type { Id } from '../model/common';
import type { Step, Task } from '../model/task';
import type { Workspace } from '../model/workspace';

const partsByWhole = groupedBy<Task>(({ partOf }) => partOf ?? '');

/** The tasks that a larger task was broken into, in the order in which they were made. */
export const partsOf = ({ tasks }: Workspace, id: Id): Task[] =>
  [...partsByWhole(tasks, id)].sort((a, b) => a.createdAt - b.createdAt || a.rank - b.rank);

const wholesByPart = derivedByPart<Task, Id[]>((tasks) =>
  [...tasks].flatMap(({ partOf, doneAt }) => (partOf && doneAt === null ? [partOf] : [])),
);
const wholes = derived<Task, Set<Id>>((tasks) => new Set(wholesByPart(tasks).flat()));

/** Whether a task is only the sum of its parts for now: some of them are open. */
export const isWhole = ({ tasks }: Workspace, id: Id): boolean => wholes(tasks).has(id);

/** What steps are estimated at together, in minutes; done ones too. */
export const stepMinutes = (steps: readonly Step[]): number =>
  steps.reduce((sum, { estimate }) => sum + (estimate ?? 0), 0);

/** Lengths of sittings (minutes) that a task of so many minutes is broken into: all as long as asked, the last what is left. */
export function sittings(minutes: number, each: number): number[] {
  const whole = Math.floor(minutes / each);
  const rest = minutes - whole * each;
  return [...Array.from({ length: whole }, () => each), ...(rest > 0 ? [rest] : [])];
}
