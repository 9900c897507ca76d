import * as fc from 'fast-check';
import { hours, zoneOf } from '@/core/fixtures/zones';
import { FrameZone } from '@/core/model/frame';
import { moved, painted } from './pointer';

const at = (column: number, hour: number) => ({ column, at: hour * 60 });

test('what is painted covers the same quarter hours of all days between, whichever way it is drawn', () => {
  const down = painted(at(1, 9.1), at(3, 10.9));
  expect(down).toEqual({ columns: [1, 2, 3], from: 540, minutes: 120 });
  expect(painted(at(3, 10.9), at(1, 9.1))).toEqual(down);
  expect(painted(at(0, 8), at(0, 8))).toMatchObject({ minutes: 15 });
  expect(painted(at(0, 23.99), at(0, 24))).toMatchObject({ from: 1425, minutes: 15 });
});

test('a zone is moved by hours and days, and made longer by its edges', () => {
  const zone = zoneOf('Writing', { days: [6, 7], ...hours(9, 120) });
  expect(moved(zone, 'move', at(5, 9), at(6, 10))).toEqual({ days: [7, 1], from: 600, minutes: 120 });
  expect(moved(zone, 'end', at(5, 11), at(5, 11.5))).toMatchObject({ from: 540, minutes: 150 });
  expect(moved(zone, 'start', at(5, 9), at(5, 8.5))).toMatchObject({ from: 510, minutes: 150 });
  expect(moved(zone, 'start', at(5, 9), at(5, 20))).toMatchObject({ from: 645, minutes: 15 });
});

const anyPlace = fc.record({ column: fc.integer({ min: 0, max: 6 }), at: fc.integer({ min: 0, max: 1440 }) });

test('however it is drawn or taken, it is a zone that can be stored, and a move keeps its length', () => {
  fc.assert(
    fc.property(
      anyPlace,
      anyPlace,
      fc.constantFrom('move', 'start', 'end'),
      fc.integer({ min: 0, max: 1425 }),
      fc.integer({ min: 15, max: 1440 }),
      (begin, end, how, from, minutes) => {
        const zone = zoneOf('Care', { from, minutes });
        const hoursAfter = moved(zone, how, begin, end);
        expect(FrameZone.safeParse({ ...zone, ...hoursAfter }).success).toBe(true);
        expect(new Set(hoursAfter.days).size).toBe(7);
        if (how === 'move') expect(hoursAfter.minutes).toBe(minutes);
        const { columns, ...mark } = painted(begin, end);
        expect(FrameZone.safeParse({ ...zone, ...mark }).success).toBe(true);
        expect(columns.length).toBeGreaterThan(0);
      },
    ),
  );
});
