import type { Workspace } from '../model/workspace';
import type { IsoDate, Zone } from '../time/zone';
import { dayPlan, type Load } from './dayPlan';
import { seen } from './lens';
import { thingsOf, type Thing } from './things';

export type DayList = { readonly date: IsoDate; readonly load: Load; readonly things: readonly Thing[] };

/** All that is seen of a day as one list, and its load. */
export function dayList(workspace: Workspace, date: IsoDate, zone: Zone): DayList {
  const plan = seen(dayPlan(workspace, date, zone), workspace);
  return { date, load: plan.load, things: thingsOf(plan, workspace, zone) };
}
