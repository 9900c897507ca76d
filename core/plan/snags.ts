import { MINUTE, lengthOf } from '../time/span';
import type { Timed } from './things';

/** What the sequence of a day means for one thing in it. Minutes are whole. */
export type Snag =
  /** By the end of this thing so much has been planned on end, with no break worth the name. */
  | { readonly kind: 'noBreak'; readonly minutes: number }
  /** It begins elsewhere than what ends right before it. */
  | { readonly kind: 'noTravel'; readonly from: string; readonly minutes: number };

/** So much on end, in minutes, is said to be without a break. */
const ON_END = 300;

/** A break is as long, in minutes, and so is the shortest way from one place to another. */
const BREAK = 15;

/** What names a call or a room of the house, not a place that one goes to. */
const NO_WAY = /^\w+:|\b(?:online|call|phone|remote|room|floor)\b/i;

const placeOf = (item: Timed): string => {
  const place = item.kind === 'meeting' ? item.event.location.trim() : '';
  return NO_WAY.test(place) ? '' : place;
};

/** A place without what follows its first comma. */
const house = (place: string): string => (place.split(',')[0] ?? '').trim().toLowerCase();

const takesTime = (item: Timed) => item.kind === 'block' || item.event.busy;

/**
 * What is wrong in the order of a day's things, each at the thing where it shows: five hours without a break of a quarter of
 * an hour, and a meeting elsewhere than the one that ends less than a quarter of an hour before it.
 */
export function snagsOn(items: readonly Timed[]): ReadonlyMap<Timed, readonly Snag[]> {
  const found = new Map<Timed, Snag[]>();
  const say = (item: Timed, snag: Snag) => found.set(item, [...(found.get(item) ?? []), snag]);
  let [begun, end, told] = [-Infinity, -Infinity, false];
  let before: { readonly place: string; readonly to: number } | undefined;
  for (const item of items.filter(takesTime)) {
    if (item.from - end >= BREAK * MINUTE) [begun, told] = [item.from, false];
    end = Math.max(end, item.to);
    const minutes = lengthOf({ from: begun, to: end });
    if (minutes >= ON_END && !told) {
      say(item, { kind: 'noBreak', minutes });
      told = true;
    }
    const place = placeOf(item);
    if (place === '') continue;
    const gap = before ? lengthOf({ from: before.to, to: item.from }) : Infinity;
    if (before && house(before.place) !== house(place) && gap < BREAK)
      say(item, { kind: 'noTravel', from: before.place, minutes: Math.max(0, gap) });
    before = { place, to: item.to };
  }
  return found;
}
