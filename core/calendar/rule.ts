import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { instantOf, wallOf, type Zone } from '../time/zone';

/** A rule that needs more steps to the window, or gives more starts in it, is cut there, so that nothing hangs. */
const MOST_STEPS = 50_000;
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
 * A later start from which the rule gives the same starts after `from`: a rule without COUNT repeats itself after
 * every whole interval, so the years before need not be walked. A yearly rule that takes its weekday from its start
 * (BYWEEKNO without BYDAY) is walked, as another year gives another weekday.
 */
function nearbyStart(rule: ICAL.Recur, start: string, from: string): string {
  if (rule.count || from <= start) return start;
  const interval = rule.interval || 1;
  const length = LENGTHS_IN_MS[rule.freq];
  if (length) return laterByLength(start, from, length * interval);
  const months = MONTHS[rule.freq];
  const weekdayOfStart = 'BYWEEKNO' in rule.parts && !('BYDAY' in rule.parts);
  return months && !weekdayOfStart ? laterByMonths(start, from, months * interval) : start;
}

/**
 * The wall starts that an RRULE gives from `from` until before `to`, in order. Expansion is in local wall time, so
 * that nine o'clock stays nine o'clock across a clock change. `start` is DTSTART's wall time (a bare date for
 * all-day events), `zone` its zone; RFC 5545 3.3.10, computed by ical.js. A start that the rule does not
 * meet is not among them, but is one of those that COUNT counts ("DTSTART always counts as the first occurrence").
 */
export function ruleStarts(text: string, start: string, zone: Zone, from: string, to: string): string[] {
  const rule = ICAL.Recur.fromString(text);
  untilInWallTime(rule, start, zone);
  if (rule.count && !meets(rule, start)) {
    if (rule.count === 1) return [];
    rule.count -= 1;
  }
  const starts: string[] = [];
  const iterator = rule.iterator(timeOf(nearbyStart(rule, start, from)));
  for (let step = 0; step < MOST_STEPS && starts.length < MOST_STARTS; step += 1) {
    const next = iterator.next();
    if (!next) break;
    const wall = wallOfTime(next);
    if (wall >= to) break;
    if (wall >= from) starts.push(wall);
  }
  return starts;
}

/** Whether the rule gives its own start. */
function meets(rule: ICAL.Recur, start: string): boolean {
  const first = rule.iterator(timeOf(start)).next();
  return first !== null && first !== undefined && wallOfTime(first) === start;
}
