import type { Workspace } from '../model/workspace';
import { datesFrom, type IsoDate, type Zone } from '../time/zone';
import { dayPlan } from './dayPlan';

/** How many days ahead they are looked for. */
const FARTHEST = 21;

/** The next days that have room for work, from one on, no more than `most` and none later than three weeks. */
export function workingDays(workspace: Workspace, from: IsoDate, zone: Zone, most: number): IsoDate[] {
  const days = datesFrom(from, FARTHEST);
  return days.filter((date) => dayPlan(workspace, date, zone).load.capacity > 0).slice(0, most);
}
