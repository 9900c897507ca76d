import { plainDay, type Day } from '../model/day';
import type { Workspace } from '../model/workspace';
import { thingsOf } from '../plan/closing';
import type { Zone } from '../time/zone';
import { command, put } from './command';

/** The workspace with something else said of a day. */
export const said = (workspace: Workspace, date: string, change: (day: Day) => Day): Workspace =>
  put(workspace, 'days', change(workspace.days.get(date) ?? plainDay(date)));

/** Says that the opening of a day has been gone through (epoch ms). */
export const endOpening = command('open the day', (workspace, { date, at }: { date: string; at: number }) =>
  said(workspace, date, (day) => ({ ...day, openedAt: at })),
);

/** Closes days at an instant. */
export const closeDays = command(
  'close the day',
  (workspace, { dates, at, zone }: { dates: readonly string[]; at: number; zone: Zone }) =>
    dates.reduce((before, date) => {
      const closedWith = { things: thingsOf(workspace, date, zone, at).length, zone };
      return said(before, date, (day) => ({ ...day, closedAt: at, closedWith }));
    }, workspace),
);
