import { weekdayOf, type IsoDate, type Zone } from '../time/zone';
import { cut, hoursOf } from './cutting';
import { recordedDays } from './findings';
import { wholeWeeks } from './inGroups';
import type { LedgerRow } from './ledger';

/** Minutes of work in an hour of the clock on days of one weekday: the mean over those that have a record. */
export type HourOfWeek = { readonly weekday: number; readonly hour: number; readonly minutes: number };

/** When one works: each hour of each weekday that has a record at all. */
export function hoursOfWeek(rows: readonly LedgerRow[], zone: Zone): HourOfWeek[] {
  const days = recordedDays(rows);
  const count = new Map<number, number>();
  const sums = new Map<string, number>();
  for (const [date, own] of days) {
    const weekday = weekdayOf(date);
    count.set(weekday, (count.get(weekday) ?? 0) + 1);
    const hours = hoursOf(date, zone);
    for (const { key, row } of own.flatMap((each) => cut(each, hours))) {
      const at = `${weekday} ${Number(key)}`;
      sums.set(at, (sums.get(at) ?? 0) + row.actual);
    }
  }
  return [...count].flatMap(([weekday, of]) =>
    Array.from({ length: 24 }, (_, hour) => ({
      weekday,
      hour,
      minutes: Math.round((sums.get(`${weekday} ${hour}`) ?? 0) / of),
    })),
  );
}

/** Planned and actual minutes of a week, by its first day. */
export type WeekSum = { readonly week: IsoDate; readonly planned: number; readonly actual: number };

/** The weeks of some rows, in order: those that lie whole between two days, these included. */
export function weekSums(
  rows: readonly LedgerRow[],
  weekStart: number,
  span: { readonly from: IsoDate; readonly until: IsoDate },
): WeekSum[] {
  return wholeWeeks(rows, weekStart, span).map(({ week, rows: own }) => ({
    week,
    planned: own.reduce((sum, { planned }) => sum + planned, 0),
    actual: own.reduce((sum, { actual }) => sum + actual, 0),
  }));
}
