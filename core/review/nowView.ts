import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { pockets } from '../plan/placing';
import { timedThings, type Timed } from '../plan/things';
import { taskOf } from '../tasks/places';
import { toPlace } from '../tasks/toPlace';
import { MINUTE, lengthOf, type Span } from '../time/span';
import { dateOf, type Zone } from '../time/zone';

/** One line of what is left of a day: something with its hours, or a free pocket. */
export type NowItem = Timed | (Span & { readonly kind: 'pocket' });

export type NowView = {
  /** What the plan has for this moment. */
  readonly current: readonly Timed[];
  /** The next meeting or block of an open task today. */
  readonly next: Timed | undefined;
  /** Whole minutes until `next` starts. */
  readonly minutesToNext: number | undefined;
  /** Unplaced or trayed open tasks whose estimate fits before `next`, best use of the time first. */
  readonly fits: readonly Task[];
  /** What comes after now, pockets of 15 minutes or more included, by start. */
  readonly rest: readonly NowItem[];
};

const isOpen = (item: Timed) => item.kind !== 'block' || item.task.doneAt === null;

/** What is on now, what is next, what fits in before it, and the rest of the day. */
export function nowView(workspace: Workspace, zone: Zone, now: number): NowView {
  const today = dateOf(now, zone);
  const plan = dayPlan(workspace, today, zone);
  const items = timedThings(plan, workspace).filter(isOpen);
  const ahead = items.filter(({ from }) => from > now);
  const next = ahead[0];
  const minutesToNext = next && Math.ceil((next.from - now) / MINUTE);
  const gaps = pockets(workspace, today, zone, now)
    .filter((pocket) => lengthOf(pocket) >= 15)
    .map((pocket): NowItem => ({ kind: 'pocket', ...pocket }));
  return {
    current: items.filter(({ from, to }) => from <= now && now < to),
    next,
    minutesToNext,
    fits: minutesToNext === undefined ? [] : fitting(workspace, today, zone, now, minutesToNext),
    rest: [...ahead, ...gaps].sort((a, b) => a.from - b.from),
  };
}

function fitting(workspace: Workspace, today: string, zone: Zone, now: number, minutes: number): Task[] {
  const inTray = dayPlan(workspace, today, zone).tray.flatMap(
    ({ taskId }) => taskOf(workspace, taskId) ?? [],
  );
  return [...inTray.filter(({ doneAt }) => doneAt === null), ...toPlace(workspace, today, zone, now)]
    .filter(({ estimate }) => estimate !== null && estimate <= minutes)
    .slice(0, 3);
}
