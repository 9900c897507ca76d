import { Temporal } from 'temporal-polyfill';
import type { Span } from './span';
import { weekOf } from './week';
import { addDays, daysBetween, instantOf, type IsoDate, type Zone } from './zone';

/** The stretches that one looks back over; `dates` is from any day to any other. */
export const units = ['day', 'week', 'month', 'quarter', 'year', 'dates'] as const;
export type Unit = (typeof units)[number];

/** Whole days from the first to the last, both included. */
export type Stretch = { readonly unit: Unit; readonly first: IsoDate; readonly last: IsoDate };

const months = { month: 1, quarter: 3, year: 12 } as const;

/** The stretch of a unit that a date lies in; of `dates` that day alone. `weekStart` is 1 for Monday to 7 for Sunday. */
export function stretchAround(unit: Unit, date: IsoDate, weekStart: number): Stretch {
  if (unit === 'day' || unit === 'dates') return { unit, first: date, last: date };
  if (unit === 'week') {
    const first = weekOf(date, weekStart);
    return { unit, first, last: addDays(first, 6) };
  }
  const day = Temporal.PlainDate.from(date);
  const month = day.month - ((day.month - 1) % months[unit]);
  const first = day.with({ month, day: 1 });
  const last = first.add({ months: months[unit] }).subtract({ days: 1 });
  return { unit, first: first.toString(), last: last.toString() };
}

/** How many days a stretch has. */
export const daysOf = ({ first, last }: Stretch): number => daysBetween(first, last) + 1;

/** The stretch right before or after (`by` is −1 or 1); of `dates` one as long. */
export function stretchBeside(stretch: Stretch, by: -1 | 1, weekStart: number): Stretch {
  const { unit, first, last } = stretch;
  if (unit !== 'dates') return stretchAround(unit, addDays(by < 0 ? first : last, by), weekStart);
  const days = by * daysOf(stretch);
  return { unit, first: addDays(first, days), last: addDays(last, days) };
}

/** The same a year before: of days and weeks the 52nd week before, so that weekdays stand by their own kind. */
export function stretchAYearBefore({ unit, first, last }: Stretch, weekStart: number): Stretch {
  if (unit === 'month' || unit === 'quarter' || unit === 'year')
    return stretchAround(unit, Temporal.PlainDate.from(first).subtract({ years: 1 }).toString(), weekStart);
  return { unit, first: addDays(first, -364), last: addDays(last, -364) };
}

/** Its time (epoch ms), from the first midnight to the last. */
export const rangeOf = ({ first, last }: Pick<Stretch, 'first' | 'last'>, zone: Zone): Span => ({
  from: instantOf(first, zone),
  to: instantOf(addDays(last, 1), zone),
});

/** The time of a stretch until `now` (epoch ms), where it has begun and has not ended; else all of it. */
export function rangeSoFar(stretch: Pick<Stretch, 'first' | 'last'>, zone: Zone, now: number): Span {
  const range = rangeOf(stretch, zone);
  return range.from < now && now < range.to ? { ...range, to: now } : range;
}
