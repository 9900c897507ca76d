import type { Due } from '../model/task';
import type { Style } from '../time/words';
import { instantOf, wallOf, type Zone } from '../time/zone';
import type { Found } from './found';
import { findDuration, readDuration } from './readDuration';
import { readMoment } from './readMoment';
import { readTime } from './readTime';

/** When something begins (epoch ms) and how long it takes, in minutes. */
export type Hours = { readonly start: number; readonly minutes: number };

/** A change of hours, and where in the text the new start and the new length stood. */
export type Change = Hours & { readonly startAt?: Found<number>; readonly lengthAt?: Found<number> };

/**
 * A change of hours as people type it: `14:00 1h`, `+30m` and `-15m` (longer, shorter), `tomorrow 9`, `fri`, `45m`.
 * What is not typed stays: the length, the day, the hour. Undefined when it cannot be read or nothing would be left.
 */
export function readChange(
  text: string,
  { start, minutes }: Hours,
  now: number,
  zone: Zone,
  dates: Style['dates'] = 'dayFirst',
): Change | undefined {
  if (text.trim() === '') return undefined;
  const signed = /^\s*([+\-−])\s*(.+?)\s*$/.exec(text);
  if (signed) {
    const by = readDuration(signed[2] ?? '') ?? 0;
    const length = minutes + (signed[1] === '+' ? by : -by);
    const lengthAt = { value: length, from: text.search(/\S/), to: text.trimEnd().length };
    return by > 0 && length >= 1 ? { start, minutes: length, lengthAt } : undefined;
  }
  const found = findDuration(text);
  const last = found && text.slice(found.to).trim() === '' ? found : undefined;
  const rest = text.slice(0, last?.from ?? text.length);
  const length = last ? { minutes: last.value, lengthAt: last } : { minutes };
  if (rest.trim() === '') return { start, ...length };
  const begin = readStart(rest.trim(), start, (words) => readMoment(words, now, zone, dates), zone);
  if (begin === undefined) return undefined;
  const startAt = { value: begin, from: rest.search(/\S/), to: rest.trimEnd().length };
  return { start: begin, ...length, startAt };
}

/** A new start: an hour of the same day, another day at the same hour, or both. */
function readStart(
  text: string,
  start: number,
  readDay: (words: string) => Due | undefined,
  zone: Zone,
): number | undefined {
  const [day = '', hour = ''] = wallOf(start, zone).split('T');
  const time = readTime(text);
  if (time) return instantOf(`${day}T${time}`, zone);
  // a bare number after a day is an hour: “tomorrow 9”
  const [, words, number] = /^(.*\D)\s+(\d{1,2})$/.exec(text) ?? [];
  const bare = number === undefined ? undefined : readTime(number);
  const whole = readDay(text);
  const moment = whole ?? (bare && words ? readDay(words) : undefined);
  if (!moment) return undefined;
  const monthDay = bare !== undefined && moment.time === null && !whole;
  const at = moment.time ?? (monthDay ? bare : hour.slice(0, 5));
  return instantOf(`${moment.date}T${at}`, zone);
}
