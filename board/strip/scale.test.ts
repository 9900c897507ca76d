import * as fc from 'fast-check';
import { dayOf, instantOf } from '@/core/time/zone';
import { scaleOf, wallScaleOf } from './scale';

const zone = 'Europe/London';

test('an instant and its place on the strip are each other’s inverse, and nothing leaves the strip', () => {
  const day = dayOf('2026-11-24', zone);
  const scale = scaleOf(day, 72);
  fc.assert(
    fc.property(
      fc.integer({ min: day.from, max: day.to }),
      fc.integer({ min: -5000, max: 5000 }),
      (instant, y) => {
        expect(scale.instantAt(scale.y(instant))).toBeCloseTo(instant, -1);
        expect(scale.instantAt(y)).toBeGreaterThanOrEqual(day.from);
        expect(scale.y(day.from + y * 60_000)).toBeLessThanOrEqual(scale.height);
      },
    ),
  );
  expect(scale.y(instantOf('2026-11-24T10:00', zone))).toBeCloseTo(720);
});

test('a day on which the clocks change is an hour shorter or longer', () => {
  expect(scaleOf(dayOf('2026-03-29', zone), 60).height).toBe(23 * 60);
  expect(scaleOf(dayOf('2026-10-25', zone), 60).height).toBe(25 * 60);
});

test('side by side nine o’clock lies at the same height on every day, also when the clocks change', () => {
  for (const date of ['2026-03-29', '2026-10-25', '2026-11-24']) {
    const scale = wallScaleOf(date, zone, 60);
    const nine = instantOf(`${date}T09:00`, zone);
    expect([scale.height, scale.y(nine), scale.instantAt(540)]).toEqual([1440, 540, nine]);
    expect([scale.y(scale.day.from), scale.y(scale.day.to)]).toEqual([0, 1440]);
  }
});

test('what lies across a doubled hour covers all that the clock shows meanwhile', () => {
  const scale = wallScaleOf('2026-10-25', zone, 60);
  const midnight = scale.day.from;
  const over = (from: number, to: number) =>
    scale.over({ from: midnight + from * 60_000, to: midnight + to * 60_000 });
  expect(over(105, 135).height).toBeCloseTo(60, 0); // 01:45 until 01:15 the second time
  expect(over(105, 135).top).toBe(60);
  expect(over(0, 60)).toEqual({ top: 0, height: 60 });
  expect(over(150, 240)).toEqual({ top: 90, height: 90 });
  fc.assert(
    fc.property(fc.nat(24 * 60), fc.integer({ min: 1, max: 600 }), (from, minutes) => {
      const { height } = over(from, from + minutes);
      expect(height).toBeGreaterThan(0);
      expect(height).toBeLessThanOrEqual(minutes + 60);
    }),
  );
});
