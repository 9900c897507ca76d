import * as fc from 'fast-check';
import { at, zone } from '../fixtures/make';
import { Priority } from '../model/task';
import { firstList, workspaceOf } from '../model/workspace';
import { addRows, newListsOf } from '../commands/rows';
import { writeChecklist } from './checklist';
import { MOST_ROWS, readTaskTable, writeTaskTable } from './csvTasks';
import { rowOf } from './rowOf';
import { readTaskText } from './taskText';
import { plainRow, type TaskRow } from './taskRows';

const now = at('11:20');
const read = (text: string) => readTaskTable(text, now, zone);

test.each([
  ['commas', 'Title,List,Estimate,Due\r\nEel counts,Permits,1h30,27 Nov\r\n'],
  ['semicolons and a byte order mark', '\uFEFFTitle;List;Estimate;Due\nEel counts;Permits;90;2026-11-27\n'],
  ['tabs, in another order', 'Due date\tMinutes\tTask\tProject\nfri\t90\tEel counts\tPermits'],
])('a table with %s is read by its head', (_, text) => {
  expect(read(text)).toEqual({
    rows: [
      {
        ...plainRow,
        title: 'Eel counts',
        list: 'Permits',
        estimate: 90,
        due: { date: '2026-11-27', time: null },
      },
    ],
    problems: [],
  });
});

test('what is no table of tasks is none', () => {
  expect(['Call Ines\nCall Tom', 'title\nonly', 'a,b\n1,2', ''].map(read)).toEqual(Array(4).fill(undefined));
});

test('what cannot be read is named by its line; the row stays with what was fine', () => {
  const text =
    'title,estimate,due,priority\nA,400h,31 Feb,soon\n,10,,\nB,10\nC,10,fri,low,more\n"D,10,fri,low';
  const { rows = [], problems = [] } = read(text) ?? {};
  expect(rows.slice(0, 3).map(({ title, estimate, priority }) => [title, estimate, priority])).toEqual([
    ['A', null, 'normal'],
    ['B', 10, 'normal'],
    ['C', 10, 'low'],
  ]);
  expect(problems.map(({ line }) => line)).toEqual(expect.arrayContaining([2, 3, 5]));
  expect(problems.filter(({ line }) => line === 2).map(({ what }) => what)).toEqual([
    '“400h” is no length, so no estimate was taken',
    '“soon” isn’t a priority: urgent, high, normal or low',
    '“31 Feb” is no day, so no due date was taken',
  ]);
});

test('formulas are made harmless on the way out and are text again on the way in', () => {
  const row = { ...plainRow, title: '=HYPERLINK("http://x")', notes: '+1', list: 'L' };
  const text = writeTaskTable([row]);
  expect(text).toContain(`"'=HYPERLINK(""http://x"")"`);
  expect(read(text)?.rows).toEqual([row]);
});

const words = fc.stringMatching(/^[a-zA-Z=+@"',;-][a-zA-Z ,;"'=+-]{0,12}[a-z]$/);
const moment = fc.record({
  date: fc.constantFrom('2026-11-27', '2028-02-29'),
  time: fc.constantFrom(null, '09:00'),
});
const arbitraryRow: fc.Arbitrary<TaskRow> = fc.record({
  title: words.map((text) => text.replace(/\s+/g, ' ')),
  notes: fc.oneof(fc.constant(''), words, fc.constant('two\nlines')),
  list: fc.oneof(fc.constant(''), words),
  category: fc.oneof(fc.constant(''), words),
  estimate: fc.option(fc.integer({ min: 1, max: 6000 })),
  priority: fc.constantFrom(...Priority.options),
  due: fc.option(moment),
  notBefore: fc.option(moment),
  energy: fc.constantFrom(null, 'sharp' as const, 'light' as const),
  steps: fc.array(fc.record({ title: fc.stringMatching(/^[a-z]{2,6}$/), done: fc.boolean() }), {
    maxLength: 3,
  }),
  done: fc.boolean(),
});

test('rows that are written as a table are read back the same, through a workspace too', () => {
  fc.assert(
    fc.property(fc.array(arbitraryRow, { minLength: 1, maxLength: 6 }), (rows) => {
      const back = read(writeTaskTable(rows))?.rows;
      expect(back).toEqual(rows);
      let id = 0;
      const added = addRows.apply(workspaceOf({}), {
        rows,
        newId: () => `id-${(id += 1)}`,
        makesLists: true,
        at: now,
      });
      const held = added.tasks
        .values()
        .sort((a, b) => a.rank - b.rank)
        .map((task) => rowOf(task, added));
      const named = (row: TaskRow) => ({
        ...row,
        list: row.list.toLowerCase(),
        category: row.category.toLowerCase(),
      });
      expect(held.map(named)).toEqual(
        rows.map((row, i) => named({ ...row, list: row.list || (held[i]?.list ?? '') })),
      );
    }),
  );
});

test('lists that are new are told each once, and without them tasks wait in the inbox', () => {
  const rows = ['Otters', 'otters', firstList.name, ''].map((list) => ({ ...plainRow, title: 'a', list }));
  const workspace = workspaceOf({});
  expect(newListsOf(rows, workspace)).toEqual(['otters']);
  let id = 0;
  const newId = () => `id-${(id += 1)}`;
  const without = addRows.apply(workspace, { rows, newId, makesLists: false, at: now });
  expect(without.lists.size).toBe(1);
  expect(without.tasks.values().filter(({ inbox }) => inbox).length).toBe(3);
});

test('a checklist has a box for each task and its steps below it', () => {
  const rows = [{ ...plainRow, title: 'Eel\ncounts', done: true, steps: [{ title: 'nets', done: false }] }];
  expect(writeChecklist(rows, ({ title }) => title)).toBe('- [x] Eel counts\n  - [ ] nets\n');
});

test('a text is a table, several tasks or one line; of a very long table the first rows are taken and the rest is told', () => {
  const kindOf = (text: string) => readTaskText(text, now, zone).kind;
  expect(['title,due\nA,fri', 'Call Ines\nCall Tom', '  Call Ines\n'].map(kindOf)).toEqual([
    'table',
    'several',
    'line',
  ]);
  const shares: number[] = [];
  const long = `title,due\n${'Eel counts,27 Nov\n'.repeat(MOST_ROWS + 2)}`;
  const read = readTaskTable(long, now, zone, (share) => void shares.push(share));
  expect(read?.rows).toHaveLength(MOST_ROWS);
  expect(read?.rows.at(-1)?.due?.date).toBe('2026-11-27');
  expect(read?.problems).toEqual([
    { line: MOST_ROWS + 2, what: 'and all below (2 rows) were left out: too many' },
  ]);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  expect(shares.length).toBeGreaterThan(9);
});
