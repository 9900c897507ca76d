import type { Id } from '../model/common';
import type { Block } from '../model/plan';
import { rememberedPer } from '../model/remember';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { roomOn, type DayRoom } from '../plan/room';
import { lastInstant, meetingNeeding } from '../tasks/deadline';
import { beginningOf } from '../tasks/inbox';
import { openOnes } from '../tasks/openTasks';
import { isWhole } from '../tasks/parts';
import { blocksIn, spanOfBlock, tasksOfBlock } from '../tasks/places';
import { minutesTaken } from '../tasks/takes';
import { inTurn, waitedFor } from '../tasks/waiting';
import { intersect, MINUTE, minutesOf } from '../time/span';
import { dateOf, datesFrom, dayOf, type IsoDate, type Zone } from '../time/zone';
import { minutesSpent } from '../track/spent';
import { overfull, roomBetween, type Demand, type Overfull } from './demand';

/** An open task that has to be done by some instant, and what of it still needs a place until then. */
export type Need = Demand & { readonly task: Task };

/** A stretch in which not all can be done that has to be, with what has to be done in it. */
export type Tight = Overfull & {
  /** What has to be done in it and still needs a place. */
  readonly needs: readonly Need[];
  /** The meeting that begins at its end and needs something of it, if one does. */
  readonly meeting: string | null;
};

/** Whether all can be done in time that has to be done within four weeks. */
export type Feasible = {
  /** The stretches that cannot work, one for each deadline that is not held, in order. */
  readonly tight: readonly Tight[];
  readonly needs: readonly Need[];
  /** The same with what has all its time planned already, and may still take longer. */
  readonly due: readonly Need[];
  /** How many of the needs have no estimate, and are counted with the usual length. */
  readonly unestimated: number;
  readonly days: readonly DayRoom[];
  /** What should have been done before now; it is in none of the sums. */
  readonly overdue: readonly Task[];
};

/** Deadlines further ahead than so many days are not looked at: too little is planned yet to say. */
const AHEAD = 28;

const known = rememberedPer((_: Workspace) => new Map<string, Feasible>());

/** Whether all can be done that is due: worked out once a minute for each state of the data. */
export function feasible(workspace: Workspace, zone: Zone, now: number): Feasible {
  const minute = Math.floor(now / MINUTE) * MINUTE;
  const key = `${zone} ${minute}`;
  const found = known(workspace).get(key) ?? workedOut(workspace, zone, minute);
  known(workspace).set(key, found);
  return found;
}

function workedOut(workspace: Workspace, zone: Zone, now: number): Feasible {
  const dates = datesFrom(dateOf(now, zone), AHEAD);
  const until = dayOf(dates.at(-1) ?? '', zone).to;
  const due = openOnes(workspace, dates[0] ?? '', zone).filter(
    (task) => lastInstant(task, workspace.events, zone) <= until && !isWhole(workspace, task.id),
  );
  const overdue = due.filter((task) => lastInstant(task, workspace.events, zone) <= now);
  const asked = needsOf(workspace, due, until, zone, now);
  const needs = asked.filter(({ minutes }) => minutes > 0);
  const last = asked.reduce((latest, { to }) => Math.max(latest, to), now);
  const days = dates
    .filter((date) => dayOf(date, zone).from < last)
    .map((date) => roomOn(workspace, date, zone, now));
  const found = overfull(needs, roomBetween(days));
  return {
    tight: found.map((stretch) => told(workspace, stretch, needs, zone)),
    needs,
    due: asked,
    days,
    unestimated: needs.filter(({ task }) => task.estimate === null).length,
    overdue,
  };
}

function told(workspace: Workspace, stretch: Overfull, all: readonly Need[], zone: Zone): Tight {
  const needs = all.filter(({ from, to }) => stretch.from <= from && to <= stretch.to);
  const meetings = needs.flatMap(({ task }) => meetingNeeding(task, workspace.events, zone) ?? []);
  const meeting = meetings.find(({ from }) => from === stretch.to)?.title ?? null;
  return { ...stretch, needs, meeting };
}

/**
 * What has to be done until an instant, with the minutes that have no place in time yet. What waits for something begins no earlier than that, and
 * what is waited for has to be done no later than what waits: with that the earliest deadline first does it in the right order.
 */
function needsOf(workspace: Workspace, due: readonly Task[], until: number, zone: Zone, now: number): Need[] {
  const turn = inTurn(workspace, withWaitedFor(workspace, due));
  const from = new Map<Id, number>();
  const to = new Map<Id, number>();
  for (const task of turn) {
    const own = task.notBefore ? beginningOf(task.notBefore, zone) : now;
    const before = waitedFor(workspace, task).map(({ id }) => from.get(id) ?? now);
    from.set(task.id, Math.max(now, own, ...before));
    to.set(task.id, lastInstant(task, workspace.events, zone));
  }
  for (const task of [...turn].reverse())
    for (const { id } of waitedFor(workspace, task))
      to.set(id, Math.min(to.get(id) ?? Infinity, to.get(task.id) ?? Infinity));
  const placed = placedUntil(workspace, until, zone, now);
  return turn.flatMap((task) => {
    const span = { from: from.get(task.id) ?? now, to: to.get(task.id) ?? Infinity };
    if (span.to <= now || span.to > until) return [];
    const blocks = placed.get(task.id) ?? [];
    const minutes = minutesOpen(workspace, task, blocks, span.to, now);
    return [{ ...span, minutes, task }];
  });
}

/** Some tasks with all that they wait for, themselves or through others. */
function withWaitedFor(workspace: Workspace, tasks: readonly Task[]): Task[] {
  const found = new Map(tasks.map((task) => [task.id, task]));
  for (const task of found.values())
    for (const before of waitedFor(workspace, task))
      if (!found.has(before.id) && !isWhole(workspace, before.id)) found.set(before.id, before);
  return [...found.values()];
}

/** The blocks that lie between now and an instant, by the tasks that they are for. */
function placedUntil(workspace: Workspace, until: number, zone: Zone, now: number): Map<Id, Block[]> {
  const found = new Map<Id, Block[]>();
  for (const block of blocksIn(workspace, { from: now, to: until }, zone))
    for (const id of tasksOfBlock(block)) found.set(id, [...(found.get(id) ?? []), block]);
  return found;
}

/** Minutes of a task that are neither spent nor planned between `now` and an instant; in a group that is in time it has its place. */
export function minutesOpen(
  workspace: Workspace,
  task: Task,
  blocks: readonly Block[],
  until: number,
  now: number,
): number {
  const inTime = blocks.filter(({ start }) => start < until);
  if (inTime.some(({ taskId }) => taskId !== task.id)) return 0;
  const left = minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now);
  return Math.max(0, left - minutesOf(intersect(inTime.map(spanOfBlock), [{ from: now, to: until }])));
}

/** The first stretch that cannot work of those that end on a day; undefined where all of that day's deadlines can be held. */
export function tightOn(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Tight | undefined {
  const { from, to } = dayOf(date, zone);
  return feasible(workspace, zone, now).tight.find((one) => from < one.to && one.to <= to);
}
