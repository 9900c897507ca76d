import type { Workspace } from '../model/workspace';
import { usualHours, type DayHours } from '../time/dayHours';
import { clockOf } from '../time/wall';
import { datesFrom, type IsoDate } from '../time/zone';
import { worksOn, zoneTimes, type ZoneTime } from './zones';

/** How many days are looked through for one of work. */
const AHEAD = 7;
/** Between these minutes of a day a meal is lunch. */
const NOON = [11 * 60, 15 * 60] as const;

const isMeal = ({ zone, from }: ZoneTime): boolean =>
  zone.kind === 'duty' && /lunch|meal/i.test(zone.name) && from >= NOON[0] && from < NOON[1];

/** The hours of the next day of work from a date on, as its zones tell them: when one gets up, begins, eats, ends, goes to bed. */
export function dayHoursOf(workspace: Workspace, from: IsoDate): DayHours {
  const days = datesFrom(from, AHEAD);
  const date = days.find((day) => worksOn(workspace, day));
  if (date === undefined) return usualHours;
  const times = zoneTimes(workspace, date).filter(({ change }) => !change?.off);
  const sleep = times.find(({ zone }) => zone.kind === 'sleep');
  const work = times.filter(({ zone }) => zone.kind === 'work');
  const lunch = times.find(isMeal);
  return {
    up: sleep ? clockOf(sleep.from + sleep.minutes) : usualHours.up,
    bed: sleep ? clockOf(sleep.from) : usualHours.bed,
    begin: clockOf(Math.min(...work.map((time) => time.from))),
    end: clockOf(Math.max(...work.map((time) => time.from + time.minutes))),
    lunch: lunch ? clockOf(lunch.from) : usualHours.lunch,
  };
}
