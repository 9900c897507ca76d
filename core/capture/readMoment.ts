import { GB } from 'chrono-node/en';
import type { Due } from '../model/task';
import { isDate, wallOf, type Zone } from '../time/zone';
import { readTime } from '../time/words';

/**
 * A day, with or without an hour, as people type it: `fri`, `tomorrow 14:00`, `27 Nov`, `27/11`, `2026-11-27 9am`.
 * Days are read forward from `now` in the person's zone; a bare hour is today's. Undefined when it cannot be read.
 */
export function readMoment(text: string, now: number, zone: Zone): Due | undefined {
  const bareTime = readTime(text);
  const wallNow = wallOf(now, zone);
  if (bareTime && /[:apm]/i.test(text)) return { date: wallNow.slice(0, 10), time: bareTime };
  // chrono reads relative words against a local Date: give it one whose local clock shows the person's wall time
  const [found] = GB.parse(text, new Date(wallNow), { forwardDate: true });
  if (!found || found.text.trim().length < text.trim().length) return undefined;
  const { start } = found;
  const pad = (value: number | null) => String(value ?? 0).padStart(2, '0');
  const date = `${start.get('year')}-${pad(start.get('month'))}-${pad(start.get('day'))}`;
  const time = start.isCertain('hour') ? `${pad(start.get('hour'))}:${pad(start.get('minute'))}` : null;
  return isDate(date) ? { date, time } : undefined;
}
