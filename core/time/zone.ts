import { Temporal } from 'temporal-polyfill';
import type { Span } from './span';

/** A calendar date, ISO `YYYY-MM-DD`. */
export type IsoDate = string;
/** An IANA zone name, such as `Europe/London`. */
export type Zone = string;

/**
 * The instant (epoch ms) of a wall time in a zone. `wall` is ISO, `2026-11-24T09:00` or a date for its midnight.
 * A time that a clock change skips moves forward by the gap; a doubled one is its first (RFC 5545 3.3.5).
 */
export const instantOf = (wall: string, zone: Zone): number =>
  Temporal.PlainDateTime.from(wall).toZonedDateTime(zone, { disambiguation: 'compatible' }).epochMilliseconds;

const zoned = (instant: number, zone: Zone) =>
  Temporal.Instant.fromEpochMilliseconds(instant).toZonedDateTimeISO(zone);

/** The date that an instant falls on in a zone. */
export const dateOf = (instant: number, zone: Zone): IsoDate => zoned(instant, zone).toPlainDate().toString();

/** The wall time of an instant in a zone, `2026-11-24T09:00:00`. */
export const wallOf = (instant: number, zone: Zone): string =>
  zoned(instant, zone).toPlainDateTime().toString({ smallestUnit: 'second' });

/** What the clock on the wall shows at an instant: `14:30`. */
export const timeOf = (instant: number, zone: Zone): string => wallOf(instant, zone).slice(11, 16);

/** The instant on a day at which the clock on the wall shows what it shows at another instant (both epoch ms). */
export const sameHourOn = (date: IsoDate, instant: number, zone: Zone): number =>
  instantOf(date + wallOf(instant, zone).slice(10), zone);

/** The date `days` later (earlier when negative). */
export const addDays = (date: IsoDate, days: number): IsoDate =>
  Temporal.PlainDate.from(date).add({ days }).toString();

/**
 * The instant some minutes after another, or before it where they are negative (epoch ms). Whole days are days of the
 * calendar: they keep the hour on the wall over a clock change (RFC 5545, 3.3.6).
 */
export function minutesFrom(instant: number, minutes: number, zone: Zone): number {
  if (minutes === 0 || minutes % 1440 !== 0) return instant + minutes * 60_000;
  return sameHourOn(addDays(dateOf(instant, zone), minutes / 1440), instant, zone);
}

/** So many dates that follow each other, from one on. */
export const datesFrom = (first: IsoDate, count: number): IsoDate[] =>
  Array.from({ length: count }, (_, i) => addDays(first, i));

/** How many days later `to` is than `from`; negative when it is earlier. */
export const daysBetween = (from: IsoDate, to: IsoDate): number =>
  Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to)).days;

/** The same day a year before; of 29 February the 28th. */
export const yearBefore = (date: IsoDate): IsoDate =>
  Temporal.PlainDate.from(date).subtract({ years: 1 }).toString();

/** Monday is 1, Sunday is 7. */
export const weekdayOf = (date: IsoDate): number => Temporal.PlainDate.from(date).dayOfWeek;

/** The day's stretch of time, midnight to midnight: 23 or 25 hours when the clocks change. */
export const dayOf = (date: IsoDate, zone: Zone): Span => ({
  from: instantOf(date, zone),
  to: instantOf(addDays(date, 1), zone),
});

/** The days of a month of the proleptic Gregorian calendar (ISO 8601), 1 is January. */
function daysInMonth(year: number, month: number): number {
  const isLeap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
  if (month === 2) return isLeap ? 29 : 28;
  return [4, 6, 9, 11].includes(month) ? 30 : 31;
}

/** Whether the text is an existing date. */
export function isDate(text: string): boolean {
  const [, year, month, day] = (/^(\d{4})-(\d{2})-(\d{2})$/.exec(text) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined) return false;
  return month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(year, month);
}

/** Whether the text is a wall time: an existing date, or one with an hour (`2026-11-24T09:00:00`). */
export function isWall(text: string): boolean {
  const [date = '', time = '00:00', more] = text.split('T');
  return more === undefined && isDate(date) && /^([01]\d|2[0-3]):[0-5]\d(:[0-5]\d)?$/.test(time);
}

/** What a zone is called by its own name: `London`. */
export const nameOfZone = (zone: Zone): string => (zone.split('/').at(-1) ?? zone).replace(/_/g, ' ');

const zonesAsked = new Map<string, boolean>();

/** Whether the runtime knows the zone; it is asked once for each. */
export function isZone(name: string): boolean {
  const known = zonesAsked.get(name) ?? canTellTimeIn(name);
  zonesAsked.set(name, known);
  return known;
}

function canTellTimeIn(zone: string): boolean {
  try {
    // Temporal reads a zone out of a whole time in brackets, too
    return zoned(0, zone).timeZoneId.toLowerCase() === zone.toLowerCase();
  } catch {
    return false;
  }
}
