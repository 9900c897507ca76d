import type { Habits } from '../estimates/habits';
import { randomFrom } from '../random';
import type { Workspace } from '../model/workspace';
import { MINUTE, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import type { Working } from '../working';
import { dayAhead, plannedEnd, plannedMinutes, type DayAhead } from './dayAhead';
import { disturbancesIn, type Disturbances } from './disturbances';
import { lotOf, normal } from './lots';

/** When a day is done, epoch ms: in half of the cases, and in four of five. */
export type DayEnd = {
  readonly date: IsoDate;
  /** As it is planned. */
  readonly planned: number;
  readonly half: number;
  readonly likely: number;
  /** By how many minutes the work of the day is more than planned, in as many cases; below 0 for less. */
  readonly moreWork: { readonly half: number; readonly likely: number };
};

/** How often a day is played through. */
const RUNS = 10_000;
/** Others get their turn after so many runs. */
const AT_ONCE = 500;

const LIKELY = 0.8;

const pick = (from: readonly number[], random: () => number): number =>
  from[Math.floor(random() * from.length)] ?? 0;

/** How long some work takes with what comes in between, which comes by chance (a Poisson process), in minutes. */
function withInterruptions(
  minutes: number,
  { perMinute, lengths }: Disturbances,
  random: () => number,
): number {
  let all = minutes;
  if (perMinute === 0 || lengths.length === 0) return all;
  const gap = () => -Math.log(1 - random()) / perMinute;
  for (let at = gap(); at < minutes; at += gap()) all += pick(lengths, random);
  return all;
}

/** Meetings as long as they turn out; none ends before it has begun, or before `now`. */
const asTheyRun = (
  meetings: readonly Span[],
  now: number,
  { over }: Disturbances,
  random: () => number,
): Span[] =>
  meetings.map(({ from, to }) => ({ from, to: Math.max(from, now, to + pick(over, random) * MINUTE) }));

/** Works from `at` on for so many minutes around meetings; returns when that is done. `meetings` by start. */
function workedUntil(at: number, minutes: number, meetings: readonly Span[]): number {
  let [now, left] = [at, minutes * MINUTE];
  for (const { from, to } of meetings) {
    if (to <= now) continue;
    const room = Math.max(0, from - now);
    if (left <= room) break;
    left -= room;
    now = to;
  }
  return now + left;
}

/** Minutes between two instants that no meeting takes. `meetings` by start. */
function freeBetween(from: number, to: number, meetings: readonly Span[]): number {
  let [free, at] = [0, from];
  for (const meeting of meetings) {
    if (meeting.from >= to) break;
    free += Math.max(0, meeting.from - at);
    at = Math.max(at, meeting.to);
  }
  return (free + Math.max(0, to - at)) / MINUTE;
}

/** One time that a day is played through: when it ends (epoch ms), and how many minutes of work it had. */
type Played = { readonly end: number; readonly work: number };

/** The planned work in its order, none before its time, around the meetings; what has no hour goes into the gaps, else after it. */
function played(
  { from: start, meetings, sittings }: DayAhead,
  habits: Habits,
  disturbances: Disturbances,
  random: () => number,
): Played {
  const off = normal(random);
  const busy = asTheyRun(meetings, start, disturbances, random);
  let [at, inGaps, work] = [start, 0, 0];
  for (const { from, minutes, ground, before } of sittings) {
    const own = ground ? Math.max(0, lotOf(ground, habits, off, random) - before) : minutes;
    const takes = withInterruptions(own, disturbances, random);
    work += takes;
    if (from === null) inGaps += takes;
    else at = workedUntil(Math.max(at, from), takes, busy);
  }
  const gaps = Math.max(0, freeBetween(start, at, busy) - (work - inGaps));
  const end = workedUntil(at, Math.max(0, inGaps - gaps), busy);
  return { end: Math.max(end, ...busy.map(({ to }) => to)), work };
}

/** What comes of a day that is played through many times, in order: the ends (epoch ms) and the minutes of work. */
export function* endsOfDay(
  day: DayAhead,
  habits: Habits,
  disturbances: Disturbances,
  seed: number,
  runs = RUNS,
): Working<{ readonly ends: Float64Array; readonly work: Float64Array }> {
  const [ends, work] = [new Float64Array(runs), new Float64Array(runs)];
  const random = randomFrom(seed);
  const meetings = [...day.meetings].sort((a, b) => a.from - b.from);
  for (let i = 0; i < runs; i += 1) {
    if (i % AT_ONCE === AT_ONCE - 1) yield i / runs;
    const one = played({ ...day, meetings }, habits, disturbances, random);
    ends[i] = one.end;
    work[i] = one.work;
  }
  return { ends: ends.sort(), work: work.sort() };
}

/** The value that a share of those in order do not exceed. */
export const atShare = (inOrder: Float64Array, share: number): number =>
  inOrder[Math.min(inOrder.length - 1, Math.floor(share * inOrder.length))] ?? 0;

export type DayEndsAsked = {
  readonly dates: readonly IsoDate[];
  readonly habits: Habits;
  readonly zone: Zone;
  /** Epoch ms. */
  readonly now: number;
  readonly seed: number;
};

/** When the days that ask for something are done, by what such work, meetings and interruptions took. */
export function* dayEndsOf(
  workspace: Workspace,
  { dates, habits, zone, now, seed }: DayEndsAsked,
): Working<DayEnd[]> {
  const disturbances = disturbancesIn(workspace, zone, now);
  const found: DayEnd[] = [];
  for (const date of dates) {
    const day = dayAhead(workspace, date, { habits, zone, now });
    if (day.sittings.length === 0) continue;
    const { ends, work } = yield* endsOfDay(day, habits, disturbances, seed);
    const planned = plannedMinutes(day);
    found.push({
      date,
      planned: plannedEnd(day),
      half: atShare(ends, 0.5),
      likely: atShare(ends, LIKELY),
      moreWork: { half: atShare(work, 0.5) - planned, likely: atShare(work, LIKELY) - planned },
    });
  }
  return found;
}
