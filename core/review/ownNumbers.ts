import type { Counted } from '../model/day';
import type { Workspace } from '../model/workspace';
import { firstWords } from '../notes/firstWords';
import type { IsoDate } from '../time/zone';

/** A number of one's own over some days: those on which it was entered, in order. */
export type NumberOver = {
  readonly counted: Counted;
  readonly days: readonly { readonly date: IsoDate; readonly value: number }[];
  /** Over the days on which it was entered. */
  readonly mean: number;
  readonly least: number;
  readonly most: number;
  /** On how many of them it reached what one means to reach; null where one has not said. */
  readonly reached: number | null;
};

const within = ({ days }: Workspace, first: IsoDate, last: IsoDate) =>
  days
    .values()
    .filter(({ id }) => first <= id && id <= last)
    .sort((a, b) => a.id.localeCompare(b.id));

/** One's own numbers between two days, these included; those never entered there are left out. */
export function numbersOver(workspace: Workspace, first: IsoDate, last: IsoDate): NumberOver[] {
  const days = within(workspace, first, last);
  return workspace.settings.routines.counted.flatMap((counted) => {
    const own = days.flatMap(({ id: date, numbers }) => {
      const found = numbers.find(({ of }) => of === counted.id);
      return found ? [{ date, value: found.value }] : [];
    });
    const values = own.map(({ value }) => value);
    if (values.length === 0) return [];
    const { target } = counted;
    return [
      {
        counted,
        days: own,
        mean: values.reduce((sum, value) => sum + value, 0) / values.length,
        least: Math.min(...values),
        most: Math.max(...values),
        reached: target === null ? null : values.filter((value) => value >= target).length,
      },
    ];
  });
}

/** The notes of days between two days, these included: how each begins, in order. */
export const notesOver = (workspace: Workspace, first: IsoDate, last: IsoDate) =>
  within(workspace, first, last)
    .filter(({ note }) => note.trim() !== '')
    .map(({ id, note }) => ({ date: id, words: firstWords(note) }));
