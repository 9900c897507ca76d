import { readDuration, readTime } from '../time/words';
import { instantOf, wallOf, type Zone } from '../time/zone';
import { readMoment } from './readMoment';

/** When something begins (epoch ms) and how long it takes, in minutes. */
export type Hours = { readonly start: number; readonly minutes: number };

const LENGTH = /(?:^|\s)((?:\d+(?:[.,]\d+)?\s*h(?:\s*\d{1,2})?(?:\s*m(?:in)?)?)|(?:\d+\s*m(?:in)?))$/i;

/**
 * A change of hours as people type it: `14:00 1h`, `+30m` and `-15m` (longer, shorter), `tomorrow 9`, `fri`, `45m`.
 * What is not said stays: the length, the day, the hour. Undefined when it cannot be read or nothing would be left.
 */
export function readChange(
  text: string,
  { start, minutes }: Hours,
  now: number,
  zone: Zone,
): Hours | undefined {
  const typed = text.trim();
  const signed = /^([+\-−])\s*(.+)$/.exec(typed);
  if (signed) {
    const by = readDuration(signed[2] ?? '');
    const length = by === undefined ? 0 : minutes + (signed[1] === '+' ? by : -by);
    return length >= 1 ? { start, minutes: length } : undefined;
  }
  const [whole = '', said = ''] = LENGTH.exec(typed) ?? [];
  const length = said === '' ? minutes : readDuration(said);
  const rest = typed.slice(0, typed.length - whole.length).trim();
  if (length === undefined || typed === '') return undefined;
  if (rest === '') return { start, minutes: length };
  const begin = readStart(rest, start, now, zone);
  return begin === undefined ? undefined : { start: begin, minutes: length };
}

/** A new start: an hour of the same day, another day at the same hour, or both. */
function readStart(text: string, start: number, now: number, zone: Zone): number | undefined {
  const [day = '', hour = ''] = wallOf(start, zone).split('T');
  const time = readTime(text);
  if (time) return instantOf(`${day}T${time}`, zone);
  // a bare number after a day is an hour: “tomorrow 9”
  const [, words, number] = /^(.*\D)\s+(\d{1,2})$/.exec(text) ?? [];
  const bare = number === undefined ? undefined : readTime(number);
  const moment = readMoment(text, now, zone) ?? (bare && words ? readMoment(words, now, zone) : undefined);
  if (!moment) return undefined;
  const monthDay = bare !== undefined && moment.time === null && !readMoment(text, now, zone);
  const at = moment.time ?? (monthDay ? bare : hour.slice(0, 5));
  return instantOf(`${moment.date}T${at}`, zone);
}
