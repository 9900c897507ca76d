import * as fc from 'fast-check';
import { bendDay, pinBlock } from '../../commands/bend';
import { takeBlockOff } from '../../commands/plan';
import { repeatTask } from '../../commands/repeating';
import { tickOff } from '../../commands/tasks';
import { startTimer } from '../../commands/track';
import { at, date, meeting, task, zone } from '../../fixtures/make';
import { lunch, office, withZones } from '../../fixtures/zones';
import type { Block } from '../../model/plan';
import { workspaceOf, type Contents, type Workspace } from '../../model/workspace';
import { spanOfBlock } from '../../tasks/places';
import { MINUTE, overlaps } from '../../time/span';
import { dayPlan } from '../dayPlan';
import { minutesLate } from './late';
import { proposeBend } from './proposal';
import { reflow, type Bend } from './reflow';

const block = (id: string, time: string, minutes: number, more: Partial<Block> = {}): Block => ({
  ...{ id, taskId: id, start: at(time), minutes },
  ...more,
});
const calendar = { id: 'c', name: 'C', source: '', hue: 'reed' as const, kept: [] };

function dayOf(contents: Contents): Workspace {
  const { frames } = withZones(office, lunch);
  const blocks = [...(contents.blocks ?? [])];
  const made = workspaceOf({
    tasks: blocks.map(({ taskId, minutes }) => task(taskId, { estimate: minutes })),
    ...contents,
    calendars: [calendar],
  });
  return { ...made, frames };
}

const bent = (workspace: Workspace, now: number, bend: Bend = { kind: 'late' }, held: string[] = []) =>
  reflow(workspace, { date, zone, now, bend, held: new Set(held) });
const times = ({ moved }: ReturnType<typeof reflow>) =>
  moved.map(({ block: { id }, start, minutes }) => [id, (start - at('00:00')) / (60 * MINUTE), minutes]);

test('what is late goes on now, gaps are used up first, and what need not move stays', () => {
  const day = dayOf({ blocks: [block('a', '09:00', 60), block('b', '10:00', 30), block('c', '11:00', 60)] });
  // 20 minutes late: a until 10:20, b until 10:50, and c has its hour
  const late = bent(day, at('09:20'));
  expect(times(late)).toEqual([
    ['a', 9 + 1 / 3, 60],
    ['b', 10 + 1 / 3, 30],
  ]);
  expect(late.kept.map(({ id }) => id)).toEqual(['c']);
  expect(minutesLate(day, zone, at('09:20'))).toBe(20);
  expect(minutesLate(day, zone, at('09:04'))).toBe(0);
});

test('it goes around meetings, lunch, what is pinned and what runs; what is done makes room', () => {
  const day = dayOf({
    blocks: [block('a', '11:00', 45), block('b', '11:45', 45), block('p', '14:00', 30, { pinned: true })],
    events: [meeting('m', '12:00', 30), meeting('free', '13:30', 30, { busy: false })],
  });
  // b no longer fits before the meeting, nor between lunch and what is pinned
  expect(times(bent(day, at('11:10')))).toEqual([
    ['a', 11 + 1 / 6, 45],
    ['b', 14.5, 45],
  ]);
  expect(times(bent(tickOff.apply(day, { id: 'p', at: at('11:05') }), at('11:10')))[1]).toEqual([
    'b',
    13.5,
    45,
  ]);
  const running = startTimer.apply(day, {
    ...{ id: 'e', subject: { kind: 'task', taskId: 'a' } as const, at: at('11:20') },
  });
  // a runs until 12:05, which pushes nothing before lunch
  expect(times(bent(running, at('11:40')))).toEqual([['b', 14.5, 45]]);
  expect(minutesLate(running, zone, at('11:40'))).toBe(20);
});

test('what no longer fits is told with the best other place, and what moves past its due time says so', () => {
  const blocks = [block('a', '14:00', 120), block('b', '16:00', 60)];
  const tasks = [task('a', { estimate: 120, due: { date, time: '16:30' } }), task('b', { estimate: 60 })];
  const { moved, over, after } = proposeBend(dayOf({ blocks, tasks }), {
    ...{ date, zone, now: at('15:00'), bend: { kind: 'late' }, held: new Set<string>() },
  });
  expect(moved).toMatchObject([
    { block: { id: 'a' }, start: at('15:00'), findings: [{ kind: 'late', minutes: 30 }] },
  ]);
  expect(over).toMatchObject([
    { block: { id: 'b' }, place: { start: at('09:00', '2026-11-25'), minutes: 60, findings: [] } },
  ]);
  expect(after.blocks.get('b')?.start).toBe(at('09:00', '2026-11-25'));
});

test('of what repeats only this one time moves, and stands nowhere twice', () => {
  const begun = repeatTask.apply(dayOf({ blocks: [block('a', '09:00', 60)] }), {
    ...{ taskId: 'a', newId: 'r', rule: 'FREQ=DAILY', minutes: 60 },
    start: { wall: '2026-11-23T09:00:00', zone },
  });
  const daily = takeBlockOff.apply(begun, { id: 'a' });
  const { moved, after } = proposeBend(daily, {
    ...{ date, zone, now: at('09:20'), bend: { kind: 'late' }, held: new Set<string>() },
  });
  expect(moved).toMatchObject([{ start: at('09:20'), findings: [] }]);
  const times = dayPlan(after, date, zone).blocks.map(({ start }) => start);
  expect(times).toEqual([at('09:20')]);
  expect(dayPlan(after, '2026-11-25', zone).blocks.map(({ start }) => start)).toEqual([
    at('09:00', '2026-11-25'),
  ]);
});

test('gaps close, room is made, a block is extended and pushes; one that is held stays', () => {
  const day = dayOf({ blocks: [block('a', '10:00', 30), block('b', '11:00', 30), block('c', '15:00', 30)] });
  const early = at('09:40');
  expect(times(bent(day, early, { kind: 'pullUp' }))).toEqual([
    ['a', 9 + 2 / 3, 30],
    ['b', 10 + 1 / 6, 30],
    ['c', 10 + 2 / 3, 30],
  ]);
  expect(times(bent(day, early, { kind: 'pullUp' }, ['b']))).toEqual([
    ['a', 9 + 2 / 3, 30],
    ['c', 10 + 1 / 6, 30],
  ]);
  expect(times(bent(day, early, { kind: 'room', at: at('11:00'), minutes: 45 }))).toEqual([['b', 11.75, 30]]);
  expect(times(bent(day, early, { kind: 'swap', blockIds: ['b', 'a'] }))).toEqual([
    ['b', 10, 30],
    ['a', 11, 30],
  ]);
  expect(bent(day, early, { kind: 'swap', blockIds: ['b', 'a'] }, ['a']).moved).toEqual([]);
  // what lies before a block that is held stays, though it is late
  const late = bent(day, at('10:45'), { kind: 'extend', blockId: 'c', minutes: 15 }, ['c']);
  expect(late.moved).toEqual([]);
  expect(times(bent(day, early, { kind: 'extend', blockId: 'a', minutes: 45 }))).toEqual([
    ['a', 10, 75],
    ['b', 11.25, 30],
  ]);
});

test('it is one step, each block with its own hours; a pin comes and goes', () => {
  const day = dayOf({ blocks: [block('a', '09:00', 60), block('b', '10:00', 30)] });
  const shifts = bent(day, at('09:20')).moved.map(({ block: { id }, start, minutes }) => ({
    id,
    start,
    minutes,
  }));
  const after = bendDay.apply(day, { shifts });
  expect(after.blocks.values().map(({ start }) => start)).toEqual([at('09:20'), at('10:20')]);
  const pinned = pinBlock.apply(day, { id: 'a', pinned: true });
  expect(bent(pinned, at('09:20')).moved).toEqual([]);
  expect(pinBlock.apply(pinned, { id: 'a', pinned: false }).blocks.get('a')).toEqual(day.blocks.get('a'));
});

const steps = (from: number, to: number) => fc.integer({ min: from * 12, max: to * 12 }).map((n) => n * 5);
const anyPlace = fc.record({
  from: steps(8, 17),
  minutes: steps(0, 2).map((n) => n + 10),
  pinned: fc.boolean(),
});

test('order holds, nothing fixed moves, nothing overlaps, and nothing could begin earlier', () => {
  const midnight = at('00:00');
  fc.assert(
    fc.property(
      fc.array(anyPlace, { maxLength: 6 }),
      fc.array(anyPlace, { maxLength: 3 }),
      steps(7, 19),
      fc.constantFrom('late', 'pullUp'),
      (planned, meetings, minuteOfDay, kind) => {
        const now = midnight + minuteOfDay * MINUTE;
        const blocks = planned.map(({ from, minutes, pinned }, i): Block => ({
          ...{ id: `b${i}`, taskId: `b${i}`, start: midnight + from * MINUTE, minutes },
          ...(pinned && i % 3 === 0 ? { pinned: true } : {}),
        }));
        const events = meetings.map(({ from, minutes }, i) =>
          meeting(
            `m${i}`,
            `${String(Math.floor(from / 60)).padStart(2, '0')}:${String(from % 60).padStart(2, '0')}`,
            minutes,
          ),
        );
        const { moved, kept, over } = bent(dayOf({ blocks, events }), now, { kind } as Bend);
        const placed = [...moved, ...kept.map((each) => ({ block: each, ...each }))].sort(
          (a, b) => a.start - b.start,
        );
        const inOrder = blocks
          .filter(({ pinned }) => !pinned)
          .sort((a, b) => a.start - b.start || (a.id < b.id ? -1 : 1));
        const named = [...placed.map(({ block: { id } }) => id), ...over.map(({ block: { id } }) => id)];
        expect(named.sort()).toEqual(inOrder.map(({ id }) => id).sort());
        const place = new Map(placed.map((each) => [each.block.id, each]));
        const fixed = [
          ...blocks.filter(({ pinned }) => pinned).map(spanOfBlock),
          ...meetings.map(({ from, minutes }) => ({
            from: midnight + from * MINUTE,
            to: midnight + (from + minutes) * MINUTE,
          })),
        ];
        const meal = { from: at('12:30'), to: at('13:30') };
        let free = midnight;
        for (const { id, start: own, minutes } of inOrder) {
          const taken = overlaps({ from: own, to: own + minutes * MINUTE }, meal) ? fixed : [...fixed, meal];
          const isClear = (start: number) =>
            start >= Math.max(free, now) &&
            (kind === 'pullUp' || start >= own) &&
            !taken.some((span) => overlaps(span, { from: start, to: start + minutes * MINUTE }));
          const start = place.get(id)?.start;
          const first = Math.min(own, kind === 'pullUp' ? at('09:00') : own);
          const found = Array.from(
            { length: 200 },
            (_, i) => Math.max(first, midnight) + i * 5 * MINUTE,
          ).find(isClear);
          if (start === undefined)
            expect((found ?? Infinity) + minutes * MINUTE).toBeGreaterThan(at('17:00'));
          else {
            expect(start).toBe(found);
            free = start + minutes * MINUTE;
          }
        }
      },
    ),
    { numRuns: 300 },
  );
});
