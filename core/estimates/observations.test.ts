import * as fc from 'fast-check';
import { editTask } from '../commands/tasks';
import { at, task, zone } from '../fixtures/make';
import type { TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { MINUTE } from '../time/span';
import { atOnce } from '../working';
import { observationsIn } from './observations';
import { estimatesOf } from './told';
import { advice, adviceWords, habitWords, ratioSays } from './words';
import { habitsOf } from './habits';

const now = at('18:00');
const entry = (taskId: string, from: number, minutes: number): TimeEntry => ({
  id: `${taskId} ${from}`,
  subject: { kind: 'task', taskId },
  from,
  to: from + minutes * MINUTE,
});
const done = { doneAt: at('17:00'), estimate: 30 };

test('a task says something once it has an estimate and time, finished or already longer than estimated', () => {
  const workspace = workspaceOf({
    tasks: [
      task('done', done),
      task('long', { estimate: 30 }),
      task('going', { estimate: 60 }),
      task('none', { ...done, estimate: null }),
      task('zero', { ...done, estimate: 0 }),
      task('unrecorded', done),
      task('a slip', done),
    ],
    entries: [
      entry('done', at('09:00'), 20),
      entry('long', at('10:00'), 45),
      entry('going', at('11:00'), 20),
      entry('none', at('12:00'), 20),
      entry('zero', at('13:00'), 20),
      { ...entry('a slip', at('14:00'), 0), to: at('14:00') + 4000 },
      entry('a deleted one', at('15:00'), 20),
    ],
  });
  expect(
    observationsIn(workspace, 'last', zone, now).map(({ id, actual, open, hour }) => [
      id,
      actual,
      open,
      hour,
    ]),
  ).toEqual([
    ['done', 20, false, 9],
    ['long', 45, true, 10],
  ]);
});

test('how time on a task is split into entries changes nothing', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 89 }), { maxLength: 6 }), (cuts) => {
      const edges = [0, ...cuts.sort((a, b) => a - b), 90];
      const entries = edges.slice(1).map((edge, i) => {
        const from = edges[i] ?? 0;
        return entry('a', at('09:00') + from * MINUTE, edge - from);
      });
      const [told] = observationsIn(workspaceOf({ tasks: [task('a', done)], entries }), 'last', zone, now);
      expect(told?.actual).toBe(90);
    }),
  );
});

test('an estimate that is changed after the start is kept as it was first, and either can be compared with', () => {
  const start = workspaceOf({ tasks: [task('a', { estimate: 30 })], entries: [entry('a', at('09:00'), 50)] });
  const changed = [45, 60].reduce(
    (workspace, estimate) => editTask.apply(workspace, { id: 'a', estimate }),
    start,
  );
  const workspace = editTask.apply(changed, { id: 'a', estimate: 40 });
  expect(workspace.tasks.get('a')).toMatchObject({ firstEstimate: 30, estimate: 40 });
  expect(observationsIn(workspace, 'first', zone, now)[0]?.estimate).toBe(30);
  expect(observationsIn(workspace, 'last', zone, now)[0]?.estimate).toBe(40);
  const before = workspaceOf({ tasks: [task('a', { estimate: 30 })] });
  expect(editTask.apply(before, { id: 'a', estimate: 60 }).tasks.get('a')).not.toHaveProperty(
    'firstEstimate',
  );
});

test('what a kind of work takes is said with its range and what to do, at the estimate too, and only where it rests on enough', () => {
  const tasks = Array.from({ length: 8 }, (_, i) =>
    task(`t${i}`, { ...done, title: `Letter ${i}`, category: 'Writing' }),
  );
  const entries = tasks.map(({ id }, i) => entry(id, at('08:00') + i * 60 * MINUTE, 40 + i));
  const workspace = workspaceOf({
    tasks,
    entries,
    categories: [{ id: 'Writing', name: 'Writing', hue: 'iris', rank: 0 }],
  });
  const told = atOnce(estimatesOf(workspace, { by: 'category', which: 'last', zone, now }));
  expect(advice(told.groups).map((group) => adviceWords(workspace, 'category', group))).toEqual([
    'For Writing it takes 1.4 times the estimate; half of 8 lay between 1.4 and 1.5: plan 1 h 25 for an hour.',
  ]);
  expect(told.backtest).toBeNull();
  expect(ratioSays({ low: 0.9, middle: 1.02, high: 1.2, count: 9 })).toBe(
    'it takes what is estimated; half of 9 lay between 0.90 and 1.2',
  );
  const habits = habitsOf(observationsIn(workspace, 'last', zone, now), now);
  const asked = { title: 'A new letter', category: 'Writing', listId: 'first-list' };
  expect(habitWords(habits, workspace, asked, 60)).toBe(
    'Writing usually takes 1.4 times its estimate (8 tasks): 1 h 20 for this.',
  );
  expect(habitWords(habitsOf([], now), workspace, asked, 60)).toBe('');
  expect(habitWords(habits, workspace, asked, 0)).toBe('');
});
