import * as fc from 'fast-check';
import { habitsOf } from '../estimates/habits';
import type { Observation } from '../estimates/observations';
import { paceFrom, paceWords } from '../estimates/pace';
import { changeSettings } from '../commands/calendar';
import { at, date, task, zone } from '../fixtures/make';
import { firstFrame } from '../model/firstFrame';
import type { Pace } from '../model/pace';
import { workspaceOf } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { whatFits } from '../plan/freed';
import { tightOn } from '../feasible/feasible';
import { tightWords } from '../feasible/words';
import { expectedOf, expectedTogether, togetherWords } from './takes';

const now = at('08:00');
const pace: Pace = { at: now, all: 1.1, kinds: [{ of: 'category Writing', ratio: 1.5 }] };
const office = workspaceOf({
  frames: [firstFrame()],
  categories: [{ id: 'Writing', name: 'Writing', hue: 'iris', rank: 0 }],
  tasks: [
    task('report', { category: 'Writing', estimate: 60, due: { date, time: null } }),
    task('post', { estimate: 20 }),
    task('idea', { estimate: null }),
  ],
  tray: [{ id: 'tray', taskId: 'report', date }],
});
const counting = changeSettings.apply(office, { pace });

test('loads, shortfalls and what fits count what work really takes where one has chosen so, and say it', () => {
  expect(dayPlan(office, date, zone).load).toMatchObject({ inTray: 60 });
  expect(dayPlan(office, date, zone).load).not.toHaveProperty('asItTakes');
  expect(dayPlan(counting, date, zone).load).toMatchObject({ inTray: 90, asItTakes: true });
  const pocket = { from: at('09:00'), to: at('10:15') };
  const fits = (workspace: typeof office) =>
    whatFits(workspace, pocket, zone, now).map((one) => [one.task.id, one.minutes]);
  expect(fits(office)).toContainEqual(['report', 60]);
  expect(fits(counting)).toEqual([
    ['post', 20],
    ['idea', 30],
  ]);
  expect(togetherWords(counting, counting.tasks.values())).toBe('3 tasks · 1 h 50, as it really takes');
  const late = at('16:00');
  const tight = tightOn(counting, date, zone, late);
  expect(tight && tightWords(tight, counting, zone, late)).toContain('1 h 30 of work as it really takes,');
});

test('without a choice everything counts as it is estimated; with one, by its kind, and never nothing', () => {
  const estimates = fc.array(fc.option(fc.integer({ min: 1, max: 60_000 }), { nil: null }), { maxLength: 8 });
  fc.assert(
    fc.property(estimates, fc.double({ min: 0.05, max: 20, noNaN: true }), (all, ratio) => {
      const tasks = all.map((estimate, i) => task(`${i}`, { estimate }));
      expect(tasks.map((one) => expectedOf(office, one))).toEqual(all);
      const other = { settings: { pace: { ...pace, all: ratio } } };
      for (const one of tasks) {
        const expected = expectedOf(other, one);
        if (one.estimate === null) expect(expected).toBeNull();
        else expect(Math.abs((expected ?? 0) - Math.max(5, one.estimate * ratio))).toBeLessThanOrEqual(2.5);
      }
      expect(expectedTogether(other, tasks)).toBe(
        tasks.reduce((sum, one) => sum + (expectedOf(other, one) ?? 0), 0),
      );
    }),
  );
});

test('what is counted with comes from one’s record, of kinds that rest on enough, and is said with its day', () => {
  const took = (id: string, categoryId: string, actual: number): Observation => ({
    id,
    title: id,
    kind: `category ${categoryId}`,
    listId: 'l',
    categoryId,
    estimate: 60,
    actual,
    at: now,
    hour: 9,
    open: false,
  });
  const writing = Array.from({ length: 12 }, (_, i) => took(`w${i}`, 'Writing', 88 + (i % 5)));
  const calls = Array.from({ length: 3 }, (_, i) => took(`c${i}`, 'Calls', 30));
  const found = paceFrom(habitsOf([...writing, ...calls], now), now);
  expect(found?.kinds.map(({ of }) => of)).toEqual(['category Writing']);
  expect(found?.kinds[0]?.ratio).toBeCloseTo(1.5, 1);
  expect(paceWords(office, pace, zone)).toBe('As of 24 Nov: Writing 1.5, other work 1.1 times its estimate.');
  expect(paceFrom(habitsOf(writing.slice(0, 4), now), now)).toBeNull();
});
