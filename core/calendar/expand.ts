import type ICAL from 'ical.js';
import {
  firstOfMonth,
  firstOfYear,
  firstWeekday,
  isNth,
  monthOf,
  ruleDays,
  weekStart,
  yearOf,
} from './ruleDays';

/*
 * The starts of a recurrence rule, a period (year, month, week, day, hour, minute, second) at a time: RFC 5545 3.3.10
 * and its table of what each part does in each kind of period. A period costs no more than the days it has, so that a
 * stretch of time costs what its periods do, however old or odd the rule is.
 */

/** In seconds. */
export const DAY = 86_400;
const BELOW_DAYS: Readonly<Record<string, number>> = { HOURLY: 3600, MINUTELY: 60, SECONDLY: 1 };

/** Wall time in seconds since 1970, as if in UTC. */
export type Wall = number;

/** The periods of a rule, by number; the one that it starts in is 0. */
export type Periods = {
  /** The last period that begins at or before a wall time, or the one before it. */
  readonly at: (wall: Wall) => number;
  /** No start of a period, nor of any after it, is earlier. */
  readonly beginOf: (period: number) => Wall;
  /** The starts of a period, by time, those before the rule's own start among them. */
  readonly startsOf: (period: number) => readonly Wall[];
  /** The next period that may have starts. */
  readonly after: (period: number) => number;
};

/** A period that would have more starts is passed over. */
const MOST_IN_PERIOD = 50_000;

const sorted = (list: readonly number[]) => [...new Set(list)].sort((a, b) => a - b);
const dayOf = (wall: Wall) => Math.floor(wall / DAY);

/** Those of a period's starts that BYSETPOS picks. */
function picked(rule: ICAL.Recur, starts: readonly Wall[]): readonly Wall[] {
  const positions = rule.parts.BYSETPOS;
  return positions ? starts.filter((_, i) => positions.some((n) => isNth(i + 1, starts.length, n))) : starts;
}

/** The periods of a rule that begins at a wall time; of whole days, what it says of hours does not count. */
export function periodsOf(rule: ICAL.Recur, start: Wall, allDay: boolean): Periods {
  const unit = allDay ? undefined : BELOW_DAYS[rule.freq];
  return unit === undefined ? periodsOfDays(rule, start, allDay) : periodsOfHours(rule, start, unit);
}

/** The times of a day, in seconds, that a rule of days or longer has. */
function timesOfDay(rule: ICAL.Recur, time: number): number[] {
  const hours = sorted(rule.parts.BYHOUR ?? [Math.floor(time / 3600)]);
  const minutes = sorted(rule.parts.BYMINUTE ?? [Math.floor(time / 60) % 60]);
  const seconds = sorted(rule.parts.BYSECOND ?? [time % 60]);
  const times = hours.flatMap((h) => minutes.flatMap((m) => seconds.map((s) => h * 3600 + m * 60 + s)));
  // the sixtieth second of a minute is the first of the next
  return times.filter((at, i) => at !== times[i - 1]);
}

function periodsOfDays(rule: ICAL.Recur, start: Wall, allDay: boolean): Periods {
  const interval = rule.interval || 1;
  const first = dayOf(start);
  const days = ruleDays(rule, first);
  const times = allDay ? [0] : timesOfDay(rule, start - first * DAY);
  const onDays = (list: readonly number[]) =>
    list.length * times.length > MOST_IN_PERIOD
      ? []
      : picked(
          rule,
          list.flatMap((day) => times.map((time) => day * DAY + time)),
        );
  /** Periods that lie `every` apart, of which each has some days. */
  const periods = (
    numberOf: (day: number) => number,
    firstDayOf: (n: number) => number,
    daysIn: (n: number) => number[],
    every = interval,
  ): Periods => {
    const zero = numberOf(first);
    return {
      at: (wall) => Math.floor((numberOf(dayOf(wall)) - zero) / every) - 1,
      beginOf: (period) => firstDayOf(zero + period * every) * DAY,
      startsOf: (period) => onDays(daysIn(zero + period * every)),
      after: (period) => period + 1,
    };
  };
  // days of the first week of a year may lie in the year before
  if (rule.freq === 'YEARLY') return periods(yearOf, (year) => firstOfYear(year) - 3, days.ofYear);
  if (rule.freq === 'MONTHLY') return periods(monthOf, firstOfMonth, days.ofMonth);
  const itself = (day: number) => day;
  if (rule.freq === 'WEEKLY')
    return periods((day) => weekStart(day, firstWeekday(rule)), itself, days.ofWeek, 7 * interval);
  return periods(itself, itself, (day) => (days.isOne(day) ? [day] : []));
}

export const commonDivisor = (a: number, b: number): number => (b === 0 ? a : commonDivisor(b, a % b));

/** Of hours, minutes or seconds: what is finer than the period is laid out within it, what is not picks periods. */
function periodsOfHours(rule: ICAL.Recur, start: Wall, unit: number): Periods {
  const { BYHOUR: hours, BYMINUTE: minutes, BYSECOND: seconds } = rule.parts;
  const days = ruleDays(rule, dayOf(start));
  const step = (rule.interval || 1) * unit;
  const first = Math.floor(start / unit) * unit;
  const inHour = unit > 60 ? (minutes ?? [Math.floor((start - first) / 60)]) : [0];
  const inMinute = unit > 1 ? (seconds ?? [(start - first) % 60]) : [0];
  const within = sorted(inHour.flatMap((m) => inMinute.map((s) => m * 60 + s)));
  const beginOf = (period: number) => first + period * step;
  // no minute with one time has a second of them; every other second, from the second on, is never the first of a minute
  const never =
    picked(rule, within).length === 0 ||
    (unit === 1 && seconds && !seconds.some((s) => (s - first) % commonDivisor(step, 60) === 0));

  let known = { day: NaN, isOne: false };
  const isOne = (day: number) => {
    if (known.day !== day) known = { day, isOne: days.isOne(day) };
    return known.isOne;
  };
  /** How long from the beginning of a period nothing can be, in seconds; 0 when it has starts. */
  const emptyFor = (begin: Wall): number => {
    const time = begin - dayOf(begin) * DAY;
    if (never || !isOne(dayOf(begin))) return DAY - time;
    if (hours && !hours.includes(Math.floor(time / 3600))) return 3600 - (time % 3600);
    if (unit < 3600 && minutes && !minutes.includes(Math.floor(time / 60) % 60)) return 60 - (time % 60);
    return unit === 1 && seconds && !seconds.includes(time % 60) ? 1 : 0;
  };
  return {
    at: (wall) => Math.floor((wall - first) / step),
    beginOf,
    startsOf: (period) =>
      emptyFor(beginOf(period)) > 0
        ? []
        : picked(
            rule,
            within.map((time) => beginOf(period) + time),
          ),
    after: (period) => period + Math.max(1, Math.ceil(emptyFor(beginOf(period)) / step)),
  };
}
