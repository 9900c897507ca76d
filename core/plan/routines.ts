import type { ChecklistItem, Counted } from '../model/day';
import type { Workspace } from '../model/workspace';
import { durationWords } from '../time/words';
import { weekdayOf, type IsoDate } from '../time/zone';

type Line = Omit<ChecklistItem, 'days'>;

/** The lines of the checklist for the opening or the close of a day: those of its weekday, and its own. */
export const itemsOn = ({ settings, days }: Workspace, date: IsoDate, at: Line['at']): readonly Line[] => [
  ...settings.routines.checklist.filter(
    (item) => item.at === at && (item.days.length === 0 || item.days.includes(weekdayOf(date))),
  ),
  ...(days.get(date)?.checklist ?? []).filter((item) => item.at === at),
];

/** How many of them are not ticked yet. */
export function itemsLeft(workspace: Workspace, date: IsoDate, at: ChecklistItem['at']): number {
  const ticked = workspace.days.get(date)?.ticked ?? [];
  return itemsOn(workspace, date, at).filter(({ id }) => !ticked.includes(id)).length;
}

/** A number as it is said: `12 samples`, `1 h 30`, `yes`. */
export function numberWords({ kind, unit }: Counted, value: number): string {
  if (kind === 'yesNo') return value > 0 ? 'yes' : 'no';
  return kind === 'minutes' ? durationWords(value) : [value, unit].filter((word) => word !== '').join(' ');
}
