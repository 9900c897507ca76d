import { lastInstant } from '../tasks/deadline';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dueText } from '../tasks/dueWords';
import { beginningOf } from '../tasks/inbox';
import { priorities } from '../tasks/order';
import { minutesPlanned } from '../tasks/places';
import { dateOf, type Zone } from '../time/zone';
import { dateWords, durationWords, driftWords, type Style } from '../time/words';
import { minutesSpent } from '../track/spent';

/* The columns of the table of tasks: what a cell shows, and what its column is sorted by. */

/** What cells are worked out from: the workspace, the moment (epoch ms) and the person's zone. */
export type Ground = { readonly workspace: Workspace; readonly now: number; readonly zone: Zone };

type Value = number | string | null;

type Column = {
  readonly name: string;
  /** Its usual width in pixels. */
  readonly width: number;
  /** What a cell holds: names, minutes or an instant (epoch ms); null where it is empty. */
  readonly value: (task: Task, ground: Ground) => Value;
  /** The cell as text; what can be edited reads back the same. */
  readonly text: (task: Task, ground: Ground) => string;
  readonly kind: 'words' | 'choice' | 'minutes' | 'day';
};

const minutes = (name: string, of: (task: Task, ground: Ground) => number | null): Column => ({
  name,
  width: 96,
  value: of,
  text: (task, ground) => {
    const found = of(task, ground);
    return found === null ? '' : durationWords(found);
  },
  kind: 'minutes',
});

const named = (name: string, of: (task: Task, ground: Ground) => string, width: number): Column => ({
  name,
  width,
  value: (task, ground) => of(task, ground).toLowerCase() || null,
  text: of,
  kind: 'choice',
});

const orNull = (count: number) => (count === 0 ? null : count);

/** Minutes of a task that lie in blocks of the plan, past ones included; null without any. */
const plannedOf = ({ id }: Task, { workspace }: Ground) => orNull(minutesPlanned(workspace, id));

const spentOf = ({ id }: Task, { workspace, now }: Ground) =>
  orNull(minutesSpent(workspace.entries, id, now));

/** Actual minus planned minutes; null until time was spent. */
function driftOf(task: Task, ground: Ground): number | null {
  const spent = spentOf(task, ground);
  return spent === null ? null : spent - (plannedOf(task, ground) ?? 0);
}

const finite = (instant: number) => (Number.isFinite(instant) ? instant : null);

const styleOf = ({ workspace }: Ground): Style => workspace.settings;

export const columns = {
  title: {
    name: 'Title',
    width: 290,
    value: ({ title }) => title.toLowerCase(),
    text: ({ title }) => title,
    kind: 'words',
  },
  list: named(
    'List',
    ({ inbox, listId }, { workspace }) => (inbox ? '' : (workspace.lists.get(listId)?.name ?? '')),
    140,
  ),
  category: named(
    'Category',
    ({ category }, { workspace }) => workspace.categories.get(category ?? '')?.name ?? '',
    130,
  ),
  priority: {
    ...named('Priority', ({ priority }) => priority, 96),
    value: ({ priority }) => priorities.indexOf(priority),
  },
  estimate: minutes('Estimate', ({ estimate }) => estimate),
  planned: minutes('Planned', plannedOf),
  spent: minutes('Spent', spentOf),
  drift: {
    ...minutes('Drift', driftOf),
    text: (task, ground) => {
      const drift = driftOf(task, ground);
      return drift === null ? '' : driftWords(drift);
    },
  },
  due: {
    name: 'Due',
    width: 150,
    value: (task, { workspace, zone }) => finite(lastInstant(task, workspace.events, zone)),
    text: ({ due }, ground) => dueText(due, styleOf(ground)),
    kind: 'day',
  },
  notBefore: {
    name: 'Not before',
    width: 150,
    value: ({ notBefore }, { zone }) => (notBefore ? beginningOf(notBefore, zone) : null),
    text: ({ notBefore }, ground) => dueText(notBefore ?? null, styleOf(ground)),
    kind: 'day',
  },
  steps: {
    name: 'Steps',
    width: 84,
    value: ({ steps }) => steps?.length ?? null,
    text: ({ steps = [] }) =>
      steps.length === 0 ? '' : `${steps.filter(({ doneAt }) => doneAt !== null).length} of ${steps.length}`,
    kind: 'words',
  },
  created: {
    name: 'Created',
    width: 120,
    value: ({ createdAt }) => createdAt,
    text: ({ createdAt }, ground) => dateWords(dateOf(createdAt, ground.zone), styleOf(ground)),
    kind: 'day',
  },
} as const satisfies Record<string, Column>;

export type ColumnId = keyof typeof columns;

// Object.keys forgets the key type
export const columnIds = Object.keys(columns) as ColumnId[];

/** A column by its id. */
export const columnOf = (id: ColumnId): Column => columns[id];

/** How narrow and how wide a column gets, in pixels. */
const NARROWEST = 56;
const WIDEST = 800;

/** The width of a column in pixels: its own, or the usual one. */
export const widthOf = (id: ColumnId, widths: Readonly<Record<string, number>>): number =>
  widths[id] ?? columnOf(id).width;

/** A width within what a column can have. */
export const widthWithin = (width: number): number =>
  Math.min(WIDEST, Math.max(NARROWEST, Math.round(width)));

/** Columns of which one stands at another place; the title goes on to lead. */
export function columnMoved(columns: readonly ColumnId[], id: ColumnId, to: number): ColumnId[] {
  if (id === 'title' || !columns.includes(id)) return [...columns];
  const others = columns.filter((other) => other !== id);
  const at = Math.min(others.length, Math.max(1, to));
  return [...others.slice(0, at), id, ...others.slice(at)];
}

/** The columns of these names, in their order, without what this build does not know; the title always leads. */
export const knownColumns = (names: readonly string[]): ColumnId[] => [
  'title',
  ...new Set(names.flatMap((name) => columnIds.find((id) => id === name && id !== 'title') ?? [])),
];

export type Sort = { readonly column: ColumnId; readonly down: boolean };

/** Tasks by what a column holds; empty cells go last either way, equals keep the order that they came in. */
export function sortedBy(tasks: readonly Task[], { column, down }: Sort, ground: Ground): Task[] {
  const { value } = columnOf(column);
  const keyed = tasks.map((task) => ({ task, by: value(task, ground) }));
  const sign = down ? -1 : 1;
  return keyed.sort((a, b) => compared(a.by, b.by, sign)).map(({ task }) => task);
}

function compared(a: Value, b: Value, sign: number): number {
  if (a === null || b === null) return Number(a === null) - Number(b === null);
  if (typeof a === 'string' && typeof b === 'string') return sign * a.localeCompare(b);
  return a === b ? 0 : sign * (a < b ? -1 : 1);
}
