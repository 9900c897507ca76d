import type { Workspace } from '../model/workspace';
import type { Span } from '../time/span';
import type { Zone } from '../time/zone';
import { zoneAround } from './belonging';
import type { ZoneOnDay } from './zones';

/**
 * The zones that head the stretches of a list in the order of time: for each span the zone that begins with it, or
 * undefined where it lies in the same zone as the one before, or in none.
 */
export function headsOf(workspace: Workspace, spans: readonly Span[], zone: Zone): (ZoneOnDay | undefined)[] {
  let last = '';
  return spans.map((span) => {
    const around = zoneAround(workspace, span, zone);
    const key = around ? `${around.zone.id} ${around.date}` : '';
    const isNew = key !== '' && key !== last;
    last = key;
    return isNew ? around : undefined;
  });
}
