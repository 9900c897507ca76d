import { hoursSaid } from '../frame/zones';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { minutesOf, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { dayPlan } from './dayPlan';
import { pockets } from './placing';

/** What can still be planned into the hours of a day: its free stretches, and how many minutes of them. */
export type DayRoom = { readonly day: Span; readonly free: readonly Span[]; readonly most: number };

/** The room of a day from `now` on. Where one has said how many hours one works on the day, there is no more than is left of those. */
export function roomOn(workspace: Workspace, date: IsoDate, zone: Zone, now: number): DayRoom {
  const { span, load } = dayPlan(workspace, date, zone);
  const unplanned = Math.max(0, load.free + load.inTray);
  return {
    day: span,
    free: pockets(workspace, date, zone, now),
    most: hoursSaid(workspace, date) === undefined ? Infinity : unplanned,
  };
}

/** The same as if a meeting or a block of the day were gone. */
export function roomWithout(workspace: Workspace, date: IsoDate, gone: Id, zone: Zone, now: number): DayRoom {
  const { day, free, most } = roomOn(workspace, date, zone, now);
  const more = pockets(workspace, date, zone, now, gone);
  return { day, free: more, most: most + minutesOf(more) - minutesOf(free) };
}
