import type { DayRoom } from '../plan/room';
import { intersect, minutesOf, type Span } from '../time/span';

/** Work that can be split at will: so many minutes between two instants (epoch ms). */
export type Demand = { readonly from: number; readonly to: number; readonly minutes: number };

/** A stretch that holds more work than room, in minutes. */
export type Overfull = Span & { readonly needed: number; readonly free: number; readonly short: number };

/** How many minutes can be worked between two instants; the days are in order and follow each other. */
export type RoomBetween = (from: number, to: number) => number;

export function roomBetween(days: readonly DayRoom[]): RoomBetween {
  const whole = days.map(({ free, most }) => Math.min(most, minutesOf(free)));
  const before = whole.reduce<number[]>((sums, minutes) => [...sums, (sums.at(-1) ?? 0) + minutes], [0]);
  const indexOf = (instant: number) => {
    const found = days.findIndex(({ day }) => instant < day.to);
    return found < 0 ? days.length : found;
  };
  const within = (index: number, span: Span) => {
    const day = days[index];
    return day ? Math.min(day.most, minutesOf(intersect(day.free, [span]))) : 0;
  };
  const between = (from: number, to: number) => {
    if (to <= from) return 0;
    const [first, last] = [indexOf(from), indexOf(to)];
    if (first === last) return within(first, { from, to });
    const inner = (before[last] ?? 0) - (before[first + 1] ?? 0);
    return within(first, { from, to }) + inner + within(last, { from, to });
  };
  // the same few stretches are asked for again and again where it is played through
  const known = new Map<number, Map<number, number>>();
  return (from, to) => {
    const own = known.get(from) ?? new Map<number, number>();
    known.set(from, own);
    const found = own.get(to) ?? between(from, to);
    own.set(to, found);
    return found;
  };
}

/**
 * For each deadline by which not all can be done, in order, the stretch that ends then and is short of most minutes.
 *
 * Work that can be split can be done in time exactly if no stretch from the earliest beginning of one piece to the deadline of
 * another holds more work, that lies within it wholly, than room (the processor-demand criterion; Baruah, Rosier and Howell 1990,
 * Algorithmica 8). With a limit on each day it is as exact: where the limit holds, a stretch counts no more however far it
 * reaches within that day, so that pieces of time with a gap in one day are never worse than the stretch around them.
 */
export function overfull(demands: readonly Demand[], room: RoomBetween): Overfull[] {
  const real = demands.filter(({ minutes }) => minutes > 0).sort((a, b) => a.to - b.to);
  const worst = new Map<number, Overfull>();
  for (const from of new Set(real.map((demand) => demand.from))) {
    const inside = real.filter((demand) => demand.from >= from);
    let needed = 0;
    for (const [i, { to, minutes }] of inside.entries()) {
      needed += minutes;
      if (inside[i + 1]?.to === to) continue;
      const free = room(from, to);
      const short = needed - free;
      const known = worst.get(to);
      const isWorse = !known || short > known.short || (short === known.short && from > known.from);
      if (short > 0 && isWorse) worst.set(to, { from, to, needed, free, short });
    }
  }
  return [...worst.values()].sort((a, b) => a.to - b.to);
}

/** How many minutes are short by each deadline (epoch ms) that is not held. */
export const shortBy = (needs: readonly Demand[], room: RoomBetween): ReadonlyMap<number, number> =>
  new Map(overfull(needs, room).map(({ to, short }) => [to, short]));
