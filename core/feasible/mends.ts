import type { Occurrence } from '../calendar/occurrences';
import { lengthenDay } from '../commands/frames';
import { hoursSaid, zonesOn, type ZoneOnDay } from '../frame/zones';
import type { ZoneChange } from '../model/frame';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { placesFor, STEP } from '../plan/placing';
import { roomOn, roomWithout, type DayRoom } from '../plan/room';
import { lastInstant } from '../tasks/deadline';
import { priorities } from '../tasks/order';
import { blocksIn, taskOf, tasksOfBlock } from '../tasks/places';
import { minutesTaken } from '../tasks/takes';
import { minutesOf } from '../time/span';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import { overfull, roomBetween } from './demand';
import type { Feasible, Need, Tight } from './feasible';

/*
 * The smallest changes that mend a stretch which cannot work. Each is tried on the figures before it is offered, so that what is
 * said of it is true.
 */

/** A change that helps. */
export type Change =
  /** A block that need not lie in the stretch moves behind it; `start` is an instant. */
  | { readonly kind: 'move'; readonly block: Block; readonly title: string; readonly start: number }
  /** A task need not wait for the day before which it is not to be begun. */
  | { readonly kind: 'earlier'; readonly task: Task }
  | { readonly kind: 'meeting'; readonly meeting: Occurrence }
  /** The hours of work of a day end later: a zone lasts longer, or one works more of them than was said. */
  | {
      readonly kind: 'longer';
      readonly date: IsoDate;
      readonly zone: Pick<ZoneChange, 'zoneId' | 'from' | 'minutes'> | null;
      readonly capacity: number | null;
      readonly minutes: number;
    }
  | { readonly kind: 'smaller'; readonly task: Task; readonly estimate: number }
  | { readonly kind: 'park'; readonly task: Task };

/** A change with how many minutes are short until then once it is made; 0 when it mends the stretch. */
export type Mend = { readonly change: Change; readonly left: number };

type Ground = {
  readonly workspace: Workspace;
  readonly found: Feasible;
  readonly tight: Tight;
  readonly zone: Zone;
  readonly now: number;
};

/** The best of each kind of change, those that mend the stretch first; no more than `most`. */
export function mendsOf(
  workspace: Workspace,
  found: Feasible,
  tight: Tight,
  zone: Zone,
  now: number,
  most = 6,
): Mend[] {
  const ground: Ground = { workspace, found, tight, zone, now };
  const tried = [
    ...best(moves(ground), 2),
    ...best(begunEarlier(ground), 1),
    ...best(meetingsAway(ground), 2),
    ...best(longerDays(ground), 1),
    ...best(smaller(ground), 1),
    ...best(parked(ground), 1),
  ].filter(({ left }) => left < tight.short);
  return tried.sort((a, b) => Number(a.left > 0) - Number(b.left > 0)).slice(0, most);
}

/** Those that leave least; of equal ones the first. */
const best = (mends: readonly Mend[], most: number): Mend[] =>
  [...mends].sort((a, b) => a.left - b.left).slice(0, most);

/** How many minutes are short until the end of the stretch, with other needs or other days. */
function shortWith(
  { found, tight }: Ground,
  { needs = found.needs, days = found.days }: Partial<Pick<Feasible, 'needs' | 'days'>>,
): number {
  const still = overfull(
    needs.filter(({ to }) => to <= tight.to),
    roomBetween(days),
  );
  return Math.max(0, ...still.map(({ short }) => short));
}

/** The same with other room on one of the days. */
const shortWithRoom = (ground: Ground, room: DayRoom): number =>
  shortWith(ground, {
    days: ground.found.days.map((day) => (day.day.from === room.day.from ? room : day)),
  });

/** Blocks in the stretch of what has more time, each to its first place behind it. */
function moves(ground: Ground): Mend[] {
  const { workspace, tight, zone, now } = ground;
  const { blocks, events } = workspace;
  const range = { from: Math.max(tight.from, now), to: tight.to };
  return blocksIn(workspace, range, zone).flatMap((block) => {
    const task = taskOf(workspace, block.taskId);
    const tasks = tasksOfBlock(block).flatMap((id) => taskOf(workspace, id) ?? []);
    const last = Math.min(...tasks.map((one) => lastInstant(one, events, zone)));
    // one that is in no collection is a time of something that repeats
    const stays = block.pinned || block.start < now || last <= tight.to || !blocks.has(block.id);
    if (!task || stays || task.doneAt !== null) return [];
    const bare = { ...workspace, blocks: blocks.with([], [block.id]) };
    const room = roomWithout(workspace, dateOf(block.start, zone), block.id, zone, now);
    const [place] = placesFor(bare, task, block.minutes, zone, tight.to, last, 1);
    return place && place.to <= last
      ? [
          {
            change: { kind: 'move', block, title: task.title, start: place.from },
            left: shortWithRoom(ground, room),
          },
        ]
      : [];
  });
}

const without = (needs: readonly Need[], { id }: Task): Need[] => needs.filter(({ task }) => task.id !== id);

function begunEarlier(ground: Ground): Mend[] {
  const { found, tight, now } = ground;
  const hidden = tight.needs
    .filter(({ from, task }) => from > now && task.notBefore)
    .sort((a, b) => a.minutes - b.minutes);
  return hidden.map((need) => {
    const needs = [...without(found.needs, need.task), { ...need, from: now }];
    return { change: { kind: 'earlier', task: need.task }, left: shortWith(ground, { needs }) };
  });
}

function meetingsAway(ground: Ground): Mend[] {
  const { workspace, found, tight, zone, now } = ground;
  return found.days.flatMap(({ day }) => {
    const date = dateOf(day.from, zone);
    const plan = dayPlan(workspace, date, zone);
    return plan.meetings
      .filter(({ busy, from, to }) => busy && from >= tight.from && to <= tight.to)
      .map((meeting) => ({
        change: { kind: 'meeting' as const, meeting },
        left: shortWithRoom(ground, roomWithout(workspace, date, meeting.id, zone, now)),
      }));
  });
}

/** The least that a day becomes longer by, and the most, in minutes. */
const LONGER = { least: 30, most: 180 };

/** A day that is longer by no more than helps: what lies behind its hours may be taken. */
function longerDays(ground: Ground): Mend[] {
  const { found, tight, zone } = ground;
  const wanted = Math.ceil(Math.max(tight.short, LONGER.least) / STEP) * STEP;
  const lengths = Array.from({ length: Math.min(wanted, LONGER.most) / STEP }, (_, i) => (i + 1) * STEP);
  return found.days
    .filter(({ day }) => day.to > tight.from && day.from < tight.to)
    .flatMap((room) => {
      const date = dateOf(room.day.from, zone);
      return best(
        lengths.flatMap((minutes) => longerBy(ground, date, room, minutes) ?? []),
        1,
      );
    });
}

function longerBy(ground: Ground, date: IsoDate, { free, most }: DayRoom, minutes: number): Mend | undefined {
  const { workspace, zone, now } = ground;
  const said = hoursSaid(workspace, date);
  // where one works less than the hours there are, more of them can be worked
  const longer = minutesOf(free) > most ? null : lastZoneLonger(workspace, date, minutes, zone);
  if (!longer && minutesOf(free) <= most) return undefined;
  const capacity = said === undefined ? null : said + minutes;
  const change = { kind: 'longer', date, zone: longer, capacity, minutes } as const;
  const room = roomOn(lengthenDay.apply(workspace, change), date, zone, now);
  return { change, left: shortWithRoom(ground, room) };
}

/** The last zone of work of a day, so many minutes longer. */
function lastZoneLonger(workspace: Workspace, date: IsoDate, minutes: number, zone: Zone) {
  const end = ({ spans }: ZoneOnDay) => spans.at(-1)?.to ?? 0;
  const [last] = zonesOn(workspace, date, zone)
    .filter((one) => one.zone.kind === 'work' && one.date === date && one.spans.length > 0)
    .sort((a, b) => end(b) - end(a));
  return last ? { zoneId: last.zone.id, from: last.from, minutes: last.minutes + minutes } : null;
}

/** What is told of an estimate that became smaller has to leave at least half of what was open. */
function smaller(ground: Ground): Mend[] {
  const { workspace, found, tight } = ground;
  if (workspace.settings.pace) return [];
  return tight.needs
    .filter(({ minutes, task }) => tight.short <= minutes / 2 && task.estimate !== null)
    .sort((a, b) => b.minutes - a.minutes)
    .map((need) => {
      const less = Math.ceil(tight.short / STEP) * STEP;
      const needs = [...without(found.needs, need.task), { ...need, minutes: need.minutes - less }];
      const estimate = minutesTaken(workspace, need.task) - less;
      return { change: { kind: 'smaller', task: need.task, estimate }, left: shortWith(ground, { needs }) };
    });
}

/** What matters least comes first, of that what takes least. */
function parked(ground: Ground): Mend[] {
  const { found, tight } = ground;
  const rank = ({ task: { priority } }: Need) => -priorities.indexOf(priority);
  return [...tight.needs]
    .sort((a, b) => rank(a) - rank(b) || a.minutes - b.minutes)
    .map(({ task }) => ({
      change: { kind: 'park', task },
      left: shortWith(ground, { needs: without(found.needs, task) }),
    }));
}
