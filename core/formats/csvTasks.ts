import Papa from 'papaparse';
import { readDuration } from '../capture/readDuration';
import { readMoment } from '../capture/readMoment';
import { bounds, shortened } from '../model/bounds';
import { Priority, type Due } from '../model/task';
import { harmless, plainCell } from './harmlessCells';
import { plainDue } from '../tasks/dueWords';
import type { Zone } from '../time/zone';
import { plainRow, type TaskRow } from './taskRows';

/*
 * Tasks as a table of text with a head (RFC 4180; written with commas, read with whatever parts the cells: a comma, a
 * semicolon, a tab).
 */

/** The columns, by the names that are written; others that are read as the same follow. */
const columns = {
  title: ['title', 'task', 'name', 'subject', 'summary', 'what'],
  list: ['list', 'project', 'area'],
  category: ['category', 'kind'],
  estimate: ['estimate', 'length', 'duration', 'minutes', 'planned'],
  priority: ['priority', 'importance'],
  due: ['due', 'due date', 'deadline', 'by'],
  notBefore: ['not before', 'start date', 'from'],
  energy: ['energy'],
  steps: ['steps', 'subtasks'],
  notes: ['notes', 'note', 'description', 'details'],
  done: ['done', 'completed', 'status'],
} as const;
type Column = keyof typeof columns;

// Object.keys forgets the key type
const columnNames = Object.keys(columns) as Column[];
const columnOf = (head: string): Column | undefined =>
  columnNames.find((name) => columns[name].some((word) => word === head.trim().toLowerCase()));

/** What was wrong with a row, which counts from the head as line 1. */
export type RowProblem = { readonly line: number; readonly what: string };

export type TaskTable = { readonly rows: readonly TaskRow[]; readonly problems: readonly RowProblem[] };

const DONE = new Set(['x', 'yes', 'true', 'done', 'completed', '1']);

/** The most rows that are taken of a table. */
export const MOST_ROWS = 100_000;
/** So many rows are read between two words of how far it has come. */
const STRETCH = 2000;

/**
 * Reads a table of tasks. Undefined when its first row is no head: it must have a column of titles and one more that is
 * known. What cannot be read of a row is named and left out, the row itself stays. `progress` hears which share (0 to 1)
 * of the rows has been read.
 */
export function readTaskTable(
  text: string,
  now: number,
  zone: Zone,
  progress: (share: number) => void = () => undefined,
): TaskTable | undefined {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trimEnd(), { skipEmptyLines: true });
  const [head = []] = parsed.data;
  const body = parsed.data.slice(1, 1 + MOST_ROWS);
  const heads = head.map(columnOf);
  if (!heads.includes('title') || heads.filter(Boolean).length < 2) return undefined;
  const problems: RowProblem[] = [];
  const momentIn = momentReader(now, zone);
  const rows = body.flatMap((cells, i): TaskRow[] => {
    const line = i + 2;
    if (i % STRETCH === 0) progress(i / body.length);
    const tell = (what: string) => problems.push({ line, what });
    const cell = (name: Column) => plainCell((cells[heads.indexOf(name)] ?? '').trim());
    const title = shortened(cell('title').replace(/\s+/g, ' '), bounds.title);
    if (title === '') {
      tell('has no title and was left out');
      return [];
    }
    if (cells.length > head.length) tell(`has ${cells.length} cells, the head has ${head.length}`);
    return [{ ...plainRow, title, ...wordsOf(cell), ...valuesOf(cell, tell, momentIn) }];
  });
  const quotes = parsed.errors.filter(({ type }) => type === 'Quotes');
  for (const { row = 0 } of quotes) problems.push({ line: row + 1, what: 'has a quotation mark too many' });
  const beyond = parsed.data.length - 1 - body.length;
  if (beyond > 0)
    problems.unshift({ line: MOST_ROWS + 2, what: `and all below (${beyond} rows) were left out: too many` });
  return { rows, problems };
}

type Cell = (name: Column) => string;

const wordsOf = (cell: Cell) => ({
  notes: shortened(cell('notes'), bounds.notes),
  list: shortened(cell('list'), bounds.title),
  category: shortened(cell('category'), bounds.title),
  done: DONE.has(cell('done').toLowerCase()),
  steps: cell('steps')
    .split('\n')
    .map((line) => ({
      title: shortened(line.replace(/^\[[ x]\]\s*/i, '').trim(), bounds.title),
      done: /^\[x\]/i.test(line),
    }))
    .filter(({ title }) => title !== '')
    .slice(0, bounds.steps),
});

/** Reads the days of a table; the same words are read once. */
function momentReader(now: number, zone: Zone): (typed: string) => Due | undefined {
  const known = new Map<string, Due | undefined>();
  return (typed) => {
    if (!known.has(typed)) known.set(typed, readMoment(typed, now, zone));
    return known.get(typed);
  };
}

function valuesOf(cell: Cell, tell: (what: string) => void, momentIn: (typed: string) => Due | undefined) {
  const moment = (name: Column): Due | null => {
    const typed = cell(name);
    if (typed === '') return null;
    const read = momentIn(typed);
    if (!read)
      tell(`“${shortened(typed, 40)}” is no day, so ${name === 'due' ? 'no due date' : 'nothing'} was taken`);
    return read ?? null;
  };
  const typedLength = cell('estimate');
  const length = readDuration(typedLength);
  const estimate = length !== undefined && length <= bounds.estimateMinutes ? length : null;
  if (typedLength !== '' && estimate === null)
    tell(`“${shortened(typedLength, 40)}” is no length, so no estimate was taken`);
  const typedPriority = cell('priority').toLowerCase();
  const priority = Priority.safeParse(typedPriority === '' ? 'normal' : typedPriority);
  if (!priority.success)
    tell(`“${shortened(typedPriority, 40)}” isn’t a priority: urgent, high, normal or low`);
  const typedEnergy = cell('energy').toLowerCase();
  const energy: TaskRow['energy'] = typedEnergy === 'sharp' || typedEnergy === 'light' ? typedEnergy : null;
  return {
    estimate,
    priority: priority.success ? priority.data : ('normal' as const),
    due: moment('due'),
    notBefore: moment('notBefore'),
    energy,
  };
}

/** Tasks as a table with a head, lines ended by CR LF; what a spreadsheet would take for a formula is made harmless. */
export function writeTaskTable(rows: readonly TaskRow[]): string {
  const cells = rows.map((row): Record<Column, string> => ({
    title: row.title,
    list: row.list,
    category: row.category,
    estimate: row.estimate === null ? '' : String(row.estimate),
    priority: row.priority === 'normal' ? '' : row.priority,
    due: row.due ? plainDue(row.due) : '',
    notBefore: row.notBefore ? plainDue(row.notBefore) : '',
    energy: row.energy ?? '',
    steps: row.steps.map(({ title, done }) => `[${done ? 'x' : ' '}] ${title}`).join('\n'),
    notes: row.notes,
    done: row.done ? 'yes' : '',
  }));
  const table = cells.map((row) => columnNames.map((name) => harmless(row[name])));
  return Papa.unparse([columnNames.map((name) => columns[name][0]), ...table], { newline: '\r\n' });
}
