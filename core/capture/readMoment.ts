import { GB, casual } from 'chrono-node/en';
import type { Due } from '../model/task';
import type { Style } from '../time/words';
import { isDate, wallOf, type Zone } from '../time/zone';
import { whole, type Found } from './found';
import { readTime } from './readTime';

/** What reads 4/12 by the day first, or by the month. */
export const chronoOf = (dates: Style['dates']) => (dates === 'monthFirst' ? casual : GB);

/**
 * The first day of a line, with or without an hour, where it stands: the `fri 14:00` of `Read the gauges fri 14:00`.
 * Days are read forward from `now` in the person's zone.
 */
export function findMoment(
  text: string,
  now: number,
  zone: Zone,
  dates: Style['dates'] = 'dayFirst',
): Found<Due> | undefined {
  // chrono reads relative words against a local Date: give it one whose local clock shows the person's wall time
  const [found] = chronoOf(dates).parse(text, new Date(wallOf(now, zone)), { forwardDate: true });
  if (!found) return undefined;
  const { start, index, text: words } = found;
  const pad = (value: number | null) => String(value ?? 0).padStart(2, '0');
  const date = `${start.get('year')}-${pad(start.get('month'))}-${pad(start.get('day'))}`;
  const time = start.isCertain('hour') ? `${pad(start.get('hour'))}:${pad(start.get('minute'))}` : null;
  return isDate(date) ? { value: { date, time }, from: index, to: index + words.length } : undefined;
}

/** A moment as it is written: `2026-11-27`, `2026-11-27 14:00`, `2026-11-27T14:00`; undefined for anything else. */
function plainMoment(text: string): Due | undefined {
  const [, date = '', time] = /^(\d{4}-\d\d-\d\d)(?:[T ]((?:[01]\d|2[0-3]):[0-5]\d))?$/.exec(text) ?? [];
  return isDate(date) ? { date, time: time ?? null } : undefined;
}

/**
 * A day, with or without an hour, as people type it: `fri`, `tomorrow 14:00`, `27 Nov`, `27/11` (or `11/27`, as `dates` say), `2026-11-27 9am`; a
 * bare hour is today's. Undefined when the text says anything else.
 */
export function readMoment(text: string, now: number, zone: Zone, dates?: Style['dates']): Due | undefined {
  const plain = plainMoment(text);
  if (plain) return plain;
  const bareTime = readTime(text);
  if (bareTime && /[:apm]/i.test(text)) return { date: wallOf(now, zone).slice(0, 10), time: bareTime };
  return whole(text, findMoment(text, now, zone, dates));
}
