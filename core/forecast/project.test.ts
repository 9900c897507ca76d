import * as fc from 'fast-check';
import { habitsOf } from '../estimates/habits';
import { at, date, goal, task, zone } from '../fixtures/make';
import { firstFrame } from '../model/firstFrame';
import type { TimeEntry } from '../model/plan';
import { firstList, workspaceOf, type Contents } from '../model/workspace';
import { atOnce } from '../working';
import { addDays } from '../time/zone';
import { outlookOf, type Project } from './project';
import { doneWords, dueOfProjectWords, openWords, paceOfProjectWords } from './words';

const now = at('08:00');
const list = firstList.id;
/** One whose tasks take what they are estimated at, a tenth more or less. */
const habits = habitsOf(
  Array.from({ length: 40 }, (_, i) => ({
    id: `${i}`,
    title: `T${i}`,
    kind: `list ${list}`,
    listId: list,
    categoryId: null,
    estimate: 60,
    actual: 54 + (i % 13),
    at: now,
    hour: 9,
    open: false,
  })),
  now,
);
const weekBefore = (back: number) => addDays('2026-11-23', -7 * back);
/** So many hours for the list in each of the weeks before, the last one first. */
const hoursBefore = (hours: readonly number[]): TimeEntry[] =>
  hours.flatMap((each, i) =>
    each === 0
      ? []
      : [
          {
            id: `e${i}`,
            subject: { kind: 'task' as const, taskId: 'done' },
            from: at('08:00', weekBefore(i + 1)),
            to: at('08:00', weekBefore(i + 1)) + each * 3_600_000,
          },
        ],
  );
const officeOf = (contents: Contents, hours: readonly number[] = []) =>
  workspaceOf({
    frames: [firstFrame()],
    ...contents,
    tasks: [task('done', { doneAt: 1 }), ...(contents.tasks ?? [])],
    entries: hoursBefore(hours),
  });
const look = (office: ReturnType<typeof officeOf>, project: Project, seed = 1) =>
  atOnce(outlookOf(office, { project, habits, zone, now, seed }));
const ofList = { kind: 'list', id: list } as const;

test('a list at a steady pace is done when its hours are, give or take what tasks spread', () => {
  const office = officeOf(
    { tasks: Array.from({ length: 10 }, (_, i) => task(`t${i}`, { estimate: 60 })) },
    [5, 5, 5, 5, 5, 5, 5, 5],
  );
  const told = look(office, ofList);
  expect(told.weeks.map(({ minutes }) => minutes)).toEqual(Array.from({ length: 8 }, () => 300));
  // two weeks and a little: what takes longer than expected weighs more than what is quick
  expect(told.done?.likely).toMatch(/2026-12-(08|09|10)/);
  expect(told.open.low).toBeLessThan(600);
  expect(told.open.high).toBeGreaterThan(600);
  expect([told.due, told.count, told.unestimated]).toEqual([null, 10, 0]);
  expect(doneWords(told, office)).toMatch(
    /^At this pace it is done on \d+ Dec, in eight of ten cases between /,
  );
  expect(openWords(told)).toMatch(/^10 open tasks, 10 h/);
  expect(paceOfProjectWords(told)).toBe('5 h a week, over the last 8.');
  // of the same data and the same lots it is the same
  expect(look(office, ofList)).toEqual(told);
});

test('without a pace no day is said, and without anything open nothing is', () => {
  const open = officeOf({ tasks: [task('a', { estimate: null })] });
  expect(look(open, ofList)).toMatchObject({ done: null, weeks: [], unestimated: 1 });
  expect(openWords(look(open, ofList))).toContain('1 without an estimate, each counted as 30 min.');
  expect(paceOfProjectWords(look(open, ofList))).toMatch(/^Nothing is on record/);
  const empty = look(officeOf({}, [3]), ofList);
  expect([empty.count, empty.done, openWords(empty)]).toEqual([0, null, 'Nothing is open.']);
  expect(look(officeOf({}), { kind: 'goal', id: 'gone' })).toMatchObject({ count: 0, due: null });
});

test('what is due says the room until then, and how likely it is in time', () => {
  const office = officeOf(
    {
      tasks: [
        task('a', { estimate: 120, due: { date: '2026-11-25', time: null } }),
        task('b', { estimate: 60, due: { date: '2026-11-26', time: '12:00' } }),
      ],
      goals: [goal('both', { tasks: ['a', 'b', 'done'] })],
    },
    [10, 10, 10],
  );
  const told = look(office, ofList);
  expect(told.due).toMatchObject({ at: at('12:00', '2026-11-26'), room: 19 * 60 });
  expect(dueOfProjectWords(told, office, date, zone)).toMatch(
    /^Due Thu 26 Nov: 19 h of room until then\. At this/,
  );
  const ofGoal = look(office, { kind: 'goal', id: 'both' });
  expect(ofGoal).toMatchObject({ count: 2, due: { at: at('00:00', '2026-11-30') }, weeks: told.weeks });
  expect(ofGoal.due?.chance).toBeGreaterThanOrEqual(told.due?.chance ?? 0);
});

test('a week is what is placed in it and not done, and is due when it ends', () => {
  const office = officeOf({
    tasks: [task('a'), task('b'), task('ticked', { doneAt: 5 })],
    blocks: ['a', 'ticked'].map((taskId) => ({
      id: taskId,
      taskId,
      start: at('10:00', '2026-11-26'),
      minutes: 60,
    })),
    tray: [{ id: 'x', taskId: 'a', date: '2026-11-27' }],
  });
  expect(look(office, { kind: 'week', id: '2026-11-23' })).toMatchObject({
    count: 1,
    due: { at: at('00:00', '2026-11-30') },
  });
});

test('more to do is never done earlier, and a faster pace never later', () => {
  const hours = fc.array(fc.integer({ min: 0, max: 20 }), { minLength: 1, maxLength: 8 });
  const estimates = fc.array(fc.integer({ min: 5, max: 600 }), { minLength: 1, maxLength: 6 });
  const likely = (all: readonly number[], pace: readonly number[]) => {
    const tasks = all.map((estimate, i) => task(`t${i}`, { estimate }));
    return look(officeOf({ tasks }, pace), ofList).done?.likely ?? '9999';
  };
  fc.assert(
    fc.property(estimates, hours, (all, pace) => {
      const day = likely(all, pace);
      expect(
        likely(
          all.map((one) => 2 * one),
          pace,
        ) >= day,
      ).toBe(true);
      expect(
        likely(
          all,
          pace.map((one) => 2 * one),
        ) <= day,
      ).toBe(true);
    }),
    { numRuns: 15 },
  );
});
