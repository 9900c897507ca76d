import { Temporal } from 'temporal-polyfill';
import { MINUTE } from './span';
import { addDays, wallOf, type IsoDate, type Zone } from './zone';

/** Clocks of 12 or of 24 hours. */
export type ClockStyle = 12 | 24;

/** Minutes as people read them: `45 min`, `2 h`, `1 h 30`. Whole minutes; a minus sign for negative ones. */
export function durationWords(minutes: number): string {
  const sign = minutes < 0 ? '−' : '';
  const all = Math.abs(Math.round(minutes));
  const [hours, rest] = [Math.floor(all / 60), all % 60];
  if (hours === 0) return `${sign}${rest} min`;
  return rest === 0 ? `${sign}${hours} h` : `${sign}${hours} h ${String(rest).padStart(2, '0')}`;
}

/** Minutes with their sign, `+25`, `−8`, `0`. */
export const driftWords = (minutes: number): string =>
  minutes === 0 ? '0' : `${minutes > 0 ? '+' : '−'}${Math.abs(minutes)}`;

/** Elapsed time for a running clock: `0:10:42`. */
export function stopwatchWords(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  const pad = (n: number) => String(n).padStart(2, '0');
  return `${Math.floor(seconds / 3600)}:${pad(Math.floor(seconds / 60) % 60)}:${pad(seconds % 60)}`;
}

/** A wall time `HH:MM` in the person's style: `13:05` or `1:05 pm`. */
export function timeWords(time: string, style: ClockStyle): string {
  if (style === 24) return time.slice(0, 5);
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return `${hours % 12 || 12}:${String(minutes).padStart(2, '0')} ${hours < 12 ? 'am' : 'pm'}`;
}

/** The clock time of an instant in a zone. */
export const clockWords = (instant: number, zone: Zone, style: ClockStyle): string =>
  timeWords(wallOf(instant, zone).slice(11, 16), style);

/** `Tue 24 Nov`. */
export const dateWords = (date: IsoDate): string =>
  Temporal.PlainDate.from(date)
    .toLocaleString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
    .replace(',', '');

/** `Nov 2026`. */
export const monthWords = (date: IsoDate): string =>
  Temporal.PlainDate.from(date).toLocaleString('en-GB', { month: 'short', year: 'numeric' });

/** `today`, `tomorrow`, `yesterday`, else `Tue 24 Nov`. */
export function dayWords(date: IsoDate, today: IsoDate): string {
  if (date === today) return 'today';
  if (date === addDays(today, 1)) return 'tomorrow';
  if (date === addDays(today, -1)) return 'yesterday';
  return dateWords(date);
}

/** How far two instants are apart, roughly: minutes up to a day, then days. */
export function distanceWords(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / MINUTE);
  if (minutes < 24 * 60) return durationWords(minutes);
  const days = Math.round(minutes / (24 * 60));
  return days === 1 ? '1 day' : `${days} days`;
}

/**
 * A length as people type it, in whole minutes: `90`, `45m`, `1h30`, `1:30`, `1.5h`, `1 h 30 min`, `2h`.
 * Undefined when it cannot be read, is zero, or is over 100 hours.
 */
export function readDuration(text: string): number | undefined {
  const typed = text.trim().toLowerCase().replace(',', '.');
  const found =
    /^(?<minutes>\d+)\s*(?:m|min|mins|minutes?)?$/.exec(typed) ??
    /^(?<hours>\d+):(?<minutes>[0-5]\d)$/.exec(typed) ??
    /^(?<hours>\d+)\s*(?:h|hr|hrs|hours?)\s*(?<minutes>[0-5]?\d)\s*(?:m|min|minutes?)?$/.exec(typed) ??
    /^(?<hours>\d+(?:\.\d+)?|\.\d+)\s*(?:h|hr|hrs|hours?)$/.exec(typed);
  if (!found?.groups) return undefined;
  const minutes = Math.round(Number(found.groups.hours ?? 0) * 60) + Number(found.groups.minutes ?? 0);
  return minutes >= 1 && minutes <= 6000 ? minutes : undefined;
}

/** A time of day as people type it, as `HH:MM`: `9`, `9:30`, `0930`, `2pm`, `2:30 pm`, `14.30`. Undefined when it cannot be read. */
export function readTime(text: string): string | undefined {
  const found = /^(\d{1,2})(?:[:.h]?([0-5]\d))?\s*([ap])?\.?m?\.?$/.exec(text.trim().toLowerCase());
  if (!found) return undefined;
  const [typedHours, minutes, half] = [Number(found[1]), found[2] ?? '00', found[3]];
  if (half && (typedHours < 1 || typedHours > 12)) return undefined;
  const hours = half ? (typedHours % 12) + (half === 'p' ? 12 : 0) : typedHours;
  return hours < 24 ? `${String(hours).padStart(2, '0')}:${minutes}` : undefined;
}
