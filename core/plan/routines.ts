import type { ChecklistItem } from '../model/day';
import type { Workspace } from '../model/workspace';
import { weekdayOf, type IsoDate } from '../time/zone';

/** The lines of the checklist for the opening or the close of a day. */
export const itemsOn = (
  { settings }: Workspace,
  date: IsoDate,
  at: ChecklistItem['at'],
): readonly ChecklistItem[] =>
  settings.routines.checklist.filter(
    (item) => item.at === at && (item.days.length === 0 || item.days.includes(weekdayOf(date))),
  );

/** How many of them are not ticked yet. */
export function itemsLeft(workspace: Workspace, date: IsoDate, at: ChecklistItem['at']): number {
  const ticked = workspace.days.get(date)?.ticked ?? [];
  return itemsOn(workspace, date, at).filter(({ id }) => !ticked.includes(id)).length;
}
