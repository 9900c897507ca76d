import type { Workspace } from '../model/workspace';
import { addDays, dayOf, type IsoDate, type Zone } from '../time/zone';
import { entriesIn } from '../track/entries';
import { dayPlan } from './dayPlan';

/** How many days back a close that was missed is offered. */
const BACK = 7;

/** What a day has in its plan and its record, until an instant. */
export function thingsOf(workspace: Workspace, date: IsoDate, zone: Zone, until: number) {
  const { blocks, tray } = dayPlan(workspace, date, zone);
  return [...blocks, ...tray, ...entriesIn(workspace.entries, dayOf(date, zone), until)];
}

/** Whether a day is closed: it was, and neither its plan nor its record has changed since. */
export function isClosed(workspace: Workspace, date: IsoDate, zone: Zone): boolean {
  const { closedAt, closedWith } = workspace.days.get(date) ?? {};
  if (closedAt === undefined) return false;
  const things = thingsOf(workspace, date, zone, closedAt);
  // in another zone a day has other hours, and so other things
  if (closedWith?.zone === zone && closedWith.things !== things.length) return false;
  return things.every(({ changedAt = 0 }) => changedAt <= closedAt);
}

/**
 * The days before one that were lived and never closed, the earliest first. None for a person who has not closed a day yet, and
 * none before the last that was closed: what lies further back was left open.
 */
export function missedCloses(workspace: Workspace, today: IsoDate, zone: Zone): IsoDate[] {
  const back = Array.from({ length: BACK }, (_, i) => addDays(today, -1 - i));
  const last = back.findIndex((date) => workspace.days.get(date)?.closedAt !== undefined);
  if (last < 0) return [];
  return back
    .slice(0, last)
    .filter((date) => isLived(workspace, date, zone))
    .reverse();
}

/** Whether something was planned on a day, or recorded. */
export function isLived(workspace: Workspace, date: IsoDate, zone: Zone): boolean {
  const { blocks, tray, span } = dayPlan(workspace, date, zone);
  return blocks.length + tray.length + entriesIn(workspace.entries, span, span.to).length > 0;
}
