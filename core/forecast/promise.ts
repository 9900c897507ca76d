import type { Habits } from '../estimates/habits';
import { overfull, roomBetween, shortBy, type Demand, type RoomBetween } from '../feasible/demand';
import { feasible, type Need } from '../feasible/feasible';
import type { Workspace } from '../model/workspace';
import { roomOn, type DayRoom } from '../plan/room';
import { kindOf } from '../tasks/takes';
import { lengthOf } from '../time/span';
import { dateOf, datesFrom, dayOf, type IsoDate, type Zone } from '../time/zone';
import type { Working } from '../working';
import { groundOfWork, lotOf } from './lots';
import { playedThrough } from './chances';

/** Work that somebody asks for. */
export type Request = {
  readonly title: string;
  /** What one thinks that it takes, in minutes. */
  readonly minutes: number;
  /** By when it is wanted (epoch ms); null where nobody has said. */
  readonly by: number | null;
  readonly category: string | null;
  /** In how many sittings it has to be done at most; null for as many as one likes. */
  readonly sittings: number | null;
};

/** A day by whose end something can be done, and in how many of a hundred cases. */
export type Promised = { readonly date: IsoDate; readonly chance: number };

/** A deadline that could not be held any more, and by how many minutes. */
export type Broken = { readonly at: number; readonly titles: readonly string[]; readonly short: number };

export type PromiseTold = {
  /** What such work takes: in half of the cases, and in four of five. */
  readonly middle: number;
  readonly likely: number;
  /** The earliest day by whose end it can be promised without breaking anything; null where there is none within eight weeks. */
  readonly earliest: Promised | null;
  /** What it would be by the instant at which it is wanted. */
  readonly wanted: { readonly chance: number; readonly breaks: readonly Broken[] } | null;
};

export type PromiseAsked = {
  readonly request: Request;
  readonly habits: Habits;
  readonly zone: Zone;
  /** Epoch ms. */
  readonly now: number;
  readonly seed: number;
};

/** How sure one has to be to promise something, how often it is played through, and for how many days. */
const SURE = 0.8;
const RUNS = 200;
const DAYS = 56;

/** What is needed, by how much that falls short by each deadline, and what the request takes, when it is played through once. */
type Run = {
  readonly needs: readonly Demand[];
  readonly before: ReadonlyMap<number, number>;
  readonly minutes: number;
};

/**
 * By when a request can be promised without breaking anything. It is played through some hundreds of times: all that is due, and the
 * request, take what such work took by one's habits; a day will do in a run if no stretch is then short of more than without the
 * request (see `overfull`). Each run has its own lots, the same for every day, so that a later day is never less sure.
 */
export function* promiseOf(
  workspace: Workspace,
  { request, habits, zone, now, seed }: PromiseAsked,
): Working<PromiseTold> {
  const dates = datesFrom(dateOf(now, zone), DAYS);
  const days = dates.map((date) => roomOn(workspace, date, zone, now));
  yield 0.3;
  const room = roomBetween(days);
  const { needs, due } = feasible(workspace, zone, now);
  const runs = runsOf(workspace, due, { request, habits, zone, now, seed }, room);
  yield 0.5;
  const by = (until: number) => chanceBy(runs, request, until, now, room, days);
  const first = firstWhere(dates.length, (i) => by(dayOf(dates[i] ?? '', zone).to) >= SURE);
  yield 0.9;
  const date = dates[first];
  const sorted = runs.map(({ minutes }) => minutes).sort((a, b) => a - b);
  const middle = sorted[Math.floor(RUNS / 2)] ?? request.minutes;
  return {
    middle,
    likely: sorted[Math.floor(RUNS * SURE)] ?? request.minutes,
    earliest: date === undefined ? null : { date, chance: hundredths(by(dayOf(date, zone).to)) },
    wanted:
      request.by === null
        ? null
        : {
            chance: hundredths(by(request.by)),
            breaks: brokenBy(needs, { from: now, to: request.by, minutes: middle }, request, room),
          },
  };
}

const hundredths = (share: number): number => Math.round(100 * share);

/** The first of so many that holds, where all after one that holds do, too; their number where none does. */
function firstWhere(count: number, holds: (i: number) => boolean): number {
  let [low, high] = [0, count];
  while (low < high) {
    const half = Math.floor((low + high) / 2);
    if (holds(half)) high = half;
    else low = half + 1;
  }
  return low;
}

function runsOf(workspace: Workspace, needs: readonly Need[], asked: PromiseAsked, room: RoomBetween): Run[] {
  const { request, habits, now, seed } = asked;
  const kind = kindOf({ category: request.category ?? undefined, listId: '' });
  const own = groundOfWork(habits, { kind, title: request.title, estimate: request.minutes });
  return playedThrough(workspace, needs, { habits, now, seed, runs: RUNS }).map(
    ({ needs: drawn, off, random }) => ({
      needs: drawn,
      before: shortBy(drawn, room),
      minutes: lotOf(own, habits, off, random),
    }),
  );
}

/** The share of the runs in which a request is done by an instant and everything else is no later than without it. */
function chanceBy(
  runs: readonly Run[],
  { sittings }: Request,
  until: number,
  now: number,
  room: RoomBetween,
  days: readonly DayRoom[],
): number {
  const stretches = days.flatMap(({ free }) =>
    free.map(({ from, to }) => lengthOf({ from, to: Math.min(to, until) })),
  );
  const holds = runs.filter(({ needs, before, minutes }) => {
    const each = sittings === null ? 0 : minutes / sittings;
    if (
      sittings !== null &&
      stretches.reduce((sum, long) => sum + Math.max(0, Math.floor(long / each)), 0) < sittings
    )
      return false;
    return newlyShort(needs, before, { from: now, to: until, minutes }, room).length === 0;
  });
  return holds.length / Math.max(1, runs.length);
}

/** The stretches that are short of more than before once something is added. */
const newlyShort = (
  needs: readonly Demand[],
  before: ReadonlyMap<number, number>,
  more: Demand,
  room: RoomBetween,
) => overfull([...needs, more], room).filter(({ to, short }) => short > (before.get(to) ?? 0) + 0.5);

/** What could not be held any more if it all took what it usually takes. */
const brokenBy = (needs: readonly Need[], more: Demand, { title }: Request, room: RoomBetween): Broken[] =>
  newlyShort(needs, shortBy(needs, room), more, room).map(({ to, short }) => ({
    at: to,
    short: Math.round(short),
    titles: [
      ...needs.filter((need) => need.to === to).map(({ task }) => task.title),
      ...(more.to === to ? [title] : []),
    ],
  }));
