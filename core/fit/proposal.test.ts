import * as fc from 'fast-check';
import { feasible } from '../feasible/feasible';
import { layPlan } from '../commands/fit';
import { placeTask } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import type { CalendarEvent } from '../model/event';
import type { FrameZone } from '../model/frame';
import { plainZone } from '../model/frame';
import type { Task } from '../model/task';
import { workspaceOf, type Workspace } from '../model/workspace';
import { dayPlan, takenOn } from '../plan/dayPlan';
import { overlaps, MINUTE } from '../time/span';
import { atOnce } from '../working';
import type { FitAsked } from './asked';
import { fit, type Proposal } from './proposal';
import { obstacleWords, qualityWords, reasonsWords, sittingWords, wayWords } from './words';

const now = at('09:00');
const today: FitAsked = {
  ...{ zone, now, until: at('00:00', '2026-11-25'), tasks: null, out: [], held: [], spare: 0, mends: false },
};
const both: FitAsked = { ...today, until: at('00:00', '2026-11-26') };

const work = (name: string, from: number, minutes: number, more: Partial<FrameZone> = {}): FrameZone => ({
  ...plainZone,
  ...{ id: name, name, kind: 'work', days: [1, 2, 3, 4, 5], from: from * 60, minutes },
  ...more,
});
const zones = [work('Writing', 9, 180, { category: 'writing', energy: 'sharp' }), work('Open', 13, 240)];
const office = (tasks: Task[], events: CalendarEvent[] = [], own: FrameZone[] = zones) =>
  workspaceOf({
    tasks,
    events,
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
    categories: [{ id: 'writing', name: 'Writing', hue: 'iris', icon: 'pen', rank: 0 }],
    frames: [{ id: 'f', name: 'Usual', zones: own, before: [], retired: false, rank: 0 }],
  });
const planned = (workspace: Workspace, asked = today, effort = 1): Proposal =>
  atOnce(fit(workspace, { asked, effort }));
const told = (workspace: Workspace, asked = today) => {
  const proposal = planned(workspace, asked);
  const words = { workspace, zone, now };
  return {
    lies: proposal.sittings.map((one) => `${one.taskId} ${sittingWords(one, words).slice(12)}`),
    why: proposal.sittings.map((one) => reasonsWords(one, words)),
    left: proposal.left.map((one) => `${one.taskId}: ${obstacleWords(one, words)}`),
    ways: proposal.left.flatMap((one) => one.ways.map((way) => wayWords(way, words))),
    quality: qualityWords(proposal),
  };
};
const dueAt = (time: string) => ({ due: { date, time } });

test('work goes where it belongs, on time, in sharp hours, and says why', () => {
  const { lies, why, quality } = told(
    office([
      task('Report', { estimate: 120, category: 'writing', energy: 'sharp', ...dueAt('17:00') }),
      task('Post', { estimate: 30, energy: 'light' }),
    ]),
  );
  expect(lies).toEqual(['Report 09:00 – 11:00', 'Post 13:00 – 13:30']);
  expect(why).toEqual(['due today 17:00; sharp hours; in Writing', 'free time']);
  expect(quality).toBe('All 2 tasks are on time.');
});

test('what does not fit says what is in the way, and what would help', () => {
  const { left, ways, quality } = told(
    office(
      [task('Photos', { estimate: 180, sitting: { least: 180, most: 180 }, ...dueAt('17:00') })],
      [meeting('Visit', '14:30', 60)],
      [work('Open', 13, 240)],
    ),
  );
  expect(left).toEqual([
    'Photos: needs 3 h in one piece before today 17:00; the longest free stretch is 1 h 30',
  ]);
  expect(ways).toEqual(['In 2 sittings: today 13:00, today 15:30', 'If Visit were elsewhere: today 13:00']);
  expect(quality).toBe('0 of 1 tasks on time. No plan gets more than 1 of them in time.');
});

test('the share that is left free is left, and said where it is what is missing', () => {
  const workspace = office(
    [task('Photos', { estimate: 180, ...dueAt('17:00') })],
    [],
    [work('Open', 13, 240)],
  );
  expect(told(workspace, { ...today, spare: 0.5 }).left).toEqual([
    'Photos: needs 3 h before today 17:00; 2 h is left',
  ]);
  expect(told(workspace, { ...today, spare: 0.5 }).ways[0]).toContain('In what is left free on purpose: ');
});

test('guarded zones keep other work out; small tasks share a block; what waits comes after', () => {
  const guarded = office(
    [task('Post', { estimate: 30 })],
    [],
    [work('Writing', 9, 180, { category: 'writing', openness: 'guarded' })],
  );
  expect(told(guarded).left).toEqual(['Post: nothing is left']);
  const small = told(office(['Call', 'Stamp', 'Note'].map((id) => task(id, { estimate: 10 }))));
  expect(small.lies).toEqual(['Call 13:00 – 13:30']);
  expect(small.why).toEqual(['3 small tasks']);
  const chain = told(office([task('Report', { waitsFor: ['Survey'], priority: 'urgent' }), task('Survey')]));
  expect(chain.lies).toEqual(['Survey 13:00 – 14:00', 'Report 14:00 – 15:00']);
  expect(chain.why).toContain('after Survey');
  const alone = told(office([task('Report', { waitsFor: ['Survey'] }), task('Survey')]), {
    ...today,
    tasks: ['Report'],
  });
  expect(alone.left).toEqual(['Report: waits for Survey, which has no place itself']);
});

test('what stands stays, unless it may move: then as little as possible', () => {
  const placed = placeTask.apply(
    office([
      task('Survey', { estimate: 60 }),
      task('Report', { estimate: 165, category: 'writing', ...dueAt('12:00') }),
    ]),
    { id: 'b', taskId: 'Survey', start: at('10:00'), minutes: 60 },
  );
  expect(told(placed).left[0]).toContain('Report: needs');
  const mended = planned(placed, { ...today, mends: true });
  expect(mended.left).toEqual([]);
  const [moved] = mended.sittings.filter(({ taskId }) => taskId === 'Survey');
  expect(moved?.reasons).toContainEqual({ kind: 'moved', from: at('10:00') });
  const pinned = {
    ...placed,
    blocks: placed.blocks.with([{ ...placed.blocks.get('b')!, pinned: true as const }]),
  };
  expect(planned(pinned, { ...today, mends: true }).sittings.map(({ taskId }) => taskId)).not.toContain(
    'Survey',
  );
});

test('nothing to place, nothing free, only deadlines that have passed', () => {
  expect(told(office([])).quality).toBe('Nothing that is open needs a place in this time.');
  expect(told(office([task('Post')], [meeting('All day', '00:00', 1440)])).left).toEqual([
    'Post: nothing is left',
  ]);
  const late = told(office([task('Licence', { due: { date: '2026-11-20', time: null } })]));
  expect(late.why).toEqual(['overdue']);
  expect(late.quality).toBe('0 of 1 tasks on time. No plan gets more of them in time.');
});

test('what is longer than all time gets what there is; what waits in a circle is left over', () => {
  const long = told(office([task('Archive', { estimate: 60_000 })]));
  expect(long.left).toEqual(['Archive: needs 1000 h; 7 h is left']);
  expect(long.lies.length).toBeGreaterThan(2);
  const circle = told(office([task('Plan', { waitsFor: ['Map'] }), task('Map', { waitsFor: ['Plan'] })]));
  expect(circle.left.sort()).toEqual([
    'Map: waits for Plan, which has no place itself',
    'Plan: waits for Map, which has no place itself',
  ]);
});

const someTask = fc.record({
  estimate: fc.option(fc.integer({ min: 1, max: 400 }), { nil: null }),
  priority: fc.constantFrom('urgent' as const, 'normal' as const, 'low' as const),
  due: fc.option(
    fc.record({
      date: fc.constantFrom('2026-11-23', date, '2026-11-25'),
      time: fc.constantFrom(null, '11:30'),
    }),
    { nil: null },
  ),
  category: fc.constantFrom(undefined, 'writing'),
});

test('whatever is asked: nothing overlaps, nothing lies in what is taken, no task gets more than it needs', () => {
  fc.assert(
    fc.property(fc.array(someTask, { maxLength: 12 }), fc.integer({ min: 0, max: 22 }), (given, hour) => {
      const tasks = given.map(({ category, ...one }, i) =>
        task(`${i}`, { ...one, ...(category ? { category } : {}) }),
      );
      const busy = meeting('Visit', `${String(hour).padStart(2, '0')}:20`, 75);
      const workspace = office(tasks, [busy]);
      const { sittings, left } = planned(workspace, both, 0);
      const spans = sittings.map(({ start, minutes }) => ({ from: start, to: start + minutes * MINUTE }));
      const taken = [date, '2026-11-25'].flatMap((day) => takenOn(workspace, dayPlan(workspace, day, zone)));
      spans.forEach((span, i) => {
        expect([...spans.slice(i + 1), ...taken].some((other) => overlaps(other, span))).toBe(false);
        expect(span.from).toBeGreaterThanOrEqual(now);
      });
      const minutesOf = new Map<string, number>();
      for (const { taskId, minutes } of sittings)
        minutesOf.set(taskId, (minutesOf.get(taskId) ?? 0) + minutes);
      for (const one of tasks) {
        const own = minutesOf.get(one.id) ?? 0;
        const groups = sittings.filter(({ taskId, holds }) => taskId === one.id && holds.length > 0);
        if (groups.length === 0) expect(own).toBeLessThanOrEqual(one.estimate ?? 30);
      }
      // what is laid as proposed can be laid, and leaves nothing of it open
      const blocks = sittings.map(({ taskId, start, minutes }, i) => ({
        id: `${i}`,
        taskId,
        start,
        minutes,
      }));
      const laid = layPlan.apply(workspace, { blocks, off: [], from: date });
      expect(laid.blocks.size).toBe(sittings.length);
      // what is called impossible no plan does
      const isHeld = left.every(({ last }) => last <= now || last === Infinity);
      const { tight } = feasible(workspace, zone, now);
      if (isHeld) expect(tight.filter(({ to }) => to <= both.until)).toEqual([]);
    }),
    { numRuns: 40 },
  );
});
