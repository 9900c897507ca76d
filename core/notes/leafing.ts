import type { Workspace } from '../model/workspace';
import { addDays, yearBefore, type IsoDate } from '../time/zone';
import { firstWords } from './firstWords';

/** How many weeks back the notes of the same weekday are looked for. */
const WEEKS = 4;

/** A note to leaf back to: of which day, and its first words. */
export type Earlier = { readonly date: IsoDate; readonly text: string };

/** The notes of a year ago and of the same weekday of the last weeks, the latest first; the day before comes first of all. */
export function earlierNotes({ days }: Workspace, date: IsoDate): readonly Earlier[] {
  const weeks = Array.from({ length: WEEKS }, (_, i) => addDays(date, -7 * (i + 1)));
  return [addDays(date, -1), ...weeks, yearBefore(date)].flatMap((day) => {
    const text = firstWords(days.get(day)?.note ?? '');
    return text === '' ? [] : [{ date: day, text }];
  });
}
