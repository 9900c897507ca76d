import ICAL from 'ical.js';
import type { Span } from '../time/span';
import { instantOf, wallOf, type Zone } from '../time/zone';
import { commonDivisor, DAY, periodsOf, type Periods, type Wall } from './expand';

/** How far a rule is followed at a look. */
export type Limits = {
  /** It is cut after so many starts. */
  readonly starts: number;
  /** It is cut after so many of its periods. */
  readonly periods: number;
};
export const LIMITS: Limits = { starts: 2_000, periods: 100_000 };

/** The last wall time that UNTIL allows; one in UTC is told in the zone of the start (RFC 5545 3.3.10), a day is all of it. */
function lastOf(rule: ICAL.Recur, start: string, zone: Zone): Wall {
  if (!rule.until) return Infinity;
  const until = rule.until.toString();
  const day = until.slice(0, 10);
  if (start.length === 10) return secondsOf(day);
  if (until.length === 10) return secondsOf(`${day}T23:59:59`);
  return secondsOf(until.endsWith('Z') ? wallOf(instantOf(until.slice(0, -1), 'UTC'), zone) : until);
}

const LENGTHS: Readonly<Record<string, number>> = {
  SECONDLY: 1,
  MINUTELY: 60,
  HOURLY: 3600,
  DAILY: DAY,
  WEEKLY: 7 * DAY,
};

/** A wall time counted as if it were in UTC, so that it can be reckoned with, and back in the form of another. */
export const asUtc = (wall: string) => Date.parse(wall.length === 10 ? `${wall}T00:00:00Z` : `${wall}Z`);
export const asWall = (ms: number, like: string) => new Date(ms).toISOString().slice(0, like.length);

const TIMES = ['BYHOUR', 'BYMINUTE', 'BYSECOND'];
/** What has no say in months and years; only rules of years heed BYWEEKNO. */
const EVEN = new Set(['BYDAY', 'BYSETPOS', 'BYWEEKNO', ...TIMES]);

/**
 * The length after which the starts of a rule come again as they came before (seconds of wall time). Undefined where
 * months or years have a say, whose lengths differ, and where it would have more than so many periods.
 */
function roundOf(rule: ICAL.Recur, allDay: boolean, most: number): number | undefined {
  const unit = LENGTHS[rule.freq] ?? 0;
  const step = (allDay ? Math.max(unit, DAY) : unit) * (rule.interval || 1);
  const named = Object.keys(rule.parts);
  if (unit === 0 || named.some((name) => !EVEN.has(name))) return undefined;
  const atTimes = TIMES.some((name) => named.includes(name));
  const again = named.includes('BYDAY') ? 7 * DAY : atTimes ? DAY : step;
  const periods = again / commonDivisor(step, again);
  return periods <= most ? periods * step : undefined;
}

/** How many starts a rule has within its first stretch of so many seconds. */
function startsIn(length: number, periods: Periods, start: Wall): number {
  let count = 0;
  for (let period = 0; periods.beginOf(period) < start + length; period = periods.after(period))
    count += periods.startsOf(period).filter((wall) => wall >= start && wall < start + length).length;
  return count;
}

/** The starts of a rule with COUNT within a stretch of time; those before it are counted, by multiplication if that goes. */
function counted(rule: ICAL.Recur, start: Wall, allDay: boolean, range: Span, most: Limits): Wall[] {
  const all = periodsOf(rule, start, allDay);
  // a start that the rule does not meet is one of those that COUNT counts
  let left = (rule.count ?? 0) - (all.startsOf(0).includes(start) ? 0 : 1);
  const round = roundOf(rule, allDay, most.periods);
  const rounds = round ? Math.max(0, Math.floor((range.from - start) / round) - 1) : 0;
  if (round && rounds > 0) left -= rounds * startsIn(round, all, start);
  const from = start + rounds * (round ?? 0);
  const periods = periodsOf(rule, from, allDay);
  const found: Wall[] = [];
  for (let i = 0, period = 0; i < most.periods && periods.beginOf(period) < range.to; i += 1) {
    for (const wall of periods.startsOf(period)) {
      if (wall < from) continue;
      if (left <= 0 || found.length === most.starts) return found;
      left -= 1;
      if (wall >= range.from && wall < range.to) found.push(wall);
    }
    period = periods.after(period);
  }
  return found;
}

/** The starts of a rule without COUNT within a stretch of time that does not begin before the rule does. */
function within(periods: Periods, { from, to }: Span, most: Limits): Wall[] {
  const found: Wall[] = [];
  let period = Math.max(0, periods.at(from));
  for (let i = 0; i < most.periods && found.length < most.starts && periods.beginOf(period) < to; i += 1) {
    for (const wall of periods.startsOf(period)) if (wall >= from && wall < to) found.push(wall);
    period = periods.after(period);
  }
  return found;
}

const secondsOf = (wall: string): Wall => asUtc(wall) / 1000;

/**
 * The wall starts that an RRULE gives from `from` until before `to`, in order, within limits. Expansion is in local
 * wall time, so that nine o'clock stays nine o'clock across a clock change. `start` is DTSTART's wall time (a bare date
 * for all-day events), `zone` its zone; RFC 5545 3.3.10. A start that the rule does not meet is not among them, but is
 * one of those that COUNT counts ("DTSTART always counts as the first occurrence"). Throws on a rule that says what the
 * RFC forbids.
 */
export function ruleStarts(
  text: string,
  start: string,
  zone: Zone,
  from: string,
  to: string,
  limits = LIMITS,
): string[] {
  const rule = ICAL.Recur.fromString(text);
  const first = secondsOf(start);
  const range = {
    from: Math.max(first, secondsOf(from)),
    to: Math.min(secondsOf(to), lastOf(rule, start, zone) + 1),
  };
  const allDay = start.length === 10;
  const starts = rule.count
    ? counted(rule, first, allDay, range, limits)
    : within(periodsOf(rule, first, allDay), range, limits);
  return sortedOnce(starts)
    .slice(0, limits.starts)
    .map((wall) => asWall(wall * 1000, start));
}

/** Weeks of two years may share days, so that a time can come twice. */
const sortedOnce = (walls: readonly Wall[]) => [...new Set(walls)].sort((a, b) => a - b);
