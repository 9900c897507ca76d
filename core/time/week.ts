import { addDays, weekdayOf, type IsoDate } from './zone';

/** The first day of the week that a date lies in; `weekStart` is 1 for Monday to 7 for Sunday. */
export const weekOf = (date: IsoDate, weekStart: number): IsoDate =>
  addDays(date, -((weekdayOf(date) - weekStart + 7) % 7));

/** The seven days of the week that a date lies in. */
export const daysOfWeek = (date: IsoDate, weekStart: number): IsoDate[] => {
  const first = weekOf(date, weekStart);
  return Array.from({ length: 7 }, (_, i) => addDays(first, i));
};
