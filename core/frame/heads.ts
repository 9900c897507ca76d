import type { FrameZone } from '../model/frame';
import type { Workspace } from '../model/workspace';
import type { Span } from '../time/span';
import { dateOf, type Zone } from '../time/zone';
import { zonesOn } from './zones';

/** What heads a stretch of a list: a zone, and the hours without a break that it has there. */
export type Head = { readonly zone: FrameZone; readonly hours: Span };

/** The stretch of a zone that an instant lies in, if it lies in any. */
function stretchAt(workspace: Workspace, instant: number, zone: Zone): Head | undefined {
  for (const { zone: one, spans } of zonesOn(workspace, dateOf(instant, zone), zone)) {
    const hours = spans.find(({ from, to }) => instant >= from && instant < to);
    if (hours) return { zone: one, hours };
  }
  return undefined;
}

/**
 * What heads the stretches of a list in the order of time: for each span the zone that it begins in, or undefined where that
 * is the one before it, or none. So heads stand in the order of their hours, each once. What has no hour (null) has no head.
 */
export function headsOf(
  workspace: Workspace,
  spans: readonly (Span | null)[],
  zone: Zone,
): (Head | undefined)[] {
  let last = '';
  return spans.map((span) => {
    const head = span ? stretchAt(workspace, span.from, zone) : undefined;
    const key = head ? `${head.zone.id} ${head.hours.from}` : '';
    const isNew = key !== '' && key !== last;
    last = key || last;
    return isNew ? head : undefined;
  });
}
