import * as fc from 'fast-check';
import { at, task } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { similarTook } from './similar';

const now = at('18:00');
const spent = (taskId: string, minutes: number) => ({
  id: `entry-${taskId}`,
  subject: { kind: 'task' as const, taskId },
  from: at('08:00'),
  to: at('08:00') + minutes * 60_000,
});
const office = (done: readonly (readonly [title: string, minutes: number])[]) =>
  workspaceOf({
    tasks: done.map(([title], i) => task(`done-${i}`, { title, doneAt: i + 1 })),
    entries: done.map(([, minutes], i) => spent(`done-${i}`, minutes)).filter(({ from, to }) => to > from),
  });
const took = (title: string, ...done: (readonly [string, number])[]) =>
  similarTook(office(done), { id: 'new', title }, now);

test('done tasks with the same telling words say what such a task takes: the middle of their times, in fives', () => {
  expect(
    took(
      'Eel count, reach 7',
      ['Eel count, reach 2', 62],
      ['Eel counts of reach 3', 90],
      ['Reach 4: eel count', 71],
    ),
  ).toMatchObject({
    minutes: 70,
    count: 3,
  });
  expect(
    took('Grant report, section 4', ['Grant report, section 2', 100], ['Grant report, section 3', 120]),
  ).toMatchObject({
    minutes: 110,
    count: 2,
  });
});

test('what shares little, took no time or is the task itself says nothing', () => {
  expect(
    took('Eel count, reach 7', ['Weir drawings for the hearing, reach survey and plans', 60]),
  ).toBeUndefined();
  expect(took('Eel count', ['Eel count', 0])).toBeUndefined();
  expect(took('Call', ['Call', 30])).toBeUndefined();
  expect(
    similarTook(office([['Eel count survey', 30]]), { id: 'done-0', title: 'Eel count survey' }, now),
  ).toBeUndefined();
});

test('the answer lies among the times of what was done, to five minutes', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 9 }), (times) => {
      const answer = took('Flood survey', ...times.map((minutes) => ['Flood survey', minutes] as const));
      expect(answer?.count).toBe(times.length);
      expect(answer?.minutes).toBeGreaterThanOrEqual(Math.max(5, Math.min(...times) - 2.5));
      expect(answer?.minutes).toBeLessThanOrEqual(Math.max(5, Math.max(...times) + 2.5));
    }),
  );
});
