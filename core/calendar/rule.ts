import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { instantOf, wallOf, type Zone } from '../time/zone';

/** A rule that gives more than this many starts up to the end of the window is cut there, so that nothing hangs. */
const MOST_STEPS = 50_000;

const wallOfTime = (time: ICAL.Time): string => time.toString().replace(/Z$/, '');

const timeOf = (wall: string): ICAL.Time =>
  wall.length === 10 ? ICAL.Time.fromDateString(wall) : ICAL.Time.fromDateTimeString(wall);

/** UNTIL in UTC, said in the wall time that the rule is expanded in (RFC 5545 3.3.10). */
function untilInWallTime(rule: ICAL.Recur, start: string, zone: Zone) {
  if (!rule.until) return;
  const until = rule.until.toString();
  if (start.length === 10) rule.until = ICAL.Time.fromDateString(until.slice(0, 10));
  else if (until.endsWith('Z')) rule.until = timeOf(wallOf(instantOf(until.slice(0, -1), 'UTC'), zone));
}

/**
 * A later start from which the rule gives the same starts after `from`: a daily or weekly rule without COUNT
 * repeats itself after every whole interval, so the years before need not be walked.
 */
function nearbyStart(rule: ICAL.Recur, start: string, from: string): string {
  const unit = { DAILY: 1, WEEKLY: 7 }[rule.freq as string];
  if (!unit || rule.count) return start;
  const step = unit * (rule.interval || 1);
  const date = Temporal.PlainDate.from(start.slice(0, 10));
  const days = date.until(Temporal.PlainDate.from(from.slice(0, 10))).days;
  const skipped = (Math.floor(days / step) - 1) * step;
  return skipped > 0 ? date.add({ days: skipped }).toString() + start.slice(10) : start;
}

/**
 * The wall starts that an RRULE gives from `from` until before `to`, in order. Expansion is in local wall time, so
 * that nine o'clock stays nine o'clock across a clock change. `start` is DTSTART's wall time (a bare date for
 * all-day events), `zone` the zone it is told in; RFC 5545 3.3.10, computed by ical.js.
 */
export function ruleStarts(text: string, start: string, zone: Zone, from: string, to: string): string[] {
  const rule = ICAL.Recur.fromString(text);
  untilInWallTime(rule, start, zone);
  const iterator = rule.iterator(timeOf(nearbyStart(rule, start, from)));
  const starts: string[] = [];
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const next = iterator.next();
    if (!next) break;
    const wall = wallOfTime(next);
    if (wall >= to) break;
    if (wall >= from) starts.push(wall);
  }
  return starts;
}
