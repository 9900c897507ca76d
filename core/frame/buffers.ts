import type { Workspace } from '../model/workspace';
import { MINUTE, intersect, union, type Span } from '../time/span';
import { addDays, dayOf, type IsoDate, type Zone } from '../time/zone';
import { zonesOn } from './zones';

/** The stretches of a day that are left free after zones that ask for it, as after travel. */
export function buffersOn(workspace: Workspace, date: IsoDate, zone: Zone): Span[] {
  const around = [addDays(date, -1), date].flatMap((day) => zonesOn(workspace, day, zone));
  const after = around.flatMap(({ zone: { buffer }, spans }) => {
    const last = spans.at(-1);
    return buffer > 0 && last ? [{ from: last.to, to: last.to + buffer * MINUTE }] : [];
  });
  return intersect(union(after), [dayOf(date, zone)]);
}
