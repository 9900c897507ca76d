import type { Workspace } from '../model/workspace';
import { dayPlan } from './dayPlan';
import { spanOfBlock } from '../tasks/places';
import { MINUTE, inLayers, intersect, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { hoursSaid, spansOfKind } from '../frame/zones';

/** What becomes of an hour of a day, in the order in which one thing has it before the other. */
export const shares = ['meetings', 'planned', 'buffers', 'asleep', 'duties', 'work', 'own'] as const;
export type Share = (typeof shares)[number];

/** Minutes of each. `work` is room for work that is still free, `own` what nothing asks for. */
export type Shares = Readonly<Record<Share, number>>;

/** Minutes of lengths (ms), whole, whose sum is the whole minutes of the sum. */
function wholeMinutes(lengths: readonly number[]): number[] {
  let [sum, told] = [0, 0];
  return lengths.map((length) => {
    sum += length;
    const minutes = Math.round(sum / MINUTE) - told;
    told += minutes;
    return minutes;
  });
}

/**
 * What becomes of a day, midnight to midnight: busy meetings, blocks, buffers, sleep, obligations, free room for work, and
 * the rest. Each minute counts once, so they add up to the length of the day, 23 or 25 hours when clocks change.
 */
export function dayShares(workspace: Workspace, date: IsoDate, zone: Zone): Shares {
  const { span, meetings, allDay, blocks, working, buffers, load } = dayPlan(workspace, date, zone);
  const layers: Readonly<Record<Share, readonly Span[]>> = {
    // an event of whole days says where someone is, not that every hour is gone
    meetings: meetings.filter(({ busy }) => busy),
    planned: blocks.map(spanOfBlock),
    buffers,
    asleep: spansOfKind(workspace, date, zone, 'sleep'),
    duties: spansOfKind(workspace, date, zone, 'duty'),
    work: allDay.some(({ busy }) => busy) ? [] : working,
    own: [span],
  };
  const kept = inLayers(shares.map((share) => intersect(layers[share], [span])));
  const minutes = wholeMinutes(kept.map((own) => own.reduce((sum, { from, to }) => sum + to - from, 0)));
  const parts = Object.fromEntries(shares.map((share, i) => [share, minutes[i] ?? 0])) as Shares; // of all names
  // hours that were said stand in the place of those that the zones give
  if (hoursSaid(workspace, date) === undefined) return parts;
  const ofBoth = parts.work + parts.own;
  const work = Math.min(ofBoth, Math.max(0, Math.round(load.free + load.inTray)));
  return { ...parts, work, own: ofBoth - work };
}

/** The shares of several days together. */
export const sumOfShares = (days: readonly Shares[]): Shares =>
  Object.fromEntries(
    shares.map((share) => [share, days.reduce((sum, day) => sum + day[share], 0)]),
  ) as Shares; // of all names
