import { Temporal } from 'temporal-polyfill';
import type { Settings } from '../model/settings';
import { addDays, weekdayOf, type IsoDate } from '../time/zone';

/** How much of the plan is in sight. */
export const views = ['day', 'days', 'week', 'workweek', 'month', 'agenda'] as const;
export type View = (typeof views)[number];

/** The first day of the week that a date lies in; `weekStart` is 1 for Monday to 7 for Sunday. */
export const weekOf = (date: IsoDate, weekStart: number): IsoDate =>
  addDays(date, -((weekdayOf(date) - weekStart + 7) % 7));

const days = (from: IsoDate, count: number) => Array.from({ length: count }, (_, i) => addDays(from, i));

/** How many days the agenda looks ahead. */
export const AGENDA_DAYS = 28;

/**
 * The days that a view shows around a date, in order. `days` shows as many as `fit`; the working week those days of the
 * week that have working hours (all of it when none has); the month whole weeks.
 */
export function datesOf(view: View, date: IsoDate, settings: Settings, fit: number): IsoDate[] {
  const { weekStart, workingHours } = settings;
  const week = days(weekOf(date, weekStart), 7);
  if (view === 'day') return [date];
  if (view === 'days') return daysFrom(date, fit, settings);
  if (view === 'week') return week;
  if (view === 'agenda') return days(date, AGENDA_DAYS);
  if (view === 'workweek') {
    const working = week.filter((day) => workingHours[weekdayOf(day) - 1] !== null);
    return working.length > 0 ? working : week;
  }
  const first = weekOf(`${date.slice(0, 7)}-01`, weekStart);
  const last = Temporal.PlainDate.from(date).with({ day: 31 }).toString();
  const weeks = Temporal.PlainDate.from(first).until(last).days;
  return days(first, (Math.floor(weeks / 7) + 1) * 7);
}

/** So many days from a date on, or those before it; without days off if they are to be left out and not all days are. */
function daysFrom(
  date: IsoDate,
  count: number,
  { skipDaysOff, workingHours }: Settings,
  direction: 1 | -1 = 1,
): IsoDate[] {
  const works = (day: IsoDate) => workingHours[weekdayOf(day) - 1] !== null;
  const skips = skipDaysOff && workingHours.some((hours) => hours !== null);
  const found: IsoDate[] = [];
  for (let day = date; found.length < count; day = addDays(day, direction))
    if (!skips || works(day)) found.push(day);
  return direction === 1 ? found : found.reverse();
}

/** The date to show after going one view forward (1) or back (-1). */
export function stepped(
  view: View,
  date: IsoDate,
  direction: 1 | -1,
  fit: number,
  settings: Settings,
): IsoDate {
  if (view === 'days') {
    const [first = date] = daysFrom(date, 1, settings);
    const ahead = daysFrom(first, fit + 1, settings).at(-1);
    const back = daysFrom(addDays(first, -1), fit, settings, -1)[0];
    return (direction === 1 ? ahead : back) ?? date;
  }
  if (view === 'month') return Temporal.PlainDate.from(date).add({ months: direction }).toString();
  const length = { day: 1, week: 7, workweek: 7, agenda: AGENDA_DAYS }[view];
  return addDays(date, direction * length);
}
