import { addDays, isDate, weekdayOf, type IsoDate } from '../../time/zone';

/* Days by where they lie in a week, a month and a year. */

const pad = (value: number) => String(value).padStart(2, '0');
export const dateFrom = (year: number, month: number, day: number): IsoDate | undefined => {
  const date = `${year}-${pad(month)}-${pad(day)}`;
  return isDate(date) ? date : undefined;
};

/** The first day of the month that lies `months` after that of a date. */
export function monthAfter(date: IsoDate, months: number): IsoDate {
  const [year = 0, month = 1] = date.split('-').map(Number);
  const count = year * 12 + month - 1 + months;
  return `${pad(Math.floor(count / 12)).padStart(4, '0')}-${pad((count % 12) + 1)}-01`;
}
export const lastOfMonth = (date: IsoDate): IsoDate => addDays(monthAfter(date, 1), -1);

/** A day of a month, in the year that has it ahead. */
export function ahead(month: number, day: number, today: IsoDate): IsoDate | undefined {
  const year = Number(today.slice(0, 4));
  const [now, next] = [dateFrom(year, month, day), dateFrom(year + 1, month, day)];
  return now && now >= today ? now : next;
}

/** The next day of a weekday from a date on, that one included. */
export const nextOf = (weekday: number, from: IsoDate): IsoDate =>
  addDays(from, (weekday - weekdayOf(from) + 7) % 7);
export const mondayOf = (date: IsoDate): IsoDate => addDays(date, 1 - weekdayOf(date));

/** The first, second … or last (-1) weekday of the month in which a date lies. */
export function nthOfMonth(date: IsoDate, nth: number, weekday: number): IsoDate {
  if (nth > 0) return addDays(nextOf(weekday, monthAfter(date, 0)), 7 * (nth - 1));
  const last = lastOfMonth(date);
  return addDays(last, -((weekdayOf(last) - weekday + 7) % 7));
}

export const lastWorkday = (date: IsoDate): IsoDate => {
  const last = lastOfMonth(date);
  return addDays(last, -Math.max(0, weekdayOf(last) - 5));
};

/** The Friday on which a week of work ends: of the week of `today`, or the next one on a weekend; `weeks` later. */
export const fridayOf = (today: IsoDate, weeks: number): IsoDate => addDays(nextOf(5, today), 7 * weeks);

/** The first day of a month (1 for January), the present one or the next of its name. */
export const monthAhead = (month: number, today: IsoDate): IsoDate =>
  monthAfter(today, (month - Number(today.slice(5, 7)) + 12) % 12);
