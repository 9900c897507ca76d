import { Temporal } from 'temporal-polyfill';
import { worksOn } from '../frame/zones';
import { rememberedWhile } from '../model/remember';
import type { Workspace } from '../model/workspace';
import { daysOfWeek, weekOf } from '../time/week';
import { addDays, datesFrom, type IsoDate } from '../time/zone';

/** How much of the plan is in sight. */
export const views = ['day', 'days', 'week', 'workweek', 'month', 'agenda'] as const;
export type View = (typeof views)[number];

/** How many days the agenda looks ahead. */
export const AGENDA_DAYS = 28;

/**
 * The days that a view shows around a date, in order. `days` shows as many as `fit`; the working week those days of the
 * week on which work begins (all of it when none has any); the month whole weeks. The same list for as long as nothing
 * of it changes.
 */
export const datesOf = rememberedWhile(
  (_: Workspace, view: View, date: IsoDate, fit: number) => `${view} ${date} ${fit}`,
  ({ settings, frames, frameHolds, zoneChanges, seals }: Workspace) => [
    settings.weekStart,
    settings.skipDaysOff,
    frames,
    frameHolds,
    zoneChanges,
    seals,
  ],
  (workspace: Workspace, view: View, date: IsoDate, fit: number): readonly IsoDate[] => {
    const { weekStart } = workspace.settings;
    const week = daysOfWeek(date, weekStart);
    if (view === 'day') return [date];
    if (view === 'days') return daysFrom(workspace, date, fit);
    if (view === 'week') return week;
    if (view === 'agenda') return datesFrom(date, AGENDA_DAYS);
    if (view === 'workweek') {
      const working = week.filter((day) => worksOn(workspace, day));
      return working.length > 0 ? working : week;
    }
    const first = weekOf(`${date.slice(0, 7)}-01`, weekStart);
    const last = Temporal.PlainDate.from(date).with({ day: 31 }).toString();
    const weeks = Temporal.PlainDate.from(first).until(last).days;
    return datesFrom(first, (Math.floor(weeks / 7) + 1) * 7);
  },
);

/** As many of the days as there is room for at `most`, the date among them; the same list where all have room. */
export function around(dates: readonly IsoDate[], date: IsoDate, most: number): readonly IsoDate[] {
  if (dates.length <= most) return dates;
  const at = Math.max(0, dates.indexOf(date));
  const first = Math.max(0, at - most + 1);
  return dates.slice(first, first + most);
}

/** So far a working day is looked for; where there is none, no day is left out. */
const MOST_DAYS_OFF = 60;

/** So many days from a date on, or those before it; without days off if they are to be left out. */
function daysFrom(workspace: Workspace, date: IsoDate, count: number, direction: 1 | -1 = 1): IsoDate[] {
  const ahead = Array.from({ length: count + MOST_DAYS_OFF }, (_, i) => addDays(date, i * direction));
  const working = workspace.settings.skipDaysOff ? ahead.filter((day) => worksOn(workspace, day)) : [];
  const found = (working.length >= count ? working : ahead).slice(0, count);
  return direction === 1 ? found : found.reverse();
}

/** The date to show after going one view forward (1) or back (-1). */
export function stepped(
  workspace: Workspace,
  view: View,
  date: IsoDate,
  direction: 1 | -1,
  fit: number,
): IsoDate {
  if (view === 'days') {
    const [first = date] = daysFrom(workspace, date, 1);
    const ahead = daysFrom(workspace, first, fit + 1).at(-1);
    const back = daysFrom(workspace, addDays(first, -1), fit, -1)[0];
    return (direction === 1 ? ahead : back) ?? date;
  }
  if (view === 'month') return Temporal.PlainDate.from(date).add({ months: direction }).toString();
  const length = { day: 1, week: 7, workweek: 7, agenda: AGENDA_DAYS }[view];
  return addDays(date, direction * length);
}
