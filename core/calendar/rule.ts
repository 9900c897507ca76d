import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { addDays, instantOf, wallOf, type Zone } from '../time/zone';
import { walked } from './walk';

/** A rule that gives more starts in a stretch of time is cut there. */
const MOST_STARTS = 2_000;

const wallOfTime = (time: ICAL.Time): string => time.toString().replace(/Z$/, '');

const timeOf = (wall: string): ICAL.Time =>
  wall.length === 10 ? ICAL.Time.fromDateString(wall) : ICAL.Time.fromDateTimeString(wall);

/** Converts an UNTIL in UTC to the wall time that the rule is expanded in (RFC 5545 3.3.10). */
function untilInWallTime(rule: ICAL.Recur, start: string, zone: Zone) {
  if (!rule.until) return;
  const until = rule.until.toString();
  if (start.length === 10) rule.until = ICAL.Time.fromDateString(until.slice(0, 10));
  else if (until.endsWith('Z')) rule.until = timeOf(wallOf(instantOf(until.slice(0, -1), 'UTC'), zone));
}

const LENGTHS_IN_MS: Record<string, number> = {
  SECONDLY: 1000,
  MINUTELY: 60_000,
  HOURLY: 3_600_000,
  DAILY: 86_400_000,
  WEEKLY: 7 * 86_400_000,
};
const MONTHS: Record<string, number> = { MONTHLY: 1, YEARLY: 12 };

/** A wall time counted as if it were in UTC, so that it can be reckoned with, and back in the form of another. */
export const asUtc = (wall: string) => Date.parse(wall.length === 10 ? `${wall}T00:00:00Z` : `${wall}Z`);
export const asWall = (ms: number, like: string) => new Date(ms).toISOString().slice(0, like.length);

/** The start moved on by whole steps of equal length, to the last but one before `from`. */
function laterByLength(start: string, from: string, step: number): string {
  const steps = Math.floor((asUtc(from) - asUtc(start)) / step) - 1;
  return steps > 0 ? asWall(asUtc(start) + steps * step, start) : start;
}

/** The start moved on by whole steps of months, to a month before `from` that has its day. */
function laterByMonths(start: string, from: string, months: number): string {
  const date = Temporal.PlainDate.from(start.slice(0, 10));
  const between = date.until(Temporal.PlainDate.from(from.slice(0, 10)), { largestUnit: 'months' }).months;
  for (let steps = Math.floor(between / months) - 1; steps > 0; steps -= 1) {
    const later = date.add({ months: steps * months });
    if (later.day === date.day) return later.toString() + start.slice(10);
  }
  return start;
}

/**
 * How a rule with COUNT repeats evenly: from any of its starts on, every such length (milliseconds of wall time) holds so
 * many times. Undefined for rules that have to be walked to be counted.
 */
function evenly(rule: ICAL.Recur, interval: number): { length: number; times: number } | undefined {
  const length = (LENGTHS_IN_MS[rule.freq] ?? 0) * interval;
  const named = Object.keys(rule.parts);
  if (length === 0 || named.some((name) => name !== 'BYDAY')) return undefined;
  if (named.length === 0) return { length, times: 1 };
  const times = new Set(rule.parts.BYDAY).size;
  if (rule.freq === 'WEEKLY') return { length, times };
  // after seven of its intervals each weekday has come once
  return rule.freq === 'DAILY' && interval % 7 !== 0 ? { length: 7 * length, times } : undefined;
}

/**
 * A later start from which the rule gives the same starts after `from`: a rule repeats itself after every whole
 * interval, so the years before need not be walked. Of a rule with COUNT, the times that are passed over are taken off
 * it; null when none is left. A yearly rule that takes its weekday from its start (BYWEEKNO without BYDAY) is walked,
 * as another year gives another weekday.
 */
function nearbyStart(rule: ICAL.Recur, start: string, from: string): string | null {
  if (from <= start) return start;
  const interval = rule.interval || 1;
  if (rule.count) {
    const even = evenly(rule, interval);
    if (!even) return start;
    const later = laterByLength(start, from, even.length);
    rule.count -= ((asUtc(later) - asUtc(start)) / even.length) * even.times;
    return rule.count > 0 ? later : null;
  }
  const length = LENGTHS_IN_MS[rule.freq];
  if (length) return laterByLength(start, from, length * interval);
  const months = MONTHS[rule.freq];
  const weekdayOfStart = 'BYWEEKNO' in rule.parts && !('BYDAY' in rule.parts);
  return months && !weekdayOfStart ? laterByMonths(start, from, months * interval) : start;
}

const BELOW_DAYS = ['HOURLY', 'MINUTELY', 'SECONDLY'];

/**
 * The stretch from the first to the last day on which a rule of hours, minutes or seconds may have times; null when
 * there is no such day. Of other rules, and of those with COUNT, all of it.
 */
function daysOf(rule: ICAL.Recur, from: string, to: string): { from: string; to: string } | null {
  const { BYMONTH, BYMONTHDAY, BYDAY } = rule.parts;
  if (rule.count || !BELOW_DAYS.includes(rule.freq) || !(BYMONTH ?? BYMONTHDAY ?? BYDAY)) return { from, to };
  const daily = ICAL.Recur.fromString('FREQ=DAILY');
  daily.parts = { ...(BYMONTH && { BYMONTH }), ...(BYMONTHDAY && { BYMONTHDAY }), ...(BYDAY && { BYDAY }) };
  const day = from.slice(0, 10);
  const [first, end] = [timeOf(day), timeOf(addDays(to.slice(0, 10), 1))];
  // from the day before, as a walk gives its first day whether the rule meets it or not
  const days = walked(daily, timeOf(addDays(day, -1)), first, end, MOST_STARTS).map(wallOfTime);
  const [begin, last] = [days[0], days.at(-1)];
  if (!begin || !last) return null;
  const [after, before] = [`${begin}T00:00:00`, `${addDays(last, 1)}T00:00:00`];
  return { from: from > after ? from : after, to: to < before ? to : before };
}

/**
 * The wall starts that an RRULE gives from `from` until before `to`, in order, at most so many. Expansion is in local
 * wall time, so that nine o'clock stays nine o'clock across a clock change. `start` is DTSTART's wall time (a bare date
 * for all-day events), `zone` its zone; RFC 5545 3.3.10, computed by ical.js. A start that the rule does not
 * meet is not among them, but is one of those that COUNT counts ("DTSTART always counts as the first occurrence"). What
 * would take too many steps to find is left out; throws on a rule that says what the RFC forbids.
 */
export function ruleStarts(
  text: string,
  start: string,
  zone: Zone,
  from: string,
  to: string,
  most = MOST_STARTS,
): string[] {
  const rule = ICAL.Recur.fromString(text);
  untilInWallTime(rule, start, zone);
  if (rule.count && !meets(rule, start)) {
    if (rule.count === 1) return [];
    rule.count -= 1;
  }
  const days = daysOf(rule, from, to);
  const first = days && nearbyStart(rule, start, days.from);
  if (!days || !first) return [];
  const like = (wall: string) => timeOf(wall.length > 10 && start.length === 10 ? wall.slice(0, 10) : wall);
  return walked(rule, timeOf(first), like(days.from), like(days.to), most)
    .map(wallOfTime)
    .filter((wall) => wall >= from && wall < to);
}

/** Whether the rule gives its own start. */
function meets(rule: ICAL.Recur, start: string): boolean {
  const end = timeOf(start);
  end.second += 1;
  return walked(rule.clone(), timeOf(start), timeOf(start), end, 1).length > 0;
}
