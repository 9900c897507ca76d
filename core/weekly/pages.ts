import { derived } from '../model/collection';
import type { WeekPage } from '../model/weekPage';
import type { Workspace } from '../model/workspace';
import { median } from '../median';
import { firstWords } from '../notes/firstWords';
import { isLived } from '../plan/closing';
import { daysOfWeek, weekOf } from '../time/week';
import { addDays, datesFrom, weekdayOf, type IsoDate, type Zone } from '../time/zone';

type Pages = Pick<Workspace, 'weeks'>;

const newestFirst = derived<WeekPage, WeekPage[]>((pages) =>
  pages.values().sort((a, b) => b.id.localeCompare(a.id)),
);

/** All pages, the latest week first. */
export const pagesOf = ({ weeks }: Pages): readonly WeekPage[] => newestFirst(weeks);

/** The page about the week that begins on a date; one from when weeks began on another day is that of the week it began in. */
export function pageOf({ weeks }: Pages, week: IsoDate): WeekPage | undefined {
  const days = datesFrom(week, 7).map((date) => weeks.get(date));
  return days.find((page) => page !== undefined);
}

/** Whether there is something on a page. */
export const isWritten = (page: WeekPage | undefined): boolean => (page?.text.trim() ?? '') !== '';

/** What a page says first, but for its headings. */
export const gistOf = ({ text }: WeekPage): string =>
  firstWords(
    text
      .split('\n')
      .filter((line) => !line.startsWith('#'))
      .join('\n'),
  );

/** The pages that have all the typed words, the latest week first; all that are written without one. */
export function findPages(workspace: Pages, typed: string): WeekPage[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return pagesOf(workspace).filter((page) => {
    const text = page.text.toLowerCase();
    return isWritten(page) && words.every((word) => text.includes(word));
  });
}

/** So many of the last reviews say how long one usually takes. */
const LAST = 8;

/** How long a review usually takes, in minutes: the median of the last eight; undefined before there is one. */
export function usualMinutes(workspace: Pages): number | undefined {
  const taken = pagesOf(workspace)
    .flatMap(({ minutes }) => minutes ?? [])
    .slice(0, LAST);
  return taken.length === 0 ? undefined : median(taken);
}

/** On the first so many days of a week it is the week before that waits to be looked back on. */
const LATE_DAYS = 3;

/**
 * The week whose review is due on a day: early in a week the one before it, for as long as something happened in it and its
 * review has not been ended; else the present one.
 */
export function weekToReview(workspace: Workspace, today: IsoDate, zone: Zone): IsoDate {
  const { weekStart } = workspace.settings;
  const week = weekOf(today, weekStart);
  const before = addDays(week, -7);
  const isEarly = (weekdayOf(today) - weekStart + 7) % 7 < LATE_DAYS;
  if (!isEarly || pageOf(workspace, before)?.endedAt !== undefined) return week;
  return daysOfWeek(before, weekStart).some((date) => isLived(workspace, date, zone)) ? before : week;
}
