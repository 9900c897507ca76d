import { median } from '../median';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant } from '../tasks/deadline';
import { MINUTE, type Span } from '../time/span';
import type { Zone } from '../time/zone';
import { minutesSpent } from '../track/spent';

/** How tasks that were finished came out: against their estimates, in minutes, and against the time by which they were due. */
export type Ends = {
  readonly finished: number;
  /** Those that took longer than estimated, and those that took less, with by how much together. */
  readonly over: { readonly count: number; readonly minutes: number };
  readonly under: { readonly count: number; readonly minutes: number };
  /** Those finished after they were due, and those before, with by how much the median one. */
  readonly late: { readonly count: number; readonly minutes: number };
  readonly early: { readonly count: number; readonly minutes: number };
};

const sum = (numbers: readonly number[]) => numbers.reduce((total, number) => total + number, 0);

/** The two sides of some signed differences: above and below 0, each told by what `tell` makes of them. */
const sides = (differences: readonly number[], tell: (minutes: readonly number[]) => number) =>
  [differences.filter((one) => one > 0), differences.filter((one) => one < 0).map((one) => -one)].map(
    (side) => ({ count: side.length, minutes: Math.round(tell(side)) }),
  );

/**
 * How tasks that were ticked off within a span came out, or those of them that are meant. What has an estimate and time
 * on record is compared with it; what had a due time, or a meeting that needed it, with the earlier of the two.
 */
export function endsIn(
  workspace: Workspace,
  range: Span,
  zone: Zone,
  now: number,
  isMeant: (task: Task) => boolean = () => true,
): Ends {
  const { tasks, entries, events } = workspace;
  const isWithin = ({ doneAt }: Task) => doneAt !== null && doneAt >= range.from && doneAt < range.to;
  const finished = tasks.values().filter((task) => isWithin(task) && isMeant(task));
  const none = { count: 0, minutes: 0 };
  const beyond = finished.flatMap(({ id, estimate }) => {
    const spent = estimate === null ? 0 : minutesSpent(entries, id, now);
    return estimate === null || spent === 0 ? [] : [spent - estimate];
  });
  const after = finished.flatMap((task) => {
    const last = lastInstant(task, events, zone);
    return last === Infinity || task.doneAt === null ? [] : [(task.doneAt - last) / MINUTE];
  });
  const [over = none, under = none] = sides(beyond, sum);
  const [late = none, early = none] = sides(after, median);
  return { finished: finished.length, over, under, late, early };
}
