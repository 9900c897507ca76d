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
  if (view === 'days') return days(date, fit);
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

/** The date to show after going one view forward (1) or back (-1). */
export function stepped(view: View, date: IsoDate, direction: 1 | -1, fit: number): IsoDate {
  if (view === 'month') return Temporal.PlainDate.from(date).add({ months: direction }).toString();
  const length = { day: 1, days: fit, week: 7, workweek: 7, agenda: AGENDA_DAYS }[view];
  return addDays(date, direction * length);
}
