import * as fc from 'fast-check';
import type { Block, TimeEntry } from '../model/plan';
import { firstList, workspaceOf } from '../model/workspace';
import type { Task } from '../model/task';
import { tickOff } from '../commands/tasks';
import { MINUTE } from '../time/span';
import { instantOf } from '../time/zone';
import { ledger } from './ledger';
import { nowView } from './nowView';

const zone = 'Europe/London';
const date = '2026-11-24';
const midnight = instantOf(date, zone);
const at = (time: string) => instantOf(`${date}T${time}`, zone);
const tasks = ['a', 'b', 'c'].map((id): Task => ({
  id,
  title: id,
  notes: '',
  listId: firstList.id,
  estimate: 30,
  priority: 'normal',
  due: null,
  doneAt: null,
  createdAt: 0,
  rank: 0,
}));

const anyInstant = fc
  .integer({ min: -600, max: 2000 })
  .chain((m) => fc.nat(59_999).map((ms) => midnight + m * MINUTE + ms));
const anyTask = fc.constantFrom('a', 'b', 'c', 'deleted');
const anyBlock = fc.tuple(anyInstant, anyTask, fc.integer({ min: 1, max: 900 }));
const anyEntry = fc.tuple(
  anyInstant,
  fc.oneof(anyTask, fc.constant(null)),
  fc.integer({ min: 0, max: 40_000_000 }),
);

test('the ledger adds up exactly, for any data', () => {
  fc.assert(
    fc.property(
      fc.array(anyBlock, { maxLength: 12 }),
      fc.array(anyEntry, { maxLength: 12 }),
      fc.boolean(),
      (blocks, entries, running) => {
        const workspace = workspaceOf({
          tasks,
          blocks: blocks.map(([start, taskId, minutes], i): Block => ({
            id: `${i}`,
            start,
            taskId,
            minutes,
          })),
          entries: entries.map(([from, taskId, length], i): TimeEntry => ({
            id: `${i}`,
            from,
            to: running && i === 0 ? null : from + length,
            subject: taskId ? { kind: 'task', taskId } : { kind: 'other', title: 'Pump broke down' },
          })),
        });
        const { rows, sums } = ledger(workspace, date, zone, midnight + 1500 * MINUTE);
        expect(sums.actual - sums.planned).toBe(sums.over - sums.under - sums.notStarted + sums.unplanned);
        expect(sums.drift).toBe(sums.actual - sums.planned);
        for (const { planned, actual } of rows) {
          expect(Number.isInteger(planned) && Number.isInteger(actual)).toBe(true);
          expect(Math.max(planned, actual)).toBeLessThanOrEqual(1440);
        }
      },
    ),
  );
});

const day = workspaceOf({
  tasks,
  blocks: [
    { id: '1', taskId: 'a', start: at('09:00'), minutes: 60 },
    { id: '2', taskId: 'b', start: at('10:00'), minutes: 90 },
    { id: '3', taskId: 'c', start: at('14:00'), minutes: 30 },
  ],
  entries: [
    { id: '1', subject: { kind: 'task', taskId: 'a' }, from: at('09:05'), to: at('10:25') },
    { id: '2', subject: { kind: 'task', taskId: 'b' }, from: at('10:30'), to: at('11:20') },
    { id: '3', subject: { kind: 'other', title: 'Pump broke down' }, from: at('11:20'), to: at('12:00') },
  ],
});

test('a day told by hand', () => {
  expect(ledger(day, date, zone, at('18:00')).sums).toEqual({
    planned: 180,
    actual: 170,
    drift: -10,
    over: 20,
    under: 40,
    notStarted: 30,
    unplanned: 40,
  });
});

test('now: what is on, what is next and in how many minutes, what fits before it', () => {
  const view = nowView(day, zone, at('13:20'));
  expect(view.current).toEqual([]);
  expect([view.next?.kind, view.minutesToNext]).toEqual(['block', 40]);
  expect(view.fits.map(({ id }) => id)).toEqual(['a', 'b']);
  expect(nowView(day, zone, at('10:15')).current).toHaveLength(1);
});

describe('the rest of the day', () => {
  const items = (now: string) =>
    nowView(day, zone, at(now)).rest.map(
      (item) => `${item.kind} ${Math.round((item.to - item.from) / MINUTE)}`,
    );

  test('holds what is still to come, with the pockets between, in order', () => {
    // working hours end at 17:00: 13:20–14:00 is free, then the block, then 14:30–17:00
    expect(items('13:20')).toEqual(['pocket 40', 'block 30', 'pocket 150']);
  });

  test('leaves out pockets too short to be worth a line', () => {
    expect(items('13:50')).toEqual(['block 30', 'pocket 150']);
  });

  test('knows nothing of what is done', () => {
    const done = tickOff.apply(day, { id: 'c', at: at('13:00') });
    expect(nowView(done, zone, at('13:20')).next).toBeUndefined();
  });

  test('ends with the working day', () => {
    const late = nowView(day, zone, at('17:30'));
    expect([late.next, late.minutesToNext, late.rest]).toEqual([undefined, undefined, []]);
  });
});

test('time on a deleted task is still counted, under a name that says so', () => {
  const entries: TimeEntry[] = [
    { id: '1', subject: { kind: 'task', taskId: 'gone' }, from: at('09:00'), to: at('09:30') },
  ];
  const { rows, sums } = ledger(workspaceOf({ entries }), date, zone, at('18:00'));
  expect(rows).toMatchObject([{ title: 'A deleted task', planned: 0, actual: 30 }]);
  expect(sums.unplanned).toBe(30);
});

test('a running timer counts up to now, and only on the days that it touches', () => {
  const entries: TimeEntry[] = [
    { id: '1', subject: { kind: 'task', taskId: 'a' }, from: at('23:50'), to: null },
  ];
  const running = workspaceOf({ tasks, entries });
  const now = at('23:50') + 30 * MINUTE;
  expect(ledger(running, date, zone, now).sums.actual).toBe(10);
  expect(ledger(running, '2026-11-25', zone, now).sums.actual).toBe(20);
  expect(ledger(running, '2026-11-23', zone, now).rows).toEqual([]);
});
