import type { LedgerRow } from './ledger';
import { findings } from './findings';
import { findingSays } from './findingSays';
import { workspaceOf } from '../model/workspace';

const office = workspaceOf({ categories: [{ id: 'w', name: 'Writing', hue: 'reed', rank: 0 }] });

const row = (date: string, planned: number, actual: number, changes: Partial<LedgerRow> = {}): LedgerRow => ({
  date,
  key: `${date} ${planned}`,
  subject: { kind: 'task', taskId: 'a' },
  title: 'Report',
  listId: null,
  categoryId: 'w',
  done: false,
  planned,
  actual,
  drift: actual - planned,
  kept: Math.min(planned, actual),
  from: 0,
  spans: { planned: [], actual: [] },
  ...changes,
});
const days = ['2026-11-16', '2026-11-17', '2026-11-18', '2026-11-19', '2026-11-20', '2026-11-23'];
const says = (rows: LedgerRow[], outside: LedgerRow[] = []) =>
  findings({ rows, outside }, 9).map((finding) => findingSays(finding, office));

test('says how much of the plan was done, and what weighs most, with what it rests on', () => {
  const rows = days.map((date, i) => row(date, 60, i % 5 === 0 ? 130 : 75));
  expect(says(rows)).toEqual([
    '6 h of the 6 h planned were done, 100 % (6 things).',
    'Writing took 3 h 20 more than planned (6 things).',
    'Mondays overrun most, by 1 h 10 each (2 of them).',
  ]);
});

test('keeps quiet below five things, and of what is not worth a sentence', () => {
  expect(says(days.slice(0, 4).map((date) => row(date, 60, 130)))).toEqual([]);
  expect(says(days.map((date) => row(date, 60, 62)))).toEqual([
    '6 h of the 6 h planned were done, 100 % (6 things).',
  ]);
});

test('tells what was never begun, what nobody had planned, and what lay outside the hours of work', () => {
  const notBegun = days.map((date) => row(date, 30, 0, { categoryId: null }));
  const unplanned = days.map((date) => row(date, 0, 20, { title: 'Pump broke down' }));
  const evening = days.map((date) => row(date, 0, 15));
  expect(says([...notBegun, ...unplanned], evening)).toEqual([
    '0 min of the 3 h planned were done, 0 % (6 things).',
    '3 h of the plan were never begun, most of it without a category (6 things).',
    '2 h went to what nobody had planned, most of it to “Pump broke down” (6 things).',
    '1 h 30 lay outside the hours of work (6 things).',
  ]);
});

test('a day without a record is left out of the means of its weekday', () => {
  const rows = [...days, '2026-11-30'].map((date) => row(date, 60, date === '2026-11-30' ? 0 : 120));
  expect(says(rows)).toContain('Mondays overrun most, by 1 h each (2 of them).');
});
