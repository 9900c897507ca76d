import * as fc from 'fast-check';
import { deleteCategory, mergeCategories } from '../commands/categories';
import { addTaskFor, chooseGoal, leaveGoalOut, meanMinutes, tie } from '../commands/goals';
import { deleteList } from '../commands/lists';
import { deleteTask } from '../commands/tasks';
import { at, date, goal, meeting, task, zone } from '../fixtures/make';
import { hours, zoneOf } from '../fixtures/zones';
import type { Goal } from '../model/goal';
import { firstFrame } from '../model/firstFrame';
import { firstList, workspaceOf, type Contents } from '../model/workspace';
import { fillMissing } from '../plan/missing';
import { addDays } from '../time/zone';
import { goalsAhead, goalsOf, isTaskOf } from '../tasks/goals';
import { goalStandings } from './standing';
import { shortWords, standingWords } from './words';

const now = at('12:00');
const block = (taskId: string, time: string, minutes: number, day = date) => ({
  id: `${taskId} ${day} ${time}`,
  taskId,
  start: at(time, day),
  minutes,
});
const entry = (taskId: string, from: string, to: string, day = date) => ({
  id: `${taskId} ${day} ${from}`,
  subject: { kind: 'task' as const, taskId },
  from: at(from, day),
  to: at(to, day),
});
const mornings = {
  ...firstFrame(),
  zones: [zoneOf('Work', { id: 'Work', kind: 'work', days: [1, 2, 3, 4, 5], ...hours(9, 240) })],
};
const officeOf = (contents: Contents) =>
  workspaceOf({
    frames: [mornings],
    lists: [firstList, { ...firstList, id: 'grants', name: 'Grants', rank: 1 }],
    categories: ['Writing', 'Letters'].map((id, rank) => ({ id, name: id, hue: 'iris', rank })),
    ...contents,
  });
const standing = (contents: Contents, of: Goal['span'] = 'week', day = date) => {
  const [first] = goalStandings(officeOf(contents), of, day, zone, now);
  if (!first) throw new Error('a goal is expected');
  return first;
};

test('a goal gets what is planned and done of its tasks, its meetings and its lists, day by day', () => {
  const found = standing({
    goals: [goal('report', { tasks: ['draft', 'old'], events: ['talk'], lists: ['grants'] })],
    tasks: [
      task('draft'),
      task('old', { doneAt: at('10:00') }),
      task('budget', { listId: 'grants' }),
      task('other'),
    ],
    events: [meeting('talk', `2026-11-26T10:00:00`, 30)],
    blocks: [
      block('draft', '09:00', 60),
      block('draft', '15:00', 90),
      block('budget', '09:00', 45, '2026-11-27'),
      block('other', '13:00', 60),
    ],
    entries: [
      entry('draft', '09:00', '09:40'),
      entry('old', '09:45', '10:00'),
      entry('other', '10:00', '11:00'),
    ],
  });
  expect(found.days.map(({ expected }) => expected)).toEqual([0, 40 + 15 + 90, 0, 30, 45, 0, 0]);
  expect(found).toMatchObject({ planned: 225, done: 55, expected: 220, meant: 360, short: 140, ticked: 1 });
  expect(found.open.map(({ id }) => id)).toEqual(['draft', 'budget']);
  expect(standingWords(found)).toBe(
    '6 h meant · 3 h 40 with what is planned, 55 min of it done · 1 of 3 tasks done',
  );
});

test('what is missing is said with the days that have room for it, and fills up with its tasks first', () => {
  const contents = {
    goals: [goal('report', { tasks: ['draft'], times: [{ date, minutes: 600 }], category: 'Writing' })],
    tasks: [task('draft', { estimate: 120 })],
    blocks: [block('other', '09:00', 210, '2026-11-25')],
  };
  const found = standing({ ...contents, tasks: [...contents.tasks, task('other')] });
  expect(shortWords(found, date)).toBe(
    '10 h short, 30 min of it no longer fit, room on Tue (1 h), Wed (30 min), Thu (4 h), Fri (4 h)',
  );
  const [only = goal('none')] = contents.goals;
  const filled = fillMissing(
    officeOf(contents),
    { work: { category: 'Writing', listId: '' }, isOf: (one) => isTaskOf(only, one), short: 300 },
    ['2026-11-26', '2026-11-27'],
    zone,
    now,
  );
  expect(filled).toEqual({
    places: [{ taskId: 'draft', start: at('09:00', '2026-11-26'), minutes: 120 }],
    rest: { start: at('09:00', '2026-11-27'), minutes: 180 },
  });
});

test('a goal that goes on counts in each of its weeks what was done there, and feeds the goal of its quarter', () => {
  const next = addDays(date, 7);
  const contents = {
    goals: [
      goal('weir', { span: 'quarter', times: [{ date: '2026-10-05', minutes: 1200 }] }),
      goal('letters', { tasks: ['letter'], feeds: 'weir', times: [{ date, minutes: 60 }] }),
    ],
    tasks: [task('letter')],
    entries: [entry('letter', '09:00', '10:00'), entry('letter', '09:00', '09:30', '2026-11-17')],
    blocks: [block('letter', '09:00', 45, next)],
  };
  expect(standing(contents).expected).toBe(60);
  // what lies before and after the week of the goal is not done for it
  expect(standing(contents, 'quarter')).toMatchObject({ done: 60, expected: 60, short: 1140 });
  const office = meanMinutes.apply(officeOf(contents), { id: 'letters', date: next, minutes: 90 });
  expect(goalStandings(office, 'week', next, zone, now)).toMatchObject([{ expected: 45, meant: 90 }]);
  expect(goalStandings(office, 'quarter', next, zone, now)).toMatchObject([{ expected: 105 }]);
  const out = leaveGoalOut.apply(office, { id: 'letters', date });
  expect([goalsOf(out, 'week', date), goalsOf(out, 'week', next).map(({ id }) => id)]).toEqual([
    [],
    ['letters'],
  ]);
  expect(leaveGoalOut.apply(out, { id: 'letters', date: next }).goals.get('letters')).toBeUndefined();
});

test('the days of a goal add up, and no minute of a task counts twice, however goals feed each other', () => {
  const quarters = fc.integer({ min: 0, max: 30 });
  const spans = fc.array(
    fc.record({
      day: fc.integer({ min: 0, max: 6 }),
      at: quarters,
      minutes: fc.integer({ min: 1, max: 90 }),
    }),
    {
      maxLength: 12,
    },
  );
  fc.assert(
    fc.property(spans, spans, (planned, worked) => {
      const from = ({ day, at: quarter }: { day: number; at: number }) =>
        at('08:00', addDays('2026-11-23', day)) + quarter * 900_000;
      const office = officeOf({
        goals: [
          goal('a', { tasks: ['t'], feeds: 'b' }),
          goal('b', { span: 'month', tasks: ['t'], feeds: 'a', rank: 1 }),
        ],
        tasks: [task('t')],
        blocks: planned.map((one, i) => ({
          id: `${i}`,
          taskId: 't',
          start: from(one),
          minutes: one.minutes,
        })),
        entries: worked.map((one, i) => ({
          id: `${i}`,
          subject: { kind: 'task', taskId: 't' },
          from: from(one),
          to: from(one) + one.minutes * 60_000,
        })),
      });
      const [week] = goalStandings(office, 'week', date, zone, now);
      const [month] = goalStandings(office, 'month', date, zone, now);
      expect(week?.days.reduce((sum, day) => sum + day.expected, 0)).toBe(week?.expected);
      expect(month?.expected).toBe(week?.expected);
      expect(month?.done).toBe(week?.done);
    }),
    { numRuns: 40 },
  );
});

test('what is deleted leaves a goal, and a merged category takes it along', () => {
  const office = officeOf({
    goals: [goal('report', { category: 'Writing', tasks: ['draft'], lists: ['grants'] })],
    tasks: [task('draft')],
  });
  const bare = deleteList.apply(deleteTask.apply(office, { id: 'draft', at: now }), {
    id: 'grants',
    tasksTo: firstList.id,
  });
  expect(bare.goals.get('report')).toMatchObject({ tasks: [], lists: [] });
  expect(deleteCategory.apply(bare, { id: 'Writing' }).goals.get('report')?.category).toBeUndefined();
  expect(
    mergeCategories.apply(office, { id: 'Writing', into: 'Letters' }).goals.get('report')?.category,
  ).toBe('Letters');
});

test('a task is for one of the goals at a time, and one that is made for a goal has its category', () => {
  const office = officeOf({
    goals: [goal('report', { category: 'Writing' }), goal('hearing', { rank: 1 })],
    tasks: [task('draft')],
  });
  const among = goalsAhead(office, date).map(({ id }) => id);
  const first = chooseGoal.apply(office, { taskId: 'draft', goalId: 'report', among });
  const second = chooseGoal.apply(first, { taskId: 'draft', goalId: 'hearing', among });
  expect(second.goals.values().map(({ tasks }) => tasks)).toEqual([[], ['draft']]);
  const made = addTaskFor.apply(tie.apply(office, { goalId: 'report', kind: 'lists', id: 'grants' }), {
    goalId: 'report',
    task: task('summary'),
  });
  expect(made.tasks.get('summary')?.category).toBe('Writing');
});
