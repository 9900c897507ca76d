import * as fc from 'fast-check';
import { at, date, task, zone } from '../fixtures/make';
import { hours, office, withZones, zoneOf } from '../fixtures/zones';
import { overlaps, MINUTE } from '../time/span';
import { wallOf } from '../time/zone';
import { takenOn, dayPlan } from './dayPlan';
import { firstRoom, placesFor } from './placing';

const writing = zoneOf('Writing', { ...hours(9, 120), days: [4], category: 'Writing' });
const plain = withZones(office, writing);
const report = task('Report', { category: 'Writing' });
const wall = (instant: number) => wallOf(instant, zone).slice(5, 16);
const starts = (last?: number) =>
  placesFor(plain, report, 60, zone, at('11:20'), last).map(({ from }) => wall(from));

test('places before the deadline are offered first, and of what is overdue the very next ones', () => {
  expect(starts()[0]).toBe('11-26T09:00');
  const [first, ...others] = starts(at('12:00', '2026-11-25'));
  expect([first, ...others].slice(0, 2)).toEqual(['11-24T11:30', '11-25T09:00']);
  expect(others).toContain('11-26T09:00');
  expect(starts(at('09:00'))).toEqual([...starts(at('09:00'))].sort());
  expect(starts(at('09:00'))[0]).toBe('11-24T11:30');
});

test('something new begins where nothing stands and nothing has passed, also when the working day is over', () => {
  const block = { id: 'b', taskId: 'Report', start: at('18:00'), minutes: 60 };
  const busy = { ...plain, tasks: plain.tasks.with([report]), blocks: plain.blocks.with([block]) };
  expect(wall(firstRoom(busy, date, 30, zone, at('17:40')))).toBe('11-24T19:00');
  expect(wall(firstRoom(busy, date, 15, zone, at('17:40')))).toBe('11-24T17:45');
  expect(wall(firstRoom(busy, '2026-11-28', 30, zone, at('17:40')))).toBe('11-28T09:00');
  fc.assert(
    fc.property(fc.nat(1300), fc.integer({ min: 15, max: 240 }), (later, minutes) => {
      const now = at('00:00') + later * MINUTE;
      const from = firstRoom(busy, date, minutes, zone, now);
      expect(from).toBeGreaterThanOrEqual(now);
      const place = { from, to: from + minutes * MINUTE };
      const taken = takenOn(busy, dayPlan(busy, date, zone)).some((span) => overlaps(span, place));
      // late in the evening there may be no room left
      expect(taken && place.to <= at('23:59')).toBe(false);
    }),
  );
});
