import type { Workspace } from '../model/workspace';
import type { Id } from '../model/common';
import { roundTable } from '../time/roundTable';
import { dateWords, dayMonthWords, monthWords } from '../time/words';
import { daysOf, type Stretch } from '../time/stretch';
import { weekOf } from '../time/week';
import { datesFrom, type IsoDate } from '../time/zone';
import { subjectKey } from '../track/spent';
import type { LedgerRow } from './ledger';

/** What a timesheet is asked for: a line for each list or each thing, rounded to so many minutes; of one list or all. */
export type TimesheetOf = {
  readonly by: 'list' | 'task';
  readonly step: number;
  readonly listId: Id | null;
};

/** The steps that can be rounded to, in minutes; 1 leaves the minutes as they are. */
export const steps = [1, 5, 6, 10, 15, 30] as const;

export type TimesheetLine = {
  readonly name: string;
  /** Minutes in each column, rounded; they add up to `total`. */
  readonly minutes: readonly number[];
  readonly total: number;
  /** What the time went to, the longest first. */
  readonly notes: readonly string[];
};

/** Actual time, line by line and column by column; all sums add up, rounded as they are. */
export type Timesheet = {
  readonly columns: readonly string[];
  readonly lines: readonly TimesheetLine[];
  readonly totals: readonly number[];
  readonly total: number;
};

/** Up to so many days have a column each, longer stretches one for each week, then for each month. */
const MOST = { days: 31, weeks: 100 };

type Columns = { readonly keys: readonly string[]; readonly keyOf: (date: IsoDate) => string };

function columnsOf(stretch: Stretch, weekStart: number): Columns {
  const days = datesFrom(stretch.first, daysOf(stretch));
  const keyOf = (date: IsoDate) => {
    if (days.length <= MOST.days) return date;
    return days.length <= MOST.weeks ? weekOf(date, weekStart) : date.slice(0, 7);
  };
  return { keys: [...new Set(days.map(keyOf))], keyOf };
}

/** The timesheet of a stretch, of what was recorded in it. */
export function timesheet(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  stretch: Stretch,
  { by, step, listId }: TimesheetOf,
): Timesheet {
  const { keys, keyOf } = columnsOf(stretch, workspace.settings.weekStart);
  const column = new Map(keys.map((key, i) => [key, i]));
  const own = rows.filter((row) => row.actual > 0 && (listId === null || row.listId === listId));
  const lines = new Map<string, { name: string; exact: number[]; things: Map<string, number> }>();
  for (const row of own) {
    const key = by === 'list' ? (row.listId ?? '') : subjectKey(row.subject);
    const name = by === 'list' ? (workspace.lists.get(key)?.name ?? 'No list') : row.title;
    const line = lines.get(key) ?? { name, exact: keys.map(() => 0), things: new Map<string, number>() };
    const at = column.get(keyOf(row.date)) ?? 0;
    line.exact[at] = (line.exact[at] ?? 0) + row.actual;
    line.things.set(row.title, (line.things.get(row.title) ?? 0) + row.actual);
    lines.set(key, line);
  }
  const sorted = [...lines.values()].sort((a, b) => a.name.localeCompare(b.name));
  const rounded = roundTable(
    sorted.map(({ exact }) => exact),
    step,
  );
  const sum = (numbers: readonly number[]) => numbers.reduce((total, number) => total + number, 0);
  const totals = keys.map((_, i) => sum(rounded.map((minutes) => minutes[i] ?? 0)));
  return {
    columns: keys.map((key) => columnName(key, daysOf(stretch), workspace)),
    lines: sorted.map(({ name, things }, i) => ({
      name,
      minutes: rounded[i] ?? [],
      total: sum(rounded[i] ?? []),
      notes: [...things].sort((a, b) => b[1] - a[1]).map(([title]) => title),
    })),
    totals,
    total: sum(totals),
  };
}

function columnName(key: string, days: number, { settings }: Workspace): string {
  if (days <= MOST.days) return dateWords(key, settings);
  return days <= MOST.weeks ? `Week of ${dayMonthWords(key, settings)}` : monthWords(`${key}-01`);
}
