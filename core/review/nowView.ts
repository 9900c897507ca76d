import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { pockets } from '../plan/placing';
import { snagsOn, type Snag } from '../plan/snags';
import { timedThings, type Timed } from '../plan/things';
import { taskOf } from '../tasks/places';
import { toPlace } from '../tasks/toPlace';
import { similarTook, type Took } from './similar';
import { MINUTE, lengthOf, type Span } from '../time/span';
import { dateOf, type Zone } from '../time/zone';

/** One line of what is left of a day: something with its hours, or a free pocket. */
export type NowItem = Timed | (Span & { readonly kind: 'pocket' });

/** A task that fits into a time: by what such tasks took, where that is known, else by its estimate. */
export type Fit = { readonly task: Task; readonly took: Took | undefined };

export type NowView = {
  /** What the plan has for this moment. */
  readonly current: readonly Timed[];
  /** The next meeting or block of an open task today. */
  readonly next: Timed | undefined;
  /** Whole minutes until `next` starts. */
  readonly minutesToNext: number | undefined;
  /** Unplaced or trayed open tasks that fit before `next`, best use of the time first. */
  readonly fits: readonly Fit[];
  /** What comes after now, pockets of 15 minutes or more included, by start. */
  readonly rest: readonly NowItem[];
  /** What is wrong in the order of the day, by the thing where it shows. */
  readonly snags: ReadonlyMap<NowItem, readonly Snag[]>;
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
    snags: snagsOn(items),
  };
}

/** How many of what waits are looked at, the most pressing first, and how many are told. */
const LOOKED_AT = 40;
const TOLD = 3;

function fitting(workspace: Workspace, today: string, zone: Zone, now: number, minutes: number): Fit[] {
  const inTray = dayPlan(workspace, today, zone).tray.flatMap(
    ({ taskId }) => taskOf(workspace, taskId) ?? [],
  );
  const waiting = [
    ...inTray.filter(({ doneAt }) => doneAt === null),
    ...toPlace(workspace, today, zone, now),
  ];
  return waiting
    .slice(0, LOOKED_AT)
    .map((task) => ({ task, took: similarTook(workspace, task, now) }))
    .filter(({ task, took }) => (took?.minutes ?? task.estimate ?? Infinity) <= minutes)
    .slice(0, TOLD);
}
