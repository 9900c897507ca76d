import type { Id } from '../model/common';
import type { Subject } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { subjectTitle, taskOf } from '../tasks/places';
import { daysIn, touchedBy, type DayIn } from '../time/days';
import { shareOut } from '../time/shareOut';
import { clip, lengthOf, minutesOf, union, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { actualIn, type Actual } from '../track/actual';
import { subjectKey } from '../track/spent';
import { categoryOfSubject } from './categoryOf';
import { plannedOn, type Planned, type Yardstick } from './planned';

/** Planned and actual of one task, meeting or unplanned thing on one day, in whole minutes. */
export type LedgerRow = {
  readonly date: IsoDate;
  readonly key: string;
  readonly subject: Subject;
  readonly title: string;
  readonly listId: Id | null;
  readonly categoryId: Id | null;
  /** A task that was ticked off before the day ends; a meeting for which time is on record. */
  readonly done: boolean;
  readonly planned: number;
  readonly actual: number;
  /** actual − planned. */
  readonly drift: number;
  /** The planned minutes that were kept: all of what is done, of the rest as many as were worked. */
  readonly kept: number;
  /** Where the row first stands in the day, epoch ms. */
  readonly from: number;
  /** When that was, in order, what overlaps put together. */
  readonly spans: { readonly planned: readonly Span[]; readonly actual: readonly Span[] };
};

/** Sums of rows. actual − planned = over − under − notStarted + unplanned, to the minute. */
export type LedgerSums = {
  readonly planned: number;
  readonly actual: number;
  readonly drift: number;
  /** Minutes beyond the plan, on what was planned and begun. */
  readonly over: number;
  /** Minutes short of the plan, on what was planned and begun. */
  readonly under: number;
  /** Planned minutes of what was never begun. */
  readonly notStarted: number;
  /** Minutes on what nobody planned for the day. */
  readonly unplanned: number;
  readonly kept: number;
};

export type Ledger = { readonly rows: readonly LedgerRow[]; readonly sums: LedgerSums };

/**
 * The ledger of a span of time (epoch ms), a row for each thing of each day: all blocks, busy meetings that do not take
 * whole days, and time entries, cut at the edges of the span and at midnights. What overlaps within one row counts
 * once, and a minute that two entries cover goes to the one that began later. Each row is rounded to whole minutes before
 * anything is summed, so that the sums always add up, over any rows; those of a day are its actual time, rounded.
 */
export function ledger(
  workspace: Workspace,
  range: Span,
  zone: Zone,
  now: number,
  yardstick: Yardstick = 'last',
): Ledger {
  const days = daysIn(range, zone);
  const planned = plannedOn(workspace, days, zone, yardstick);
  const actual = actualOn(workspace, days, range, now);
  const rows = days.flatMap((day, i) => rowsOfDay(workspace, day, planned[i] ?? [], actual[i] ?? []));
  return { rows, sums: sumsOf(rows) };
}

/** What really happened on some days, each with its part. */
function actualOn({ entries }: Workspace, days: readonly DayIn[], range: Span, now: number): Actual[][] {
  const found: Actual[][] = days.map(() => []);
  for (const actual of actualIn(entries, range, now))
    for (const span of actual.spans)
      for (const i of touchedBy(days, span)) {
        const day = days[i];
        if (day) found[i]?.push({ entry: actual.entry, spans: [clip(day.span, span)] });
      }
  return found;
}

type Gathered = { readonly subject: Subject; planned: Span[]; actual: Span[]; categories: readonly string[] };

function rowsOfDay(
  workspace: Workspace,
  { date, span: day }: DayIn,
  planned: readonly Planned[],
  actual: readonly Actual[],
): LedgerRow[] {
  const gathered = new Map<string, Gathered>();
  const rowOf = (subject: Subject, categories: readonly string[] = []) => {
    const key = subjectKey(subject);
    const row = gathered.get(key) ?? { subject, planned: [], actual: [], categories };
    gathered.set(key, row);
    return row;
  };
  for (const { subject, span, categories } of planned)
    rowOf(subject, categories).planned.push(clip(day, span));
  for (const { entry, spans } of actual) rowOf(entry.subject).actual.push(...spans);
  const all = [...gathered];
  const minutes = shareOut(
    all.map(([, row]) => row.actual.reduce((sum, span) => sum + lengthOf(span), 0)),
    1,
  );
  return all
    .map(([key, row], i) => toRow(workspace, date, key, row, minutes[i] ?? 0, day.to))
    .filter((row) => row.planned > 0 || row.actual > 0)
    .sort((a, b) => a.from - b.from);
}

function toRow(
  workspace: Workspace,
  date: IsoDate,
  key: string,
  { subject, planned, actual, categories }: Gathered,
  actualMinutes: number,
  end: number,
): LedgerRow {
  const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
  const spans = { planned: union(planned), actual: union(actual) };
  const plannedMinutes = minutesOf(spans.planned);
  const ticked = typeof task?.doneAt === 'number' && task.doneAt < end;
  const done = subject.kind === 'event' ? actualMinutes > 0 : ticked;
  return {
    date,
    key,
    subject,
    title: subjectTitle(subject, workspace),
    listId: task?.listId ?? null,
    categoryId: categoryOfSubject(workspace, subject, categories),
    done,
    planned: plannedMinutes,
    actual: actualMinutes,
    drift: actualMinutes - plannedMinutes,
    kept: done ? plannedMinutes : Math.min(plannedMinutes, actualMinutes),
    from: Math.min(spans.planned[0]?.from ?? Infinity, spans.actual[0]?.from ?? Infinity),
    spans,
  };
}

/** The sums over any rows. */
export function sumsOf(rows: readonly LedgerRow[]): LedgerSums {
  const sum = (value: (row: LedgerRow) => number) => rows.reduce((total, row) => total + value(row), 0);
  const begun = (row: LedgerRow) => row.planned > 0 && row.actual > 0;
  return {
    planned: sum(({ planned }) => planned),
    actual: sum(({ actual }) => actual),
    drift: sum(({ drift }) => drift),
    over: sum((row) => (begun(row) ? Math.max(0, row.drift) : 0)),
    under: sum((row) => (begun(row) ? Math.max(0, -row.drift) : 0)),
    notStarted: sum((row) => (row.actual === 0 ? row.planned : 0)),
    unplanned: sum((row) => (row.planned === 0 ? row.actual : 0)),
    kept: sum(({ kept }) => kept),
  };
}

/** Which part of the plan was kept, in whole per cent; null where nothing was planned. */
export const keptPercent = ({ planned, kept }: LedgerSums): number | null =>
  planned === 0 ? null : Math.round((100 * kept) / planned);
