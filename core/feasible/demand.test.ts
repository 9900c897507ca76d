import * as fc from 'fast-check';
import type { DayRoom } from '../plan/room';
import { MINUTE } from '../time/span';
import { overfull, roomBetween, type Demand } from './demand';

/** Days of eight minutes, in which single minutes are free. */
const LENGTH = 8;
const minutes = (count: number) => count * MINUTE;
const dayAt = (index: number, free: readonly boolean[], most: number): DayRoom => ({
  day: { from: minutes(index * LENGTH), to: minutes((index + 1) * LENGTH) },
  free: free.flatMap((isFree, i) =>
    isFree ? [{ from: minutes(index * LENGTH + i), to: minutes(index * LENGTH + i + 1) }] : [],
  ),
  most,
});

const someDay = fc.record({
  free: fc.array(fc.boolean(), { minLength: LENGTH, maxLength: LENGTH }),
  most: fc.oneof(fc.constant(Infinity), fc.integer({ min: 0, max: 5 })),
});
const someDemand = fc
  .tuple(fc.nat(2 * LENGTH - 1), fc.integer({ min: 1, max: LENGTH }), fc.integer({ min: 1, max: 4 }))
  .map(([from, long, needs]): Demand => ({ from: minutes(from), to: minutes(from + long), minutes: needs }));

/** Whether each piece of a minute finds a minute of its own: found by trying, with augmenting paths from piece to minute and day. */
function canBeDone(demands: readonly Demand[], days: readonly DayRoom[]): boolean {
  const pieces = demands.flatMap(
    ({ from, to, minutes: count }) => Array(count).fill({ from, to }) as Demand[],
  );
  const slots = days.flatMap(({ free }, day) => free.map(({ from }) => ({ from, day })));
  const holder = new Map<number, number>();
  const used = (day: number) => [...holder.keys()].filter((slot) => slots[slot]?.day === day);
  const place = (piece: number, seen: Set<number>, full: Set<number>): boolean => {
    for (const [i, { from, day }] of slots.entries()) {
      const own = pieces[piece];
      if (seen.has(i) || !own || from < own.from || from >= own.to) continue;
      seen.add(i);
      const held = holder.get(i);
      if (held !== undefined) {
        if (!place(held, seen, full)) continue;
        holder.set(i, piece);
        return true;
      }
      if (used(day).length < (days[day]?.most ?? 0)) {
        holder.set(i, piece);
        return true;
      }
      if (full.has(day)) continue;
      // the day is full: another of its pieces has to go elsewhere, so that this one can have its share
      full.add(day);
      for (const other of used(day)) {
        const mover = holder.get(other);
        if (mover === undefined || seen.has(other)) continue;
        holder.delete(other);
        holder.set(i, piece);
        if (place(mover, new Set([...seen, other]), full)) return true;
        holder.delete(i);
        holder.set(other, mover);
      }
    }
    return false;
  };
  return pieces.every((_, i) => place(i, new Set(), new Set()));
}

test('what is called possible can be done, and nothing else: as by trying it out', () => {
  fc.assert(
    fc.property(
      fc.array(someDay, { minLength: 2, maxLength: 2 }),
      fc.array(someDemand, { maxLength: 5 }),
      (given, demands) => {
        const days = given.map(({ free, most }, i) => dayAt(i, free, most));
        expect(overfull(demands, roomBetween(days)).length === 0).toBe(canBeDone(demands, days));
      },
    ),
    { numRuns: 2000 },
  );
});

test('more work never makes a stretch possible, and the figures of a stretch add up', () => {
  fc.assert(
    fc.property(someDay, fc.array(someDemand, { minLength: 1, maxLength: 6 }), (given, demands) => {
      const days = [dayAt(0, given.free, given.most), dayAt(1, given.free, given.most)];
      const room = roomBetween(days);
      const found = overfull(demands, room);
      for (const { from, to, needed, free, short } of found) {
        expect(short).toBe(needed - free);
        expect(free).toBe(room(from, to));
      }
      const fewer = overfull(demands.slice(1), room);
      expect(fewer.every(({ to }) => found.some((one) => one.to === to))).toBe(true);
    }),
  );
});
