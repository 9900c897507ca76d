import type { Id } from '../model/common';
import type { ChecklistItem, Counted, OwnRoutine } from '../model/day';
import type { Workspace } from '../model/workspace';
import { durationWords } from '../time/words';
import { weekdayOf, type IsoDate } from '../time/zone';

type Line = Omit<ChecklistItem, 'days'>;

/** Whether something is for the weekday of a date. */
const holdsOn = ({ days }: { readonly days: readonly number[] }, date: IsoDate): boolean =>
  days.length === 0 || days.includes(weekdayOf(date));

/** The lines of the checklist for the opening or the close of a day: those of its weekday, and its own. */
export const itemsOn = ({ settings, days }: Workspace, date: IsoDate, at: Line['at']): readonly Line[] => [
  ...settings.routines.checklist.filter((item) => item.at === at && holdsOn(item, date)),
  ...(days.get(date)?.checklist ?? []).filter((item) => item.at === at),
];

/** How many of them are not ticked yet. */
export const itemsLeft = (workspace: Workspace, date: IsoDate, at: ChecklistItem['at']): number =>
  linesLeft(workspace, itemsOn(workspace, date, at), date).length;

/** The routines of one's own that a day has, with their lines. */
export const ownRoutinesOn = ({ settings }: Workspace, date: IsoDate): OwnRoutine[] =>
  settings.routines.own.filter((routine) => routine.lines.length > 0 && holdsOn(routine, date));

/** The lines that are not ticked on a day. */
export const linesLeft = <L extends { readonly id: Id }>(
  { days }: Workspace,
  lines: readonly L[],
  date: IsoDate,
): L[] => lines.filter(({ id }) => !days.get(date)?.ticked.includes(id));

/** A number as it is said: `12 samples`, `1 h 30`, `yes`. */
export function numberWords({ kind, unit }: Counted, value: number): string {
  if (kind === 'yesNo') return value > 0 ? 'yes' : 'no';
  return kind === 'minutes' ? durationWords(value) : [value, unit].filter((word) => word !== '').join(' ');
}
