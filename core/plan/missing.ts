import { isMeantFor, stretchesWhere, type Work } from '../frame/belonging';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant } from '../tasks/deadline';
import { minutesTaken } from '../tasks/takes';
import { toPlace } from '../tasks/toPlace';
import { intersect, lengthOf, MINUTE, subtract, type Span } from '../time/span';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import { minutesSpent } from '../track/spent';
import { quarterFrom, STEP, type Fitted } from './placing';
import { roomFor, type Standing } from './targets';

/** The longest block that is made of what no task waits for, in minutes. */
const LONGEST = 180;

/** Minutes that are missing to some kind of work, and the tasks that count for it. */
export type Wanted = {
  readonly work: Work;
  readonly isOf: (task: Task) => boolean;
  readonly short: number;
};

/** What is missing to a target. */
export const wantedBy = ({ target: { category }, short }: Pick<Standing, 'target' | 'short'>): Wanted => ({
  work: { category, listId: '' },
  isOf: (task) => task.category === category,
  short,
});

/** What would fill it up: blocks on tasks that wait, and one for the work alone. Starts in epoch ms, lengths in minutes. */
export type Missing = {
  readonly places: readonly Fitted[];
  readonly rest: { readonly start: number; readonly minutes: number } | null;
};

const inQuarters = (minutes: number): number => Math.ceil(minutes / STEP) * STEP;

/** Free stretches of some days for a kind of work: those of the zones that are meant for it first, each from a quarter hour on. */
function roomInOrder(
  workspace: Workspace,
  work: Work,
  dates: readonly IsoDate[],
  zone: Zone,
  now: number,
): Span[] {
  const room = roomFor(workspace, work, dates, zone, now);
  const meant = dates.flatMap((date) =>
    stretchesWhere(workspace, date, zone, (one) => isMeantFor(one, work)),
  );
  return [...intersect(room, meant), ...subtract(room, meant)]
    .map(({ from, to }) => ({ from: quarterFrom(from), to }))
    .filter((span) => span.to - span.from >= STEP * MINUTE);
}

/** What of a task is still to be done, in whole quarter hours. */
const openMinutes = (workspace: Workspace, task: Task, now: number): number =>
  Math.max(STEP, inQuarters(minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now)));

/**
 * What fills up what is missing on some days: the tasks of that work that wait, the most pressing first, each with what it still
 * takes and before it is due, in the zones that are meant for it where they have room, until nothing is missing; what is
 * missing then is one block for the work alone, as far as there is room.
 */
export function fillMissing(
  workspace: Workspace,
  { work, isOf, short }: Wanted,
  dates: readonly IsoDate[],
  zone: Zone,
  now: number,
): Missing {
  let room = roomInOrder(workspace, work, dates, zone, now);
  let left = short;
  const places: Fitted[] = [];
  const waiting = toPlace(workspace, dateOf(now, zone), zone, now).filter(isOf);
  for (const task of waiting) {
    if (left <= 0) break;
    const minutes = openMinutes(workspace, task, now);
    const last = lastInstant(task, workspace.events, zone);
    // what is overdue goes to where there is room first
    const until = last > now ? last : Infinity;
    const place = room.find(({ from, to }) => Math.min(to, until) - from >= minutes * MINUTE);
    if (!place) continue;
    const taken = { from: place.from, to: place.from + minutes * MINUTE };
    places.push({ taskId: task.id, start: taken.from, minutes });
    room = room.flatMap((span) => subtract([span], [taken]));
    left -= minutes;
  }
  return { places, rest: left > 0 ? blockOf(left, room) : null };
}

/** One block in the first stretch that holds it, else in the longest. */
function blockOf(missing: number, room: readonly Span[]): Missing['rest'] {
  const wanted = Math.min(inQuarters(missing), LONGEST);
  const [longest] = [...room].sort((a, b) => lengthOf(b) - lengthOf(a));
  const place = room.find((span) => lengthOf(span) >= wanted) ?? longest;
  const most = place ? Math.floor(lengthOf(place) / STEP) * STEP : 0;
  return place && most > 0 ? { start: place.from, minutes: Math.min(wanted, most) } : null;
}
