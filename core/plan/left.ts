import type { Workspace } from '../model/workspace';
import { dayPlan } from './dayPlan';
import { spanOfBlock } from '../tasks/places';
import { MINUTE, intersect, lengthOf, subtract, union, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { zonesOn } from '../frame/zones';

/** What becomes of an hour of a day, in the order in which one thing has it before the other. */
export const shares = ['meetings', 'planned', 'buffers', 'asleep', 'duties', 'work', 'own'] as const;
export type Share = (typeof shares)[number];

/** Minutes of each. `work` is room for work that is still free, `own` what nothing asks for. */
export type Shares = Readonly<Record<Share, number>>;

export const noShares: Shares = {
  meetings: 0,
  planned: 0,
  buffers: 0,
  asleep: 0,
  duties: 0,
  work: 0,
  own: 0,
};

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
  const { span, meetings, allDay, blocks, buffers } = dayPlan(workspace, date, zone);
  const zones = zonesOn(workspace, date, zone);
  const ofKind = (kind: string) => zones.flatMap((one) => (one.zone.kind === kind ? one.spans : []));
  const layers: Readonly<Record<Share, readonly Span[]>> = {
    // an event of whole days says where someone is, not that every hour is gone
    meetings: meetings.filter(({ busy }) => busy),
    planned: blocks.map(spanOfBlock),
    buffers,
    asleep: ofKind('sleep'),
    duties: ofKind('duty'),
    work: allDay.some(({ busy }) => busy) ? [] : ofKind('work'),
    own: [span],
  };
  let taken: Span[] = [];
  const lengths = shares.map((share) => {
    const own = intersect(subtract(layers[share], taken), [span]);
    taken = union([...taken, ...own]);
    return own.reduce((sum, stretch) => sum + lengthOf(stretch) * MINUTE, 0);
  });
  const minutes = wholeMinutes(lengths);
  return Object.fromEntries(shares.map((share, i) => [share, minutes[i] ?? 0])) as Shares; // of all names
}

/** The shares of several days together. */
export const sharesOf = (workspace: Workspace, dates: readonly IsoDate[], zone: Zone): Shares =>
  dates
    .map((date) => dayShares(workspace, date, zone))
    .reduce(
      (sum, day) => Object.fromEntries(shares.map((share) => [share, sum[share] + day[share]])) as Shares, // of all names
      noShares,
    );
