import * as fc from 'fast-check';
import { at, task, zone } from '../fixtures/make';
import { zoneOf, hours } from '../fixtures/zones';
import { firstFrame } from '../model/firstFrame';
import type { Task } from '../model/task';
import { workspaceOf } from '../model/workspace';
import { lastInstant } from '../tasks/deadline';
import { intersect, MINUTE, minutesOf } from '../time/span';
import { daysOfWeek } from '../time/week';
import { fillMissing, wantedBy } from './missing';

const now = at('07:00');
const dates = daysOfWeek('2026-11-24', 1);
/** Mornings from nine to eleven are for writing, afternoons from two to four for anything. */
const office = (tasks: readonly Task[]) =>
  workspaceOf({
    frames: [
      {
        ...firstFrame(),
        zones: [
          zoneOf('Open', { id: 'Open', kind: 'work', days: [1, 2, 3, 4, 5], ...hours(14, 120) }),
          zoneOf('Writing', {
            id: 'Writing',
            kind: 'work',
            days: [1, 2, 3, 4, 5],
            ...hours(9, 120),
            category: 'Writing',
          }),
        ],
      },
    ],
    categories: [{ id: 'Writing', name: 'Writing', hue: 'iris', rank: 0 }],
    tasks,
  });
const writing = (title: string, changes: Partial<Task>) => task(title, { category: 'Writing', ...changes });
const target = { category: 'Writing', least: 480, most: null, id: 'Writing' };
const fill = (tasks: readonly Task[], short = 480) =>
  fillMissing(office(tasks), wantedBy({ target, short }), dates, zone, now);

test('each waiting task gets what it takes, before it is due, in the hours meant for it, until nothing is missing', () => {
  const found = fill([
    writing('Summary', { estimate: 40 }),
    writing('Report', { estimate: 90, due: { date: '2026-11-24', time: '11:00' } }),
    writing('Long read', { estimate: 600 }),
  ]);
  expect(found).toEqual({
    places: [
      { taskId: 'Report', start: at('09:00'), minutes: 90 },
      // the rest of the morning is too short for it
      { taskId: 'Summary', start: at('09:00', '2026-11-25'), minutes: 45 },
    ],
    // the longest stretch that is left
    rest: { start: at('09:00', '2026-11-26'), minutes: 120 },
  });
  const little = fill([writing('Summary', { estimate: 40 }), writing('Notes', { estimate: 30 })], 30);
  expect(little).toMatchObject({ places: [{ taskId: 'Summary' }], rest: null });
});

test('where no task waits it is a block of the category, three hours at most; without room it is nothing', () => {
  expect(fill([])).toEqual({ places: [], rest: { start: at('09:00'), minutes: 120 } });
  expect(fill([], 20).rest).toEqual({ start: at('09:00'), minutes: 30 });
  expect(fillMissing(office([]), wantedBy({ target, short: 60 }), [], zone, now)).toEqual({
    places: [],
    rest: null,
  });
});

test('whatever waits, no block is late, none lies over another, and none is longer than its task', () => {
  const some = fc.record({
    estimate: fc.integer({ min: 5, max: 300 }),
    due: fc.option(fc.constantFrom(...dates).map((date) => ({ date, time: null }))),
  });
  fc.assert(
    fc.property(fc.array(some, { maxLength: 8 }), fc.integer({ min: 1, max: 900 }), (all, short) => {
      const tasks = all.map((changes, i) => writing(`Task ${i}`, changes));
      const { places, rest } = fill(tasks, short);
      const spans = [...places, ...(rest ? [rest] : [])].map(({ start, minutes }) => ({
        from: start,
        to: start + minutes * MINUTE,
      }));
      expect(minutesOf(spans)).toBe(spans.reduce((sum, { from, to }) => sum + (to - from) / MINUTE, 0));
      for (const [i, { taskId, minutes }] of places.entries()) {
        const own = tasks.find(({ id }) => id === taskId);
        const last = own ? lastInstant(own, office(tasks).events, zone) : 0;
        expect(minutes - (own?.estimate ?? 0)).toBeLessThan(15);
        if (last > now) expect(intersect(spans.slice(i, i + 1), [{ from: last, to: Infinity }])).toEqual([]);
      }
    }),
  );
});
