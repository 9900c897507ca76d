import { isMeantFor, zoneAround } from '../frame/belonging';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant } from '../tasks/deadline';
import { minutesTaken } from '../tasks/takes';
import { priorities } from '../tasks/order';
import { taskOf, trayOn } from '../tasks/places';
import { toPlace } from '../tasks/toPlace';
import { MINUTE, lengthOf, overlaps, subtract, type Span } from '../time/span';
import { dateOf, datesFrom, type Zone } from '../time/zone';
import { pockets, quarterFrom } from './placing';

/** How many days ahead freed time is looked for. */
const DAYS = 28;

/** Shorter stretches are not worth a word, in minutes. */
const LEAST = 15;

/** The pockets, from `now` on, that a change of the workspace has made or made longer. */
export function freedBy(before: Workspace, after: Workspace, zone: Zone, now: number): Span[] {
  const today = dateOf(now, zone);
  return datesFrom(today, DAYS).flatMap((date) => {
    const free = pockets(after, date, zone, now);
    const gained = subtract(free, pockets(before, date, zone, now)).filter((span) => lengthOf(span) >= LEAST);
    return free.filter((pocket) => gained.some((span) => overlaps(span, pocket)));
  });
}

/** A task for a pocket, where it would stand in it, and its place in the tray of that day. */
export type Filling = {
  readonly task: Task;
  readonly start: number;
  readonly minutes: number;
  readonly trayId: Id | undefined;
};

/**
 * What fits into a pocket whole and in time: what lies in the tray of its day, and the tasks without a place; by deadline, then
 * those that its zone is meant for, then by priority; no more than `most`. Each is offered at the pocket's first quarter hour.
 */
export function whatFits(workspace: Workspace, pocket: Span, zone: Zone, now: number, most = 5): Filling[] {
  const start = quarterFrom(pocket.from);
  const around = zoneAround(workspace, pocket, zone)?.zone;
  const isMeant = (task: Task) => around !== undefined && isMeantFor(around, task);
  const by = (task: Task) => lastInstant(task, workspace.events, zone);
  const inTray = trayOn(workspace, dateOf(pocket.from, zone), zone).flatMap(({ id, taskId }) => {
    const task = taskOf(workspace, taskId);
    return task?.doneAt === null ? [{ task, trayId: id }] : [];
  });
  const waiting = toPlace(workspace, dateOf(now, zone), zone, now).map((task) => ({
    task,
    trayId: undefined,
  }));
  return [...inTray, ...waiting]
    .map((one) => ({ ...one, start, minutes: minutesTaken(workspace, one.task), last: by(one.task) }))
    .filter(({ minutes, last }) => {
      const end = start + minutes * MINUTE;
      return end <= pocket.to && (end <= last || last <= now);
    })
    .sort(
      (a, b) =>
        (a.last === b.last ? 0 : a.last - b.last) ||
        Number(isMeant(b.task)) - Number(isMeant(a.task)) ||
        priorities.indexOf(a.task.priority) - priorities.indexOf(b.task.priority),
    )
    .slice(0, most)
    .map(({ task, trayId, minutes }) => ({ task, trayId, start, minutes }));
}
