import { zonesOn } from '../frame/zones';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { intersect, lengthOf, subtract, union, type Span } from '../time/span';
import { daysOfWeek } from '../time/week';
import type { IsoDate, Zone } from '../time/zone';

/** A stretch that is long enough for real work, in minutes. */
export const LONG = 60;

/** How meetings cut up the working hours of a day. */
export type DayCuts = {
  readonly date: IsoDate;
  readonly working: readonly Span[];
  /** The working hours in which no busy meeting lies, in order; what is planned into them does not matter. */
  readonly free: readonly Span[];
  /** The longest of these, in minutes; 0 on a day off. */
  readonly longest: number;
  /** How many of them are an hour or longer, and the minutes of those together. */
  readonly long: number;
  readonly longMinutes: number;
};

/** The same for a week, and its best stretch in zones that keep meetings out. */
export type WeekCuts = {
  readonly days: readonly DayCuts[];
  readonly longest: number;
  readonly long: number;
  readonly longMinutes: number;
  readonly guarded: Span | undefined;
};

const busyOn = (workspace: Workspace, date: IsoDate, zone: Zone): Span[] => {
  const { meetings, allDay } = dayPlan(workspace, date, zone);
  return [...meetings, ...allDay].filter(({ busy }) => busy);
};

/** How meetings cut up the working hours of a day. */
export function dayCuts(workspace: Workspace, date: IsoDate, zone: Zone): DayCuts {
  const { working } = dayPlan(workspace, date, zone);
  const free = subtract(working, busyOn(workspace, date, zone));
  const minutes = free.map((span) => Math.floor(lengthOf(span)));
  const long = minutes.filter((length) => length >= LONG);
  return {
    date,
    working,
    free,
    longest: Math.max(0, ...minutes),
    long: long.length,
    longMinutes: long.reduce((sum, length) => sum + length, 0),
  };
}

/** How meetings cut up the week that a date lies in. */
export function weekCuts(workspace: Workspace, date: IsoDate, zone: Zone): WeekCuts {
  const days = daysOfWeek(date, workspace.settings.weekStart).map((day) => dayCuts(workspace, day, zone));
  const guarded = days.flatMap(({ date: day, free }) => {
    const kept = zonesOn(workspace, day, zone).flatMap((one) =>
      one.zone.openness === 'guarded' ? one.spans : [],
    );
    return intersect(free, union(kept));
  });
  return {
    days,
    longest: Math.max(...days.map(({ longest }) => longest)),
    long: days.reduce((sum, { long }) => sum + long, 0),
    longMinutes: days.reduce((sum, { longMinutes }) => sum + longMinutes, 0),
    guarded: guarded.sort((a, b) => lengthOf(b) - lengthOf(a) || a.from - b.from)[0],
  };
}
