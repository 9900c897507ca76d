import { addDays, datesFrom, weekdayOf, type IsoDate } from './zone';

/** The first day of the week that a date lies in; `weekStart` is 1 for Monday to 7 for Sunday. */
export const weekOf = (date: IsoDate, weekStart: number): IsoDate =>
  addDays(date, -((weekdayOf(date) - weekStart + 7) % 7));

/** The seven days of the week that a date lies in. */
export const daysOfWeek = (date: IsoDate, weekStart: number): IsoDate[] => {
  const first = weekOf(date, weekStart);
  return datesFrom(first, 7);
};

/** The weekdays in the order in which a week that begins on `weekStart` has them, Monday is 1. */
export const weekdaysFrom = (weekStart: number): number[] =>
  Array.from({ length: 7 }, (_, i) => ((weekStart - 1 + i) % 7) + 1);

/** Whether the week that begins on a date lies wholly before a day. */
export const hasEnded = (week: IsoDate, today: IsoDate): boolean => addDays(week, 7) <= today;
