import type { Workspace } from '../model/workspace';
import { lastInstant } from '../tasks/deadline';
import { openOnes } from '../tasks/openTasks';
import { addDays, dateOf, dayOf, type Zone } from '../time/zone';
import { daysOfWeek } from '../time/week';

/** How far a plan reaches: to the end of today, of this week, of the next, or of the day on which the last thing is due. */
export const ranges = ['today', 'week', 'nextWeek', 'due'] as const;
export type Range = (typeof ranges)[number];

/** Nothing is planned further ahead than eight weeks. */
const FARTHEST = 56;

/** The end of the last day of a plan (epoch ms). */
export function endOfRange(workspace: Workspace, range: Range, zone: Zone, now: number): number {
  const today = dateOf(now, zone);
  const week = daysOfWeek(today, workspace.settings.weekStart).at(-1) ?? today;
  if (range === 'today') return dayOf(today, zone).to;
  if (range === 'week') return dayOf(week, zone).to;
  if (range === 'nextWeek') return dayOf(addDays(week, 7), zone).to;
  const farthest = dayOf(addDays(today, FARTHEST), zone).to;
  const due = openOnes(workspace, today, zone)
    .map((task) => lastInstant(task, workspace.events, zone))
    .filter((last) => last > now && last <= farthest);
  return due.length === 0 ? dayOf(week, zone).to : dayOf(dateOf(Math.max(...due) - 1, zone), zone).to;
}
