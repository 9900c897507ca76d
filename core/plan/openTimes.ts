import { zonesOn } from '../frame/zones';
import type { Workspace } from '../model/workspace';
import { intersect, lengthOf, subtract, union, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { dayPlan, takenOn } from './dayPlan';
import { quarterFrom } from './placing';

/**
 * Free times of some days for a meeting of so many minutes, from `now` on, by start: stretches of zones that are open to meetings,
 * or, where these have no room, of work that is not guarded (`open` tells which). What is busy and the buffers are kept, and what is `taken`.
 */
export function openTimes(
  workspace: Workspace,
  dates: readonly IsoDate[],
  minutes: number,
  zone: Zone,
  now: number,
  taken: readonly Span[] = [],
): { readonly times: Span[]; readonly open: boolean } {
  const freeIn = (date: IsoDate, takes: (openness: string) => boolean) => {
    const plan = dayPlan(workspace, date, zone);
    const zones = zonesOn(workspace, date, zone).filter(
      (one) => one.zone.kind === 'work' && takes(one.zone.openness),
    );
    const room = intersect(union(zones.flatMap(({ spans }) => spans)), [{ from: now, to: Infinity }]);
    return subtract(room, [...takenOn(workspace, plan), ...plan.buffers, ...taken])
      .map(({ from, to }) => ({ from: quarterFrom(from), to }))
      .filter((span) => lengthOf(span) >= minutes);
  };
  const open = dates.flatMap((date) => freeIn(date, (openness) => openness === 'open'));
  if (open.length > 0) return { times: open, open: true };
  return { times: dates.flatMap((date) => freeIn(date, (openness) => openness !== 'guarded')), open: false };
}
