import { at, task, zone } from '../fixtures/make';
import type { TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { rangeOf } from '../time/stretch';
import { grouped, type Grouping } from './grouping';
import { ledger } from './ledger';
import { daysOnRecord, inReadingOrder, thenAndNow, together } from './lines';

const worked = (taskId: string, day: string, minutes: number): TimeEntry => ({
  id: `${taskId} ${day}`,
  subject: { kind: 'task', taskId },
  from: at('09:00', day),
  to: at('09:00', day) + minutes * 60_000,
});
const office = workspaceOf({
  categories: ['Writing', 'Permits'].map((name, rank) => ({ id: name, name, hue: 'reed', rank })),
  tasks: [task('a', { category: 'Writing' }), task('b', { category: 'Permits' }), task('c')],
  blocks: [{ id: '1', taskId: 'c', start: at('09:00', '2026-11-25'), minutes: 30 }],
  entries: [
    worked('a', '2026-11-17', 60),
    worked('b', '2026-11-18', 45),
    worked('a', '2026-11-24', 90),
    worked('c', '2026-11-26', 120),
  ],
});
const then = { first: '2026-11-16', last: '2026-11-22' };
const now = { first: '2026-11-23', last: '2026-11-29' };
const rowsOf = (span: typeof then) => ledger(office, rangeOf(span, zone), zone, 0).rows;
const told = (by: Grouping) =>
  inReadingOrder(
    thenAndNow(grouped(office, rowsOf(now), by, zone), grouped(office, rowsOf(then), by, zone), by, {
      from: then.first,
      to: now.first,
    }),
    by,
    1,
  );
const words = (by: Grouping) =>
  told(by).map(({ key, left, right, change }) => `${key} ${left} ${right} ${change}`);

test('then and now stand beside each other, what there was only once, too; the longest first, what belongs nowhere last', () => {
  expect(words('category')).toEqual(['Writing 60 90 30', 'Permits 45 0 -45', 'null 0 120 120']);
  expect(together(told('category'))).toEqual({ left: 105, right: 210, change: 105 });
});

test('days stand by their place in the stretch, in the order of time', () => {
  expect(words('day')).toEqual(['2026-11-24 60 90 30', '2026-11-25 45 0 -45', '2026-11-26 0 120 120']);
});

test('a day with a plan and no record is told, unless it is still to come', () => {
  expect(daysOnRecord(rowsOf(now), '2026-11-30')).toEqual({ recorded: 2, bare: 1 });
  expect(daysOnRecord(rowsOf(now), '2026-11-25')).toEqual({ recorded: 2, bare: 0 });
});
