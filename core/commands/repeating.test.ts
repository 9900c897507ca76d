import * as fc from 'fast-check';
import { ruleStarts } from '../calendar/rule';
import type { RepeatingTask } from '../model/repeating';
import { firstList, workspaceOf, type Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { newTask } from '../tasks/newTask';
import { openOnes } from '../tasks/openTasks';
import { blocksIn, taskOf } from '../tasks/places';
import { isUntouched } from '../tasks/repeating';
import { toPlace } from '../tasks/toPlace';
import { instantOf, wallOf } from '../time/zone';
import { applyChanges, changesBetween, reversed } from './changes';
import { moveBlock, putInTray } from './plan';
import { changeRepeat, deleteRepeating, editRepeating, moveRepeating, repeatTask } from './repeating';
import { addTask, deleteTask, editTask, tickOff } from './tasks';

const zone = 'Europe/London';
const today = '2026-03-02';
const spring = { from: instantOf('2026-03-01', zone), to: instantOf('2026-06-01', zone) };
const repeating = (rule: string): RepeatingTask => ({
  id: 'r',
  title: 'Read the gauges',
  notes: '',
  listId: firstList.id,
  estimate: 30,
  priority: 'normal',
  rank: 0,
  start: { wall: '2026-03-02T09:00:00', zone },
  minutes: 30,
  rule,
  without: [],
  due: { days: 0, time: '17:00' },
});
const of = (rule: string) => workspaceOf({ repeats: [repeating(rule)] });
/** Every block of three months, `2026-03-02T09:00:00 30 Read the gauges`. */
const times = (workspace: Workspace) =>
  blocksIn(workspace, spring, zone).map(
    ({ start, minutes, taskId }) => `${wallOf(start, zone)} ${minutes} ${taskOf(workspace, taskId)?.title}`,
  );
const at = (recurrence: string, scope: 'later' | 'all') => ({ id: 'r', recurrence, scope, newId: 'new' });
const start = (wall: string) => ({ wall, zone });

test('nine o’clock stays nine o’clock when the clocks change, and each time is due on its own day', () => {
  const workspace = of('FREQ=WEEKLY');
  expect(times(workspace).slice(3, 6)).toEqual([
    '2026-03-23T09:00:00 30 Read the gauges',
    '2026-03-30T09:00:00 30 Read the gauges',
    '2026-04-06T09:00:00 30 Read the gauges',
  ]);
  expect(taskOf(workspace, 'r@2026-04-06T09:00:00')?.due).toEqual({ date: '2026-04-06', time: '17:00' });
  expect(dayPlan(workspace, '2026-04-06', zone).load.planned).toBe(30);
});

test('only the next time counts as an open task; one that is ticked off stays done and the next comes up', () => {
  const workspace = of('FREQ=DAILY');
  const open = (each: Workspace) => openOnes(each, today, zone).map(({ id }) => id);
  expect(open(workspace)).toEqual(['r@2026-03-02T09:00:00']);
  const ticked = tickOff.apply(workspace, { id: 'r@2026-03-02T09:00:00', at: 5 });
  expect(open(ticked)).toEqual(['r@2026-03-03T09:00:00']);
  expect(times(ticked)).toEqual(times(workspace));
  expect(toPlace(ticked, today, zone, instantOf('2026-03-02T12:00', zone))).toEqual([]);
});

test('one time is moved, put in the tray or deleted by itself', () => {
  const id = 'r@2026-03-04T09:00:00';
  const workspace = of('FREQ=DAILY');
  const start = instantOf('2026-03-05T14:00', zone);
  const moved = moveBlock.apply(workspace, { id, start, minutes: 45 });
  expect(times(moved).slice(1, 5)).toEqual([
    '2026-03-03T09:00:00 30 Read the gauges',
    '2026-03-05T09:00:00 30 Read the gauges',
    '2026-03-05T14:00:00 45 Read the gauges',
    '2026-03-06T09:00:00 30 Read the gauges',
  ]);
  const trayed = putInTray.apply(workspace, { id: 't', taskId: id, blockId: id, date: '2026-03-04' });
  expect(dayPlan(trayed, '2026-03-04', zone).tray).toHaveLength(1);
  const deleted = deleteTask.apply(workspace, { id, at: 0 });
  expect(times(deleted).some((time) => time.startsWith('2026-03-04'))).toBe(false);
  expect(times(deleted)).toHaveLength(times(workspace).length - 1);
});

test('a task becomes repeating from its place on, and stops again; what was touched stays', () => {
  const task = newTask({
    id: 'a',
    title: 'Water the cuttings',
    listId: firstList.id,
    estimate: 20,
    priority: 'high',
    due: { date: '2026-03-04', time: null },
    createdAt: 0,
  });
  const added = addTask.apply(workspaceOf({}), task);
  const input = { taskId: 'a', newId: 'r', rule: 'FREQ=WEEKLY;COUNT=3', start: start('2026-03-02T16:00:00') };
  const repeats = repeatTask.apply(added, { ...input, minutes: 20 });
  expect(times(repeats)).toEqual([
    '2026-03-09T16:00:00 20 Water the cuttings',
    '2026-03-16T16:00:00 20 Water the cuttings',
  ]);
  expect(taskOf(repeats, 'r@2026-03-09T16:00:00')?.due?.date).toBe('2026-03-11');
  const noted = editTask.apply(repeats, { id: 'r@2026-03-16T16:00:00', notes: 'Both beds' });
  const ended = changeRepeat.apply(noted, { id: 'r', rule: null });
  expect(ended.tasks.values().map(({ notes }) => notes)).toEqual(['', 'Both beds']);
  expect(times(ended)).toEqual(['2026-03-16T16:00:00 20 Water the cuttings']);
});

const rules = [
  'FREQ=DAILY;COUNT=40',
  'FREQ=WEEKLY;BYDAY=MO,WE,FR',
  'FREQ=WEEKLY;INTERVAL=2;COUNT=5',
  'FREQ=DAILY;INTERVAL=3;UNTIL=20260501T235959',
];
const anyCase = fc
  .record({
    rule: fc.constantFrom(...rules),
    cut: fc.nat(30),
    touch: fc.nat(30),
    hours: fc.integer({ min: -8, max: 13 }),
    minutes: fc.integer({ min: 5, max: 300 }),
  })
  .map(({ rule, cut, touch, ...rest }) => {
    const starts = ruleStarts(rule, '2026-03-02T09:00:00', zone, '2026-03-02', '2026-05-20');
    const pick = (n: number) => starts[n % starts.length] ?? '';
    const before = tickOff.apply(of(rule), { id: `r@${pick(touch)}`, at: 7 });
    return { before, recurrence: pick(cut), ...rest };
  });

const shift = (wall: string, hours: number) =>
  new Date(Date.parse(`${wall}Z`) + hours * 3_600_000).toISOString().slice(0, 19);

test('whatever is done to this and later times leaves those before as they were, and undo gives all back', () => {
  fc.assert(
    fc.property(anyCase, ({ before, recurrence, hours, minutes }) => {
      const to = start(shift(recurrence, hours));
      const edges = [
        moveRepeating.apply(before, { ...at(recurrence, 'later'), from: recurrence, to, minutes }),
        editRepeating.apply(before, { ...at(recurrence, 'later'), words: { title: 'Read all gauges' } }),
        deleteRepeating.apply(before, { ...at(recurrence, 'later'), at: 0 }),
      ];
      const earliest = [recurrence, to.wall].sort()[0] ?? '';
      const earlier = (all: string[]) => all.filter((time) => time < earliest);
      for (const after of edges) {
        expect(earlier(times(after))).toEqual(earlier(times(before)));
        const back = applyChanges(after, reversed(changesBetween(before, after)));
        expect(times(back)).toEqual(times(before));
      }
    }),
    { numRuns: 60 },
  );
});

test('moving all moves every untouched time by as much, and none is lost or doubled', () => {
  fc.assert(
    fc.property(anyCase, ({ before, recurrence, hours, minutes }) => {
      const to = start(shift(recurrence, hours));
      const after = moveRepeating.apply(before, { ...at(recurrence, 'all'), from: recurrence, to, minutes });
      const untouched = (workspace: Workspace) =>
        blocksIn(workspace, spring, zone)
          .flatMap(({ taskId }) => taskOf(workspace, taskId) ?? [])
          .filter((task) => isUntouched(task, workspace.repeats))
          .map(({ createdAt }) => wallOf(createdAt, zone))
          .filter((wall) => wall > '2026-03-04' && wall < '2026-05-18');
      const moved = untouched(before).map((wall) => shift(wall, hours));
      const inside = (walls: string[]) => walls.filter((w) => w > '2026-03-06' && w < '2026-05-16').sort();
      // an hour that the clock change skips is told as the next
      expect(inside(untouched(after)).filter((wall) => !wall.startsWith('2026-03-29'))).toEqual(
        inside(moved).filter((wall) => !wall.startsWith('2026-03-29')),
      );
    }),
    { numRuns: 60 },
  );
});

test('edits of all reach what was touched and is open; deleting all keeps what is done', () => {
  const begun = editTask.apply(of('FREQ=DAILY;COUNT=4'), {
    id: 'r@2026-03-03T09:00:00',
    notes: 'North gauge',
  });
  const done = tickOff.apply(begun, { id: 'r@2026-03-04T09:00:00', at: 9 });
  const edited = editRepeating.apply(done, {
    ...at('2026-03-02T09:00:00', 'all'),
    words: { title: 'Gauges' },
  });
  expect(times(edited)).toEqual([
    '2026-03-02T09:00:00 30 Gauges',
    '2026-03-03T09:00:00 30 Gauges',
    '2026-03-04T09:00:00 30 Read the gauges',
    '2026-03-05T09:00:00 30 Gauges',
  ]);
  const gone = deleteRepeating.apply(edited, { ...at('2026-03-03T09:00:00', 'all'), at: 0 });
  expect(times(gone)).toEqual(['2026-03-04T09:00:00 30 Read the gauges']);
});

test('a rule that never ends answers for any range, without anything being prepared', () => {
  const june = { from: instantOf('2090-06-01', zone), to: instantOf('2090-07-01', zone) };
  const past = { from: instantOf('2020-01-01', zone), to: instantOf('2026-03-02', zone) };
  expect(blocksIn(of('FREQ=DAILY'), june, zone)).toHaveLength(30);
  expect(blocksIn(of('FREQ=DAILY'), past, zone)).toEqual([]);
});
