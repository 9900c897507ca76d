import { DAY_MINUTES } from '../../model/frame';
import type { DayHours } from '../../time/dayHours';
import { MINUTE } from '../../time/span';
import { clockOf, minutesOfClock } from '../../time/wall';
import type { Style } from '../../time/words';
import { addDays, instantOf, wallOf, type IsoDate, type Zone } from '../../time/zone';
import type { Clock, Part } from './clock';
import type { Day } from './figures';

/** What moments are read by: now (epoch ms), the person's zone, how dates are written, the hours of their day. */
export type Present = {
  readonly now: number;
  readonly zone: Zone;
  readonly dates: Style['dates'];
  readonly hours: DayHours;
};

/** A moment as it is told, each part of it where it is. */
export type Told = {
  readonly day?: Day;
  readonly clock?: Clock;
  /** Until which hour, where a stretch is told. */
  readonly end?: Clock;
  readonly part?: Part;
};

/** A moment as it is meant: an hour without a day is the next such hour; `minutes` is how long a stretch is. */
export type Moment = {
  readonly date: IsoDate;
  readonly time: string | null;
  readonly minutes?: number;
  readonly hourOnly: boolean;
};

const wallNow = ({ now, zone }: Present) => wallOf(now, zone);
export const todayOf = (present: Present): IsoDate => wallNow(present).slice(0, 10);

const HALF_DAY = 720;

/** The hours that a clock may mean, in minutes, in their order. */
const meanings = ({ minutes, isWhole }: Clock): number[] =>
  isWhole || minutes > HALF_DAY
    ? [minutes]
    : minutes === HALF_DAY
      ? [HALF_DAY]
      : [minutes % HALF_DAY, (minutes % HALF_DAY) + HALF_DAY];

/** Which of them is meant on a day: by the part of the day that is told, else the first in waking hours after `from` minutes. */
function hourOf(clock: Clock, part: Part | undefined, hours: DayHours, from: number): number {
  const all = meanings(clock);
  if (part) return (part.isLate ? all.at(-1) : all[0]) ?? clock.minutes;
  const [up, bed] = [minutesOfClock(hours.up), minutesOfClock(hours.bed) || DAY_MINUTES];
  const awake = all.filter((minutes) => minutes >= up && minutes < (bed < up ? bed + DAY_MINUTES : bed));
  return awake.find((minutes) => minutes > from) ?? awake[0] ?? all[0] ?? clock.minutes;
}

/** From when to when a stretch of hours is, in minutes; its end may lie on the day after. */
function stretch(
  clock: Clock,
  end: Clock,
  part: Part | undefined,
  hours: DayHours,
  from: number,
): [number, number] {
  const ends = meanings(end);
  const isLed = !clock.isWhole && end.isWhole && clock.minutes <= HALF_DAY && !part;
  const led = isLed
    ? meanings(clock)
        .filter((minutes) => minutes < (ends[0] ?? 0))
        .at(-1)
    : undefined;
  const start = led ?? hourOf(clock, part, hours, from);
  const close =
    [...ends, ...ends.map((minutes) => minutes + DAY_MINUTES)].find((minutes) => minutes > start) ?? start;
  return [start, close];
}

/** What is meant by a moment that is told; undefined where nothing tells one. */
export function momentOf(
  { day, clock, end, part }: Told,
  present: Present,
  isRepeated = false,
): Moment | undefined {
  const today = todayOf(present);
  const nowMinutes = minutesOfClock(wallNow(present).slice(11, 16));
  const date = day?.date ?? today;
  if (!clock && !part) return day && { date, time: null, hourOnly: false };
  const from = date === today && !isRepeated ? nowMinutes : -1;
  const [start, close] =
    clock && end
      ? stretch(clock, end, part, present.hours, from)
      : [clock ? hourOf(clock, part, present.hours, from) : (part?.minutes ?? 0), undefined];
  // without a day the next such hour is meant
  const hasPassed = !day && !part?.isToday && start <= nowMinutes;
  const onDate = addDays(date, (hasPassed ? 1 : 0) + Math.floor(start / DAY_MINUTES));
  return {
    date: onDate,
    time: clockOf(start),
    ...(close === undefined ? {} : { minutes: close - start }),
    hourOnly: !day,
  };
}

/** The wall time some minutes after a moment. */
export const shifted = ({ date, time }: Moment, minutes: number, zone: Zone): Moment => {
  const wall = wallOf(instantOf(`${date}T${time ?? '00:00'}`, zone) + minutes * MINUTE, zone);
  return { date: wall.slice(0, 10), time: wall.slice(11, 16), hourOnly: false };
};
