import { eventIdOf } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { weekdayOf, type IsoDate, type Zone } from '../time/zone';
import { cut, hoursOf, ownTimeCells, perDay, workCells, zoneCells, type Cell, type Keyed } from './cutting';
import { inGroups } from './inGroups';
import { byKind } from './kinds';
import { sumsOf, type LedgerRow, type LedgerSums } from './ledger';
import { peopleOf } from './people';

/** What rows can be put together by. */
export const groupings = [
  'category',
  'list',
  'task',
  'kind',
  'meeting',
  'person',
  'day',
  'weekday',
  'hour',
  'zone',
] as const;
export type Grouping = (typeof groupings)[number];

/** Which hours of a span are looked at: those that the frame gives to work, the others, or all. */
export type Hours = 'all' | 'in' | 'out';

/**
 * Rows that belong together, with their sums. The key is a date, the id of what they are grouped by, a weekday (1 is Monday)
 * or an hour (`08`); null for what belongs nowhere, and SEVERAL for what is taken off as it is told by several people.
 */
export type LedgerGroup = {
  readonly key: string | null;
  /** What a person or a meeting is called; other groups are named by what they are. */
  readonly name: string | undefined;
  readonly rows: readonly LedgerRow[];
  readonly sums: LedgerSums;
};

export const SEVERAL = 'several';

const keys = {
  day: ({ date }: LedgerRow) => date,
  weekday: ({ date }: LedgerRow) => `${weekdayOf(date)}`,
  task: ({ subject }: LedgerRow) => (subject.kind === 'task' ? subject.taskId : null),
  // all times of one event
  meeting: ({ subject }: LedgerRow) => (subject.kind === 'event' ? eventIdOf(subject.occurrence) : null),
  list: ({ listId }: LedgerRow) => listId,
  category: ({ categoryId }: LedgerRow) => categoryId,
};

/** The rows as far as they lie in these hours; inside and outside together are all, to the minute. */
export function rowsInHours(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  hours: Hours,
  zone: Zone,
): readonly LedgerRow[] {
  if (hours === 'all') return rows;
  const cells = perDay((date) => workCells(workspace, date, zone));
  return rows.flatMap((row) =>
    cut(row, cells(row.date)).flatMap((part) => ((part.key === 'in') === (hours === 'in') ? [part.row] : [])),
  );
}

/** Whether anything can be private: a category that says so, or a zone of one's own time. */
export const hasPrivate = ({ categories, frames }: Workspace): boolean =>
  categories.values().some((category) => category.private === true) ||
  frames.values().some(({ zones }) => zones.some(({ kind }) => kind === 'own'));

/** Whether a category says that it is private. */
export const isPrivate = ({ categories }: Workspace, categoryId: Id | null | undefined): boolean =>
  categories.get(categoryId ?? '')?.private === true;

/** The rows without what is private: categories that say so, and what lies in zones of one's own time. */
export function withoutPrivate(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  zone: Zone,
): readonly LedgerRow[] {
  const cells = perDay((date) => ownTimeCells(workspace, date, zone));
  return rows
    .filter(({ categoryId }) => !isPrivate(workspace, categoryId))
    .flatMap((row) => cut(row, cells(row.date)).flatMap((part) => (part.key === null ? [part.row] : [])));
}

const cutBy = (rows: readonly LedgerRow[], cellsOf: (date: IsoDate) => readonly Cell[]): Keyed[] => {
  const cells = perDay(cellsOf);
  return rows.flatMap((row) => cut(row, cells(row.date)));
};

/** A row that takes another off again, so many times. */
const takenOff = (row: LedgerRow, times: number): LedgerRow => ({
  ...row,
  planned: -times * row.planned,
  actual: -times * row.actual,
  drift: -times * row.drift,
  kept: -times * row.kept,
});

/** Each row for everyone who was met in it; what is told more than once is taken off again under SEVERAL. */
function byPerson(workspace: Workspace, rows: readonly LedgerRow[], own: readonly string[]): Keyed[] {
  const people = peopleOf(workspace, rows, own);
  return rows.flatMap((row): Keyed[] => {
    const met = people(row);
    if (met.length === 0) return [{ key: null, row }];
    const more = met.length > 1 ? [{ key: SEVERAL, row: takenOff(row, met.length - 1) }] : [];
    return [...met.map(({ key, name }) => ({ key, name, row })), ...more];
  });
}

/**
 * Rows put together, in the order in which each group first appears; over every grouping planned, actual and drift add up to
 * the same. By the hour, by zone and by kind rows are cut where these begin and end. `own` are one's own addresses.
 */
export function grouped(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  by: Grouping,
  zone: Zone,
  own: readonly string[] = workspace.settings.addresses,
): LedgerGroup[] {
  return [...inGroups(keyed(workspace, rows, by, zone, own), ({ key }) => key)].map(([key, group]) => {
    const all = group.map(({ row }) => row);
    return { key, name: group[0]?.name, rows: all, sums: sumsOf(all) };
  });
}

function keyed(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  by: Grouping,
  zone: Zone,
  own: readonly string[],
): Keyed[] {
  if (by === 'hour') return cutBy(rows, (date) => hoursOf(date, zone));
  if (by === 'zone') return cutBy(rows, (date) => zoneCells(workspace, date, zone));
  if (by === 'person') return byPerson(workspace, rows, own);
  if (by === 'kind') return byKind(workspace, rows, own);
  const name = ({ title }: LedgerRow) => (by === 'meeting' ? { name: title } : {});
  return rows.map((row) => ({ key: keys[by](row), row, ...name(row) }));
}
