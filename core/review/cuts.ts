import { asShown } from '../calendar/layers';
import { occurrencesIn } from '../calendar/occurrences';
import { stretchesWhere } from '../frame/belonging';
import { spansOfKind } from '../frame/zones';
import type { FrameZone } from '../model/frame';
import { sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { daysIn, touchedBy } from '../time/days';
import { intersect, lengthOf, subtract, union, type Span } from '../time/span';
import { daysOfWeek } from '../time/week';
import { dayOf, type IsoDate, type Zone } from '../time/zone';

/** A stretch that is long enough for real work, in minutes. */
export const LONG = 60;

/** Whether a zone keeps meetings out. */
export const isGuarded = ({ openness }: FrameZone): boolean => openness === 'guarded';

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

/** The busy meetings that touch each of some days, which follow each other. */
function busyOn(workspace: Workspace, dates: readonly IsoDate[], zone: Zone): Span[][] {
  const [first, last] = [dates[0], dates.at(-1)];
  if (first === undefined || last === undefined) return [];
  const range = { from: dayOf(first, zone).from, to: dayOf(last, zone).to };
  const days = daysIn(range, zone);
  const seals = days.map(({ date }) => sealOn(workspace, date));
  const found: Span[][] = days.map(() => []);
  for (const occurrence of occurrencesIn(workspace.events, range, zone))
    for (const i of touchedBy(days, occurrence))
      if (asShown(workspace, occurrence, seals[i]).some(({ busy }) => busy)) found[i]?.push(occurrence);
  return found;
}

/** How meetings cut up the working hours of some days, which follow each other. */
export function cutsOf(workspace: Workspace, dates: readonly IsoDate[], zone: Zone): DayCuts[] {
  const busy = busyOn(workspace, dates, zone);
  return dates.map((date, i) => {
    const working = spansOfKind(workspace, date, zone, 'work');
    const free = subtract(working, busy[i] ?? []);
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
  });
}

/** How meetings cut up the week that a date lies in. */
export function weekCuts(workspace: Workspace, date: IsoDate, zone: Zone): WeekCuts {
  const days = cutsOf(workspace, daysOfWeek(date, workspace.settings.weekStart), zone);
  const guarded = days.flatMap(({ date: day, free }) => {
    const kept = stretchesWhere(workspace, day, zone, isGuarded);
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
