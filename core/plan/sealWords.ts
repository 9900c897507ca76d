import { dateWords, signedWords, spanWords, type Style } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import type { Drift, SinceSeal, Spot } from './sinceSeal';

/** What has become of a sealed week, in a line: `+2 h 15, 3 moved, 1 dropped`. */
export function sinceWords({ drifts, minutes }: SinceSeal): string {
  const count = (change: Drift['change']) => drifts.filter((drift) => drift.change === change).length;
  const sum = minutes === 0 ? '' : signedWords(minutes);
  const counted = (['added', 'moved', 'dropped'] as const)
    .map((change) => ({ change, n: count(change) }))
    .filter(({ n }) => n > 0)
    .map(({ change, n }) => `${n} ${change}`);
  return [sum, ...counted].filter(Boolean).join(', ') || 'nothing has changed';
}

/** Where something stands, in words: `Tue 24 Nov, 10:00 – 11:00`. */
export function spotWords(spot: Spot, zone: Zone, style: Style): string {
  if (spot.kind === 'tray') return `${dateWords(spot.date, style)}, no hour`;
  if (spot.kind === 'wholeDays') return dateWords(dateOf(spot.from, zone), style);
  return spanWords(spot, zone, style);
}

/** What is marked on something that is not as it was sealed: `new since the seal`. */
export function markWords({ change, was }: Drift, zone: Zone, style: Style): string {
  if (change === 'added' || !was) return 'new since the seal';
  return `${change} since the seal, was ${spotWords(was, zone, style)}`;
}
