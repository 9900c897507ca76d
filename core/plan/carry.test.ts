import * as fc from 'fast-check';
import { closeDays } from '../commands/closing';
import { markKeystone } from '../commands/days';
import { placeTask, putInTray } from '../commands/plan';
import { addEntry } from '../commands/track';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { plainZone, type FrameZone } from '../model/frame';
import { workspaceOf, type Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { addDays, timeOf } from '../time/zone';
import {
  badness,
  bestPlaces,
  keystonePlace,
  minutesLeft,
  placesAfter,
  placeThatMoves,
  unfinishedOn,
} from './carry';
import { isClosed, missedCloses } from './closing';
import { judge } from './judge';
import { openingOf } from './opening';
import { pockets } from './placing';

const office = workspaceOf({
  tasks: [
    task('Report'),
    task('Notice', { neededBy: { eventId: 'hearing', recurrence: `${date.slice(0, 8)}25T15:00:00` } }),
    task('Post', { estimate: 20 }),
    task('Done', { doneAt: 5 }),
    task('Late', { due: { date: '2026-11-20', time: null } }),
    task('Today', { due: { date, time: null } }),
    task('Soon', { due: { date: '2026-11-27', time: null } }),
    task('Some day'),
  ],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [meeting('hearing', '2026-11-25T15:00:00', 60), meeting('field day', '2026-11-26T08:00:00', 600)],
});
const block = (id: string, taskId: string, start: string, minutes = 60) => ({
  id,
  taskId,
  start: at(start),
  minutes,
});

test('what is left of a day comes by hour, then from the tray, then what was only begun; the keystone first', () => {
  const planned = [
    block('1', 'Report', '09:00'),
    block('2', 'Done', '10:00'),
    block('3', 'Notice', '11:00'),
  ].reduce(placeTask.apply, office);
  const trayed = putInTray.apply(planned, { id: 't', taskId: 'Post', date });
  const begun = addEntry.apply(trayed, {
    id: 'e',
    subject: { kind: 'task', taskId: 'Soon' },
    from: at('13:00'),
    to: at('13:30'),
  });
  const ids = (workspace: Workspace) =>
    unfinishedOn(workspace, date, zone, at('18:00')).map((one) => one.task.id);
  expect(ids(begun)).toEqual(['Report', 'Notice', 'Post', 'Soon']);
  expect(ids(markKeystone.apply(begun, { date, taskId: 'Notice' }))).toEqual([
    'Notice',
    'Report',
    'Post',
    'Soon',
  ]);
  const [soon] = unfinishedOn(begun, date, zone, at('18:00')).slice(-1);
  expect(soon && minutesLeft(begun, soon.task, at('18:00'))).toBe(30);
});

test('the best places are those that judge finds best: no place on a quarter hour of another pocket is better', () => {
  const blocks = fc.array(
    fc.record({
      day: fc.integer({ min: 0, max: 4 }),
      hour: fc.integer({ min: 8, max: 16 }),
      minutes: fc.integer({ min: 15, max: 240 }),
    }),
    { maxLength: 8 },
  );
  fc.assert(
    fc.property(blocks, fc.constantFrom('Report', 'Notice', 'Late'), (list, taskId) => {
      const busy = list.reduce(
        (workspace, { day, hour, minutes }, i) =>
          placeTask.apply(workspace, {
            id: `b${i}`,
            taskId: 'Some day',
            start: at(`${String(hour).padStart(2, '0')}:00`, addDays(date, day)),
            minutes,
          }),
        office,
      );
      const best = bestPlaces(busy, taskId, 60, at('12:00'), zone);
      const worst = Math.max(...best.map(({ findings }) => badness(findings)));
      for (let day = 0; day < 7; day += 1)
        for (const pocket of pockets(busy, addDays(date, day), zone, at('12:00'))) {
          if (best.some(({ start }) => start >= pocket.from && start < pocket.to)) continue;
          for (
            let start = Math.ceil(pocket.from / (15 * MINUTE)) * 15 * MINUTE;
            start + 60 * MINUTE <= pocket.to;
            start += 15 * MINUTE
          ) {
            const to = { kind: 'hours', start, minutes: 60 } as const;
            const found = badness(judge(busy, { what: { kind: 'task', taskId }, to }, { zone }));
            expect(found).toBeGreaterThanOrEqual(worst);
          }
        }
    }),
    { numRuns: 12 },
  );
});

test('the opening asks of each thing once: left over, overdue, due, coming; what has a place or no date is not asked', () => {
  const before = placeTask.apply(office, {
    ...block('1', 'Report', '09:00'),
    start: at('09:00', '2026-11-23'),
  });
  const placed = placeTask.apply(before, block('2', 'Post', '16:00'));
  const { left, overdue, due, coming } = openingOf(placed, date, zone, at('08:00'));
  const ids = [left, overdue, due, coming].map((tasks) => tasks.map(({ id }) => id));
  expect(ids).toEqual([['Report'], ['Late'], ['Today'], ['Notice', 'Soon']]);
});

test('a day is closed until something of it changes; days after the last close that were lived are missed', () => {
  const yesterday = addDays(date, -1);
  const lived = placeTask.apply(office, { ...block('1', 'Report', '09:00'), start: at('09:00', yesterday) });
  expect(missedCloses(lived, date, zone)).toEqual([]);
  const closing = (workspace: Workspace, day: string) =>
    closeDays.apply(workspace, { dates: [day], at: at('18:00'), zone });
  const closed = closing(lived, addDays(date, -3));
  expect(missedCloses(closed, date, zone)).toEqual([yesterday]);
  const now = closing(closed, yesterday);
  expect(missedCloses(now, date, zone)).toEqual([]);
  expect(isClosed(now, yesterday, zone)).toBe(true);
  const changed = now.blocks.values().map((one) => ({ ...one, changedAt: at('19:00') }));
  expect(isClosed({ ...now, blocks: now.blocks.with(changed) }, yesterday, zone)).toBe(false);
  const gone = { ...now, blocks: now.blocks.with([], ['1']) };
  expect(isClosed(gone, yesterday, zone)).toBe(false);
});

test('a block that is over stays when its task goes elsewhere; one ahead moves, and so does what lies in a tray', () => {
  const report = task('Report');
  const item = { id: 't', taskId: 'Report', date: addDays(date, -1) };
  expect(placeThatMoves(report, block('1', 'Report', '09:00'), at('18:00'))).toBeUndefined();
  expect(placeThatMoves(report, block('1', 'Report', '19:00'), at('18:00'))?.id).toBe('1');
  expect(placeThatMoves(report, item, at('18:00'))).toBe(item);
  // of a group that holds it the block is another task's
  expect(placeThatMoves(report, block('1', 'Post', '19:00'), at('18:00'))).toBeUndefined();
});

test('a task goes on at the first of its later places; a block that reaches past midnight is none', () => {
  const late = { id: 'n', taskId: 'Report', start: at('23:30'), minutes: 90 };
  const over = placeTask.apply(office, late);
  expect(placesAfter(over, date, zone).has('Report')).toBe(false);
  const trayed = putInTray.apply(over, { id: 't', taskId: 'Report', date: addDays(date, 3) });
  const placed = placeTask.apply(trayed, {
    ...block('2', 'Report', '09:00'),
    start: at('09:00', addDays(date, 5)),
  });
  expect(placesAfter(placed, date, zone).get('Report')).toEqual({ date: addDays(date, 3), start: null });
});

test('the keystone is offered the sharp hours, unless it stands in them; without any, anywhere while it has no hour', () => {
  const sharp = { ...plainZone, id: 's', name: 'Sharp', kind: 'work' as const, days: [1, 2, 3, 4, 5] };
  const hours = { from: 10 * 60, minutes: 120, energy: 'sharp' as const };
  const framed = (...zones: FrameZone[]) => ({
    ...office,
    frames: office.frames.with(
      office.frames.values().map((frame) => ({ ...frame, zones: [...frame.zones, ...zones] })),
    ),
  });
  const offered = (workspace: Workspace, stands?: ReturnType<typeof block>) => {
    const best = keystonePlace(workspace, 'Report', 60, { date, stands }, zone, at('08:00'));
    return best && timeOf(best.start, zone);
  };
  const withSharp = framed({ ...sharp, ...hours });
  expect(offered(withSharp)).toBe('10:00');
  expect(offered(withSharp, block('1', 'Report', '14:00'))).toBe('10:00');
  expect(offered(withSharp, block('1', 'Report', '11:30'))).toBeUndefined();
  expect(offered(office)).toBe('09:00');
  expect(offered(office, block('1', 'Report', '14:00'))).toBeUndefined();
});
