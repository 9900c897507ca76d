import { occurrencesIn } from '../calendar/occurrences';
import type { Id } from '../model/common';
import { sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { openTimes } from '../plan/openTimes';
import { intersect, lengthOf, type Span } from '../time/span';
import {
  addDays,
  dateOf,
  datesFrom,
  dayOf,
  instantOf,
  weekdayOf,
  type IsoDate,
  type Zone,
} from '../time/zone';

/** The hours of a day within which somebody can be met, `HH:MM` of their own clock. */
export type Hours = { readonly from: string; readonly to: string };

/** The days on which people are met where nothing else is said. */
export const WORKDAYS: readonly number[] = [1, 2, 3, 4, 5];

/** What free times are wanted. */
export type Giving = {
  /** How long the meeting is to be. */
  readonly minutes: number;
  /** The first day, and how many days are looked at. */
  readonly from: IsoDate;
  readonly days: number;
  /** Monday is 1. */
  readonly weekdays: readonly number[];
  /** How many times are given at most. */
  readonly most: number;
  /** Weeks that are sealed are left out. */
  readonly leavesSealed: boolean;
  /** The zone of whoever gets them, and their hours. */
  readonly theirs: Zone;
  readonly hours: Hours | null;
  /** Calendars of others whose times are to be free, too. */
  readonly with: readonly Id[];
};

/** When somebody can be met at all in a range: the hours of each of their days. */
function hoursIn(range: Span, { from, to }: Hours, zone: Zone): Span[] {
  const first = dateOf(range.from, zone);
  const days = Math.ceil((range.to - range.from) / 86_400_000) + 2;
  return datesFrom(first, days).map((date) => ({
    from: instantOf(`${date}T${from}`, zone),
    to: instantOf(to > from ? `${date}T${to}` : `${addDays(date, 1)}T${to}`, zone),
  }));
}

/** When the calendars of others have something, whether they take one's own time or not. */
function takenByOthers({ events }: Workspace, range: Span, ids: readonly Id[], zone: Zone): Span[] {
  if (ids.length === 0) return [];
  return occurrencesIn(events, range, zone).filter(
    ({ calendarId, busy }) => busy && ids.includes(calendarId),
  );
}

/** So many of them, spread over the days: one of each day before the second of any. */
function spread(spans: readonly Span[], most: number, zone: Zone): Span[] {
  const seen = new Map<IsoDate, number>();
  return spans
    .map((span) => {
      const date = dateOf(span.from, zone);
      const nth = seen.get(date) ?? 0;
      seen.set(date, nth + 1);
      return { span, nth };
    })
    .sort((a, b) => a.nth - b.nth || a.span.from - b.span.from)
    .slice(0, most)
    .map(({ span }) => span)
    .sort((a, b) => a.from - b.from);
}

/**
 * Stretches that can be given to somebody, by start: free here, within their hours, and free in the calendars and within the hours of the others; and
 * whether they lie in zones that are open to meetings.
 */
export function freeTimes(
  workspace: Workspace,
  giving: Giving,
  zone: Zone,
  now: number,
): { readonly times: Span[]; readonly open: boolean } {
  const { minutes, from, days, weekdays, most, leavesSealed, theirs, hours } = giving;
  const dates = datesFrom(from, days)
    .filter((date) => weekdays.includes(weekdayOf(date)))
    .filter((date) => !leavesSealed || !sealOn(workspace, date));
  const range = { from: dayOf(from, zone).from, to: dayOf(addDays(from, days - 1), zone).to };
  const taken = takenByOthers(workspace, range, giving.with, zone);
  const { times: free, open } = openTimes(workspace, dates, minutes, zone, now, taken);
  const clocks = giving.with.flatMap((id) => workspace.calendars.get(id)?.hours ?? []);
  const all = hours === null ? clocks : [...clocks, { ...hours, zone: theirs }];
  const met = all.reduce((left, one) => intersect(left, hoursIn(range, one, one.zone)), free);
  const long = met.filter((span) => lengthOf(span) >= minutes);
  return { times: spread(long, most, zone), open };
}
