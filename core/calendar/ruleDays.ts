import type ICAL from 'ical.js';

/*
 * The days of a recurrence rule, a week, month or year at a time (RFC 5545 3.3.10). Days are counted from 1970, months
 * from January 1970.
 */

type Weekday = { readonly nth: number; readonly day: number };

const WEEKDAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
/** Monday is 1, Sunday 7; the first of January 1970 was a Thursday. */
const weekdayOf = (day: number) => ((((day + 3) % 7) + 7) % 7) + 1;
/** The first day of the week of a day, where weeks begin on a weekday. */
export const weekStart = (day: number, first: number) => day - ((weekdayOf(day) - first + 7) % 7);

export const firstOfMonth = (month: number) => Math.floor(Date.UTC(1970, month) / 86_400_000);
export const firstOfYear = (year: number) => firstOfMonth((year - 1970) * 12);
export const monthOf = (day: number) => {
  const date = new Date(day * 86_400_000);
  return (date.getUTCFullYear() - 1970) * 12 + date.getUTCMonth();
};
export const yearOf = (day: number) => 1970 + Math.floor(monthOf(day) / 12);

const range = (from: number, to: number) =>
  Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);

/** A stretch of days, the last of which lies before `end`. */
type Days = { readonly first: number; readonly end: number };

const monthDaysOf = (month: number): Days => ({ first: firstOfMonth(month), end: firstOfMonth(month + 1) });
const daysOf = ({ first, end }: Days) => range(first, end);

/** Whether a place in a list of so many, counted from 1, is the n-th or, for a negative n, the n-th from the end. */
export const isNth = (place: number, length: number, n: number) => place === (n > 0 ? n : length + 1 + n);

/** The weekday that weeks begin on; ical.js counts Sunday as 1. */
export const firstWeekday = (rule: ICAL.Recur) => ((rule.wkst + 5) % 7) + 1;

/** The days that a rule has in a stretch of time; what it does not say comes from the day that it starts on. */
export function ruleDays(rule: ICAL.Recur, startDay: number) {
  const { BYMONTH: months, BYMONTHDAY: monthDays, BYYEARDAY: yearDays, BYWEEKNO: weeks, BYDAY } = rule.parts;
  const weekdays = BYDAY?.map((text): Weekday => ({
    nth: Number.parseInt(text, 10) || 0,
    day: WEEKDAYS.indexOf(text.slice(-2)) + 1,
  }));
  const [startMonth, startWeekday] = [monthOf(startDay), weekdayOf(startDay)];
  const dayInMonth = startDay - firstOfMonth(startMonth);

  const inMonths = (month: number) => !months || months.includes((((month % 12) + 12) % 12) + 1);
  /** Whether the numbers of a part, if the rule has it, pick a day of a stretch. */
  const isPicked = (numbers: readonly number[] | undefined, day: number, { first, end }: Days) =>
    !numbers || numbers.some((n) => isNth(day - first + 1, end - first, n));
  /** Whether it is one of the weekdays; the n-th ones are counted within a stretch. */
  const isWeekday = (day: number, { first, end }: Days) =>
    !weekdays ||
    weekdays.some(({ nth, day: weekday }) => {
      if (weekdayOf(day) !== weekday) return false;
      if (nth === 0) return true;
      const place = nth > 0 ? day - first : end - 1 - day;
      return Math.floor(place / 7) + 1 === Math.abs(nth);
    });

  const monthAround = (day: number) => {
    const month = monthOf(day);
    const year = yearOf(day);
    return {
      own: monthDaysOf(month),
      year: { first: firstOfYear(year), end: firstOfYear(year + 1) },
      isIn: inMonths(month),
    };
  };
  // most are asked day by day
  let known = monthAround(startDay);

  /** Whether a yearly rule has a day of a month and year. */
  function isOfYear(day: number, month: number, year: Days): boolean {
    const own = monthDaysOf(month);
    if (!isPicked(monthDays, day, own) || !isPicked(yearDays, day, year)) return false;
    if (weekdays) return isWeekday(day, months ? own : year);
    if (monthDays || yearDays) return true;
    if (weeks) return weekdayOf(day) === startWeekday;
    return day - own.first === dayInMonth && (months !== undefined || (month - startMonth) % 12 === 0);
  }
  /** The days of the weeks of a year that are picked; they may lie in the years beside it. */
  function daysOfWeeks({ first, end }: Days, numbers: readonly number[]): number[] {
    const [week1, after] = [first, end].map((day) => weekStart(day + 3, firstWeekday(rule)));
    const count = ((after ?? 0) - (week1 ?? 0)) / 7;
    const picked = range(0, count).filter((week) => numbers.some((n) => isNth(week + 1, count, n)));
    return picked.flatMap((week) => range((week1 ?? 0) + week * 7, (week1 ?? 0) + week * 7 + 7));
  }

  return {
    ofYear(year: number): number[] {
      const all = { first: firstOfYear(year), end: firstOfYear(year + 1) };
      if (weeks)
        return daysOfWeeks(all, weeks).filter(
          (day) => inMonths(monthOf(day)) && isOfYear(day, monthOf(day), all),
        );
      const january = (year - 1970) * 12;
      return range(january, january + 12)
        .filter(inMonths)
        .flatMap((month) => daysOf(monthDaysOf(month)).filter((day) => isOfYear(day, month, all)));
    },
    ofMonth(month: number): number[] {
      const own = monthDaysOf(month);
      if (!inMonths(month)) return [];
      return daysOf(own).filter(
        (day) =>
          isPicked(monthDays, day, own) &&
          isWeekday(day, own) &&
          (weekdays !== undefined || monthDays !== undefined || day - own.first === dayInMonth),
      );
    },
    ofWeek: (first: number): number[] =>
      range(first, first + 7).filter(
        (day) =>
          inMonths(monthOf(day)) &&
          (weekdays ? isWeekday(day, { first: day, end: day + 7 }) : weekdayOf(day) === startWeekday),
      ),
    /** Whether a rule of days or less has times on a day. */
    isOne(day: number): boolean {
      if (day < known.own.first || day >= known.own.end) known = monthAround(day);
      return (
        known.isIn &&
        isWeekday(day, { first: day, end: day + 7 }) &&
        isPicked(monthDays, day, known.own) &&
        isPicked(yearDays, day, known.year)
      );
    },
  };
}
