import * as fc from 'fast-check';
import { at, date, task, zone } from '../fixtures/make';
import { placeTask } from '../commands/plan';
import { workspaceOf } from '../model/workspace';
import { conditionWords, filtered, noConditions, type Conditions } from './filter';

const moment = { today: date, zone, now: at('11:20') };
const due = (day: string, time: string | null = null) => ({ due: { date: day, time } });
const office = workspaceOf({
  tasks: [
    task('late', { ...due('2026-11-23'), estimate: 10 }),
    task('tonight', { ...due(date), priority: 'high' }),
    task('sunday', { ...due('2026-11-29'), estimate: null }),
    task('monday', { ...due('2026-11-30'), estimate: 15 }),
    task('later', { ...due('2026-12-08'), priority: 'urgent' }),
    task('undated', { estimate: 15 }),
  ],
});
const narrowed = (conditions: Partial<Conditions>, workspace = office) =>
  filtered(workspace.tasks.values(), { ...noConditions, ...conditions }, workspace, moment)
    .map(({ id }) => id)
    .sort();

test.each<[Partial<Conditions>, string[], string]>([
  [{}, ['late', 'later', 'monday', 'sunday', 'tonight', 'undated'], ''],
  [{ due: 'overdue' }, ['late'], 'overdue'],
  [{ due: 'today' }, ['late', 'tonight'], 'due by tonight'],
  [{ due: 'week' }, ['late', 'sunday', 'tonight'], 'due this week'],
  [{ due: 'nextWeek' }, ['monday'], 'due next week'],
  [{ due: 'none' }, ['undated'], 'without a due date'],
  [{ estimate: 'none' }, ['sunday'], 'without an estimate'],
  [{ upTo: 15 }, ['late', 'monday', 'undated'], 'up to 15 min'],
  [{ important: true }, ['later', 'tonight'], 'high or urgent'],
  [{ due: 'week', upTo: 30 }, ['late'], 'due this week, up to 30 min'],
])('%j finds %j', (conditions, ids, words) => {
  expect(narrowed(conditions)).toEqual(ids);
  expect(conditionWords({ ...noConditions, ...conditions })).toBe(words);
});

test('what has a place ahead has one, what had one this morning has none', () => {
  const placed = placeTask.apply(office, { id: 'b', taskId: 'late', start: at('14:00'), minutes: 30 });
  const both = placeTask.apply(placed, { id: 'c', taskId: 'monday', start: at('08:00'), minutes: 30 });
  expect(narrowed({ unplaced: true }, both)).toEqual(['later', 'monday', 'sunday', 'tonight', 'undated']);
});

test('each condition more leaves a part of what was there', () => {
  const conditions = fc.record({
    due: fc.constantFrom(
      'any' as const,
      'overdue' as const,
      'today' as const,
      'week' as const,
      'none' as const,
    ),
    unplaced: fc.boolean(),
    estimate: fc.constantFrom('any' as const, 'some' as const, 'none' as const),
    upTo: fc.option(fc.integer({ min: 1, max: 120 })),
    important: fc.boolean(),
  });
  fc.assert(
    fc.property(conditions, (all) => {
      const found = narrowed(all);
      for (const name of ['due', 'unplaced', 'estimate', 'upTo', 'important'] as const)
        expect(narrowed({ ...all, [name]: noConditions[name] })).toEqual(expect.arrayContaining(found));
    }),
  );
});
