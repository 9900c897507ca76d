import * as fc from 'fast-check';
import type { Block, TimeEntry } from '../model/plan';
import { workspaceOf, type Workspace } from '../model/workspace';
import { tickOff } from '../commands/tasks';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { MINUTE } from '../time/span';
import { addDays, dayOf, instantOf } from '../time/zone';
import { grouped, type Grouping } from './grouping';
import { keptPercent, ledger } from './ledger';
import { nowView } from './nowView';

const midnight = instantOf(date, zone);
const tasks = ['a', 'b', 'c'].map((id) => task(id, { estimate: 30 }));
const ofDay = (workspace: Workspace, now: number, day = date) =>
  ledger(workspace, dayOf(day, zone), zone, now);

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
        const { rows, sums } = ofDay(workspace, midnight + 1500 * MINUTE);
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
  expect(ofDay(day, at('18:00')).sums).toEqual({
    planned: 180,
    actual: 170,
    drift: -10,
    over: 20,
    under: 40,
    notStarted: 30,
    unplanned: 40,
    kept: 110,
  });
});

test('now: what is on, what is next and in how many minutes, what fits before it', () => {
  const view = nowView(day, zone, at('13:20'));
  expect(view.current).toEqual([]);
  expect([view.next?.kind, view.minutesToNext]).toEqual(['block', 40]);
  expect(view.fits.map((fit) => fit.task.id)).toEqual(['a', 'b']);
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
  const { rows, sums } = ofDay(workspaceOf({ entries }), at('18:00'));
  expect(rows).toMatchObject([{ title: 'A deleted task', planned: 0, actual: 30 }]);
  expect(sums.unplanned).toBe(30);
});

test('a running timer counts up to now, and only on the days that it touches', () => {
  const entries: TimeEntry[] = [
    { id: '1', subject: { kind: 'task', taskId: 'a' }, from: at('23:50'), to: null },
  ];
  const running = workspaceOf({ tasks, entries });
  const now = at('23:50') + 30 * MINUTE;
  expect(ofDay(running, now).sums.actual).toBe(10);
  expect(ofDay(running, now, '2026-11-25').sums.actual).toBe(20);
  expect(ofDay(running, now, '2026-11-23').rows).toEqual([]);
});

describe('a ledger over several days', () => {
  const week = { from: instantOf('2026-11-23', zone), to: instantOf('2026-11-30', zone) };
  const now = at('18:00', '2026-11-29');
  const office = workspaceOf({
    lists: [
      { id: 'grants', name: 'Grants', hue: 'iris', icon: 'pen', rank: 0 },
      { id: 'surveys', name: 'Surveys', hue: 'brook', icon: 'waves', rank: 1 },
    ],
    categories: [{ id: 'Writing', name: 'Writing', hue: 'reed', rank: 0 }],
    tasks: [
      task('report', { listId: 'grants', category: 'Writing' }),
      task('gauges', { listId: 'surveys', doneAt: at('17:00', '2026-11-25') }),
    ],
    calendars: [
      { id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] },
      { id: 'h', name: 'Hidden', source: '', hue: 'clay', kept: [], hidden: true },
    ],
    events: [
      meeting('Team', '2026-11-23T09:00:00', 60, { rule: 'FREQ=DAILY;COUNT=3', categories: ['writing'] }),
      meeting('Lunch talk', '12:00', 60, { busy: false }),
      meeting('Out of sight', '16:00', 60, { calendarId: 'h', id: 'h/x' }),
      meeting('Fair', '2026-11-23T10:00:00', 56 * 60),
    ],
    blocks: [
      { id: '1', taskId: 'report', start: at('10:00'), minutes: 60 },
      { id: '2', taskId: 'gauges', start: at('10:00', '2026-11-25'), minutes: 60 },
    ],
    entries: [
      { id: '1', subject: { kind: 'task', taskId: 'report' }, from: at('10:00'), to: at('10:40') },
      {
        id: '2',
        subject: { kind: 'task', taskId: 'gauges' },
        from: at('10:00', '2026-11-25'),
        to: at('10:40', '2026-11-25'),
      },
      {
        id: '3',
        subject: { kind: 'event', occurrence: 'Team@2026-11-24T09:00:00', title: 'Team' },
        from: at('09:00'),
        to: at('09:50'),
      },
    ],
  });
  const ofWeek = ledger(office, week, zone, now);
  const sums = (by: Grouping) =>
    grouped(office, ofWeek.rows, by, zone).map(
      ({ key, sums: { planned, actual } }) => `${key} ${planned} ${actual}`,
    );

  test('holds what takes time: no free, no hidden meeting, and none that takes whole days', () => {
    expect(
      ofDay(office, now).rows.map(({ title, planned, actual }) => `${title} ${planned} ${actual}`),
    ).toEqual(['Team 60 50', 'report 60 40']);
    expect(ofDay(office, now).sums).toMatchObject({ planned: 120, drift: -30, under: 30, notStarted: 0 });
    expect(ofDay(office, now, '2026-11-23').sums).toMatchObject({ planned: 60, notStarted: 60, drift: -60 });
  });

  test('a finished task and a meeting on record keep their plan whole, the rest what was worked of it', () => {
    expect(ofWeek.rows.map(({ title, done, kept }) => `${title} ${done} ${kept}`)).toEqual([
      'Team false 0',
      'Team true 60',
      'report false 40',
      'Team false 0',
      'gauges true 60',
    ]);
    expect(keptPercent(ofWeek.sums)).toBe(Math.round((100 * 160) / 300));
    expect(keptPercent(ofDay(office, now, '2026-11-28').sums)).toBeNull();
    // on the day before it was ticked off it was not done yet
    expect(
      ofDay(office, now, '2026-11-24').rows.every(({ title, done }) => title !== 'gauges' || !done),
    ).toBe(true);
  });

  test('is put together by day, task, meeting, list and category', () => {
    expect(sums('day')).toEqual(['2026-11-23 60 0', '2026-11-24 120 90', '2026-11-25 120 40']);
    expect(sums('task')).toEqual(['null 180 50', 'report 60 40', 'gauges 60 40']);
    expect(sums('meeting')).toEqual(['Team 180 50', 'null 120 80']);
    expect(sums('list')).toEqual(['null 180 50', 'grants 60 40', 'surveys 60 40']);
    expect(sums('category')).toEqual(['Writing 240 90', 'null 60 40']);
  });

  test('the days of any span add up to the span, and it is cut where it begins and ends', () => {
    fc.assert(
      fc.property(fc.nat(6), fc.integer({ min: 1, max: 7 }), (first, count) => {
        const days = Array.from({ length: count }, (_, i) => addDays('2026-11-22', first + i));
        const spans = days.map((day) => dayOf(day, zone));
        const span = { from: spans[0]?.from ?? 0, to: spans.at(-1)?.to ?? 0 };
        const together = ledger(office, span, zone, now).sums;
        const each = spans.map((span) => ledger(office, span, zone, now).sums);
        for (const name of ['planned', 'actual', 'over', 'under', 'notStarted', 'unplanned'] as const)
          expect(each.reduce((sum, day) => sum + day[name], 0)).toBe(together[name]);
      }),
    );
    const hour = { from: at('09:30'), to: at('10:30') };
    expect(ledger(office, hour, zone, now).sums).toMatchObject({ planned: 60, actual: 50 });
  });
});
