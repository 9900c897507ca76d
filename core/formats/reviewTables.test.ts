import Papa from 'papaparse';
import { tableAsCsv, tableAsMarkdown, timesheetTable } from './reviewTables';
import { at, date, task, zone } from '../fixtures/make';
import type { TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { rangeOf, stretchAround } from '../time/stretch';
import { durationWords } from '../time/words';
import { ledger } from '../review/ledger';
import { timesheet } from '../review/timesheet';

const worked = (id: string, taskId: string, from: string, minutes: number, day = date): TimeEntry => ({
  id,
  subject: { kind: 'task', taskId },
  from: at(from, day),
  to: at(from, day) + minutes * 60_000,
});
const office = workspaceOf({
  lists: [
    { id: 'grants', name: 'Grants', hue: 'iris', icon: 'pen', rank: 0 },
    { id: 'surveys', name: '=Surveys | all', hue: 'brook', icon: 'waves', rank: 1 },
  ],
  tasks: [
    task('Report', { listId: 'grants' }),
    task('Budget', { listId: 'grants' }),
    task('Gauges', { listId: 'surveys' }),
  ],
  entries: [
    worked('1', 'Report', '09:00', 52),
    worked('2', 'Gauges', '10:00', 38),
    worked('3', 'Report', '09:00', 67, '2026-11-25'),
    worked('4', 'Budget', '11:00', 14, '2026-11-25'),
  ],
});
const week = stretchAround('week', date, 1);
const { rows } = ledger(office, rangeOf(week, zone), zone, at('18:00', '2026-11-29'));
const sheet = (changes: Partial<Parameters<typeof timesheet>[3]> = {}) =>
  timesheet(office, rows, week, { by: 'list', step: 15, listId: null, ...changes });

test('is rounded so that the sums still add up', () => {
  const { columns, lines, totals, total } = sheet();
  expect(columns.slice(0, 3)).toEqual(['Mon 23 Nov', 'Tue 24 Nov', 'Wed 25 Nov']);
  expect(lines.map(({ name, minutes, total: own }) => [name, ...minutes.slice(1, 3), own])).toEqual([
    ['=Surveys | all', 45, 0, 45],
    ['Grants', 45, 75, 120],
  ]);
  expect([totals[1], totals[2], total]).toEqual([90, 75, 165]);
});

test('is of one list, or by task, as one likes', () => {
  const { lines, total } = sheet({ by: 'task', step: 1, listId: 'grants' });
  expect(lines.map(({ name, total: own }) => `${name} ${own}`)).toEqual(['Budget 14', 'Report 119']);
  expect(total).toBe(133);
});

test('goes out as a table of minutes that is read back whole, and no cell is a formula', () => {
  const csv = tableAsCsv(timesheetTable(sheet(), true));
  const read = Papa.parse<string[]>(csv).data;
  expect(read.map((line) => line.at(-2))).toEqual(['Together', '45', '120', '165']);
  expect(read[1]?.[0]).toBe("'=Surveys | all");
  expect(read[2]?.at(-1)).toBe('Report; Budget');
});

test('and in Markdown, where a bar in a name stays a part of it', () => {
  const text = tableAsMarkdown('Timesheet', timesheetTable(sheet(), false), durationWords);
  expect(text).toContain('| =Surveys \\| all | 0 min | 45 min |');
});
