import { array, assert, boolean, constantFrom, property, record, string } from 'fast-check';
import { at, date, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { cellsAsText, filledDown, filling, textAsCells } from './clipboard';
import { columnMoved, columnOf, knownColumns, sortedBy, type ColumnId } from './columns';
import { readCondition } from './conditions';
import { isMarked, keptWithin, markedAt, movedBy, rectangle } from './grid';

const now = at('11:20');
const tasks = [
  task('a', { title: 'Count eels', estimate: 30, priority: 'low' }),
  task('b', {
    title: 'Weir permit',
    estimate: null,
    due: { date: '2026-11-27', time: null },
    priority: 'urgent',
  }),
  task('c', { title: 'angler letter', estimate: 90, due: { date, time: '17:00' } }),
];
const workspace = workspaceOf({
  tasks,
  blocks: [
    { id: 'x', taskId: 'a', start: at('09:00'), minutes: 30 },
    { id: 'y', taskId: 'a', start: at('14:00'), minutes: 15 },
  ],
  entries: [
    { id: 'e', subject: { kind: 'task', taskId: 'a' }, from: at('09:00'), to: at('10:00') },
    { id: 'f', subject: { kind: 'task', taskId: 'c' }, from: at('10:00'), to: at('10:20') },
  ],
});
const ground = { workspace, now, zone };
const order = (column: ColumnId, down = false) =>
  sortedBy(tasks, { column, down }, ground)
    .map(({ id }) => id)
    .join('');
const cell = (column: ColumnId, i: number) => columnOf(column).text(tasks[i] ?? task('x'), ground);

test('a column sorts up and down, and what is empty stays last', () => {
  expect(order('title')).toBe('cab');
  expect(order('title', true)).toBe('bac');
  expect(order('estimate')).toBe('acb');
  expect(order('estimate', true)).toBe('cab');
  expect(order('due')).toBe('cba');
  expect(order('priority')).toBe('bca');
});

test('planned, spent and drift are the sums of blocks and entries', () => {
  expect([cell('planned', 0), cell('spent', 0), cell('drift', 0)]).toEqual(['45 min', '1 h', '+15']);
  expect([cell('planned', 2), cell('spent', 2), cell('drift', 2)]).toEqual(['', '20 min', '+20']);
  expect([cell('planned', 1), cell('spent', 1), cell('drift', 1)]).toEqual(['', '', '']);
});

test('the title leads, and columns of a later build are passed over', () => {
  expect(knownColumns(['due', 'title', 'mood', 'due', 'list'])).toEqual(['title', 'due', 'list']);
  expect(knownColumns([])).toEqual(['title']);
});

test.each<[ColumnId, string, string]>([
  ['title', 'EEL', 'a'],
  ['priority', 'urg', 'b'],
  ['estimate', '30m', 'a'],
  ['estimate', '< 1h', 'a'],
  ['estimate', '> 1h', 'c'],
  ['estimate', 'none', 'b'],
  ['estimate', 'some', 'ac'],
  ['spent', '>10m', 'ac'],
  ['due', 'today', 'c'],
  ['due', '< fri', 'bc'],
  ['due', '> tomorrow', 'b'],
  ['due', 'none', 'a'],
])('above %s, “%s” leaves %s', (column, typed, left) => {
  const condition = readCondition(column, typed, now, zone);
  expect(tasks.filter((each) => condition?.(each, ground)).map(({ id }) => id)).toEqual([...left]);
});

test('what is neither a length nor a day is no condition', () => {
  expect(readCondition('estimate', '< soon', now, zone)).toBeUndefined();
  expect(readCondition('due', 'whenever', now, zone)).toBeUndefined();
});

test('cells come back from the clipboard as they went there', () => {
  const words = string({ unit: 'grapheme' }).filter(
    (text) => !/^'*[=+\-@\t\r]/.test(text) || !text.startsWith("'"),
  );
  const cells = array(array(words, { minLength: 2, maxLength: 4 }), { minLength: 1, maxLength: 4 }).map(
    (rows) => rows.map((row) => row.slice(0, 2)),
  );
  assert(property(cells, (given) => expect(textAsCells(cellsAsText(given))).toEqual(given)));
  expect(cellsAsText([['=SUM(A1)', 'plain']])).toBe("'=SUM(A1)\tplain");
  expect(textAsCells('30m\r\n45m\r\n')).toEqual([['30m'], ['45m']]);
});

test('one cell fills what is marked, several are laid from its corner on, and a row is filled down', () => {
  expect(filling([['High']], { rows: 2, columns: 2 })).toEqual([
    ['High', 'High'],
    ['High', 'High'],
  ]);
  expect(filling([['a', 'b']], { rows: 3, columns: 1 })).toEqual([['a', 'b']]);
  expect(
    filledDown([
      ['1h', 'fri'],
      ['', ''],
      ['2h', ''],
    ]),
  ).toEqual([
    ['1h', 'fri'],
    ['1h', 'fri'],
  ]);
});

const extent = { rows: 9, columns: 4, page: 5 };
const keys = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End', 'PageUp', 'PageDown'];

test('however keys are pressed, one stays within the table, and only Shift marks more than a cell', () => {
  const key = record({ key: constantFrom(...keys), shift: boolean(), ctrl: boolean() });
  assert(
    property(array(key, { maxLength: 40 }), (pressed) => {
      let marked = markedAt({ row: 0, column: 0 });
      for (const each of pressed) {
        marked = movedBy(marked, each, extent) ?? marked;
        expect(keptWithin(marked, extent)).toEqual(marked);
        expect(isMarked(marked, marked.at)).toBe(true);
        if (!each.shift) expect(marked.from).toEqual(marked.at);
      }
    }),
  );
  expect(
    movedBy(markedAt({ row: 0, column: 0 }), { key: 'q', shift: false, ctrl: false }, extent),
  ).toBeUndefined();
});

test('Ctrl leads to the ends, and what is marked grows from where it began', () => {
  const start = markedAt({ row: 2, column: 1 });
  const down = movedBy(start, { key: 'ArrowDown', shift: true, ctrl: true }, extent);
  expect(down && rectangle(down)).toEqual({ top: 2, bottom: 8, left: 1, right: 1 });
  expect(movedBy(start, { key: 'End', shift: false, ctrl: true }, extent)?.at).toEqual({ row: 8, column: 3 });
});

test('a column goes to another place, the title goes on to lead', () => {
  expect(columnMoved(['title', 'list', 'due', 'spent'], 'spent', 1)).toEqual([
    'title',
    'spent',
    'list',
    'due',
  ]);
  expect(columnMoved(['title', 'list', 'due'], 'list', 9)).toEqual(['title', 'due', 'list']);
  expect(columnMoved(['title', 'list'], 'list', 0)).toEqual(['title', 'list']);
  expect(columnMoved(['title', 'list'], 'title', 1)).toEqual(['title', 'list']);
});
