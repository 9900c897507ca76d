import { MINUTE, type Span } from './span';
import type { Stretch } from './stretch';
import { addDays, dateOf, timeOf, weekdayOf, type IsoDate, type Zone } from './zone';

/** Clocks of 12 or of 24 hours. */
export type ClockStyle = 12 | 24;

/** How a person reads clocks and dates: the day of a month before its name (`Tue 24 Nov`) or after it (`Tue, Nov 24`). */
export type Style = { readonly clock: ClockStyle; readonly dates: 'dayFirst' | 'monthFirst' };

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

/** Many minutes with their sign, `+2 h 10`, `−18 min`, `0`. */
export const signedWords = (minutes: number): string =>
  minutes === 0 ? '0' : `${minutes > 0 ? '+' : '−'}${durationWords(Math.abs(minutes))}`;

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
  timeWords(timeOf(instant, zone), style);

/** The clock time of an instant on a ruler, where full hours need no minutes: `9`, `9 am`. */
export const hourWords = (instant: number, zone: Zone, style: ClockStyle): string =>
  clockWords(instant, zone, style).replace(':00', '');

/** Some words as a line of their own begins: `Today, 9:00` of `today, 9:00`. */
export const asLine = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** The weekdays, Monday first. */
export const weekdayNames = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const monthNames = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A weekday in three letters, Monday is 1. */
export const shortWeekday = (weekday: number): string => (weekdayNames[weekday - 1] ?? '').slice(0, 3);

/** `Tue`. */
export const weekdayWords = (date: IsoDate): string => shortWeekday(weekdayOf(date));

/** The day of its month: 24. */
export const dayOfMonth = (date: IsoDate): number => Number(date.slice(8));

const monthOf = (date: IsoDate): string => monthNames[Number(date.slice(5, 7)) - 1] ?? '';

// the browser's own formats take a hundred times longer, and a week asks for dozens

/** `24 Nov`, or `Nov 24`. */
export const dayMonthWords = (date: IsoDate, { dates }: Style): string =>
  dates === 'dayFirst' ? `${dayOfMonth(date)} ${monthOf(date)}` : `${monthOf(date)} ${dayOfMonth(date)}`;

/** `Tue 24 Nov`, or `Tue, Nov 24`. */
export const dateWords = (date: IsoDate, style: Style): string =>
  `${weekdayWords(date)}${style.dates === 'dayFirst' ? '' : ','} ${dayMonthWords(date, style)}`;

/** The day and the hour of an instant in a zone: `Tue 24 Nov, 9:00`. */
export const momentWords = (instant: number, zone: Zone, style: Style): string =>
  `${dateWords(dateOf(instant, zone), style)}, ${clockWords(instant, zone, style.clock)}`;

/** The day of a stretch of time and its hours in a zone: `Tue 24 Nov, 09:00 – 10:30`. */
export const spanWords = ({ from, to }: Span, zone: Zone, style: Style): string =>
  `${momentWords(from, zone, style)} – ${clockWords(to, zone, style.clock)}`;

/** Days from one to another: `23 – 29 Nov`, `Nov 23 – 29`, `30 Nov – 6 Dec`. */
export function datesWords(first: IsoDate, last: IsoDate, style: Style): string {
  const sameMonth = first.slice(0, 7) === last.slice(0, 7);
  if (sameMonth && style.dates === 'monthFirst')
    return `${dayMonthWords(first, style)} – ${dayOfMonth(last)}`;
  return `${sameMonth ? dayOfMonth(first) : dayMonthWords(first, style)} – ${dayMonthWords(last, style)}`;
}

/** What a stretch of days is called: `Tue 24 Nov`, `23 – 29 Nov`, `Nov 2026`, `Oct – Dec 2026`, `2026`. */
export function stretchWords({ unit, first, last }: Stretch, style: Style): string {
  if (first === last) return dateWords(first, style);
  if (unit === 'month') return monthWords(first);
  if (unit === 'quarter') return `${monthOf(first)} – ${monthWords(last)}`;
  if (unit === 'year') return first.slice(0, 4);
  if (first.slice(0, 4) === last.slice(0, 4)) return datesWords(first, last, style);
  const withYear = (date: IsoDate) => `${dayMonthWords(date, style)} ${date.slice(0, 4)}`;
  return `${withYear(first)} – ${withYear(last)}`;
}

/** `Nov 2026`. */
export const monthWords = (date: IsoDate): string => `${monthOf(date)} ${date.slice(0, 4)}`;

/** `today`, `tomorrow`, `yesterday`, else `Tue 24 Nov`. */
export function dayWords(date: IsoDate, today: IsoDate, style: Style): string {
  if (date === today) return 'today';
  if (date === addDays(today, 1)) return 'tomorrow';
  if (date === addDays(today, -1)) return 'yesterday';
  return dateWords(date, style);
}

/** The day of an instant, as it is called today, and its hour: `tomorrow 10:30`. */
export const whenWords = (instant: number, today: IsoDate, zone: Zone, style: Style): string =>
  `${dayWords(dateOf(instant, zone), today, style)} ${clockWords(instant, zone, style.clock)}`;

/** The day that ends with an instant, as one says it of a deadline at midnight; null where the instant lies within a day. */
export const dayEndingAt = (instant: number, zone: Zone): IsoDate | null =>
  timeOf(instant, zone) === '00:00' ? dateOf(instant - 1, zone) : null;

/** When something is due, as a day if that is all that was said: `tomorrow 10:30`, `Fri 27 Nov`. */
export function deadlineAtWords(instant: number, today: IsoDate, zone: Zone, style: Style): string {
  const day = dayEndingAt(instant, zone);
  return day === null ? whenWords(instant, today, zone, style) : dayWords(day, today, style);
}

/** The same as the end of a stretch: `tomorrow 10:30`, `the end of Fri 27 Nov`. */
export const untilWords = (instant: number, today: IsoDate, zone: Zone, style: Style): string =>
  `${dayEndingAt(instant, zone) === null ? '' : 'the end of '}${deadlineAtWords(instant, today, zone, style)}`;

/** How far two instants are apart, roughly: minutes up to a day, then days. */
export function distanceWords(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / MINUTE);
  if (minutes < 24 * 60) return durationWords(minutes);
  const days = Math.round(minutes / (24 * 60));
  return days === 1 ? '1 day' : `${days} days`;
}
