import type { Id } from '../model/common';
import type { Subject } from '../model/plan';
import { sealOn, type Seal, type SealedBlock } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { dayPlan, type DayPlan } from '../plan/dayPlan';
import { partsOf } from '../plan/sealing';
import { timedThings } from '../plan/things';
import { categoryOfNames } from '../model/categories';
import { subjectTitle, taskOf } from '../tasks/places';
import { MINUTE, intersect, minutesOf, type Span } from '../time/span';
import { addDays, dateOf, type IsoDate, type Zone } from '../time/zone';
import { entriesIn } from '../track/entries';
import { spanOfEntry, subjectKey } from '../track/spent';

/** Planned and actual of one task, meeting or unplanned thing on one day, in whole minutes. */
export type LedgerRow = {
  readonly date: IsoDate;
  readonly key: string;
  readonly subject: Subject;
  readonly title: string;
  readonly listId: Id | null;
  readonly categoryId: Id | null;
  /** A task that was ticked off before the span ends; a meeting for which time is on record. */
  readonly done: boolean;
  readonly planned: number;
  readonly actual: number;
  /** actual − planned. */
  readonly drift: number;
  /** The planned minutes that were kept: all of what is done, of the rest as many as were worked. */
  readonly kept: number;
  /** Where the row first stands in the day, epoch ms. */
  readonly from: number;
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

/** What the actual time is compared with: the plan as it was last, or as its week was sealed where it was. */
export type Yardstick = 'last' | 'sealed';

/**
 * The ledger of a span of time (epoch ms), a row for each thing of each day: all blocks, busy meetings that do not take
 * whole days, and time entries, cut at the edges of the span and at midnights. What overlaps within one row counts
 * once. Each row is rounded to whole minutes before anything is summed, so that the sums always add up, over any rows.
 */
export function ledger(
  workspace: Workspace,
  range: Span,
  zone: Zone,
  now: number,
  yardstick: Yardstick = 'last',
): Ledger {
  const rows: LedgerRow[] = [];
  const last = dateOf(range.to - 1, zone);
  for (let date = dateOf(range.from, zone); date <= last; date = addDays(date, 1))
    rows.push(...rowsOfDay(workspace, date, range, zone, now, yardstick));
  return { rows, sums: sumsOf(rows) };
}

type Gathered = { readonly subject: Subject; planned: Span[]; actual: Span[]; categories: readonly string[] };

function rowsOfDay(
  workspace: Workspace,
  date: IsoDate,
  range: Span,
  zone: Zone,
  now: number,
  yardstick: Yardstick,
): LedgerRow[] {
  const plan = dayPlan(workspace, date, zone);
  const seal = yardstick === 'sealed' ? sealOn(workspace, date) : undefined;
  const day = intersect([plan.span], [range]);
  const gathered = new Map<string, Gathered>();
  const add = (
    subject: Subject,
    lane: 'planned' | 'actual',
    span: Span,
    categories: readonly string[] = [],
  ) => {
    const key = subjectKey(subject);
    const row = gathered.get(key) ?? { subject, planned: [], actual: [], categories };
    row[lane].push(...intersect([span], day));
    gathered.set(key, row);
  };
  for (const { subject, span, categories } of seal ? sealedFor(seal) : plannedFor(plan, workspace))
    add(subject, 'planned', span, categories);
  for (const entry of day.flatMap((span) => entriesIn(workspace.entries, span, now)))
    add(entry.subject, 'actual', spanOfEntry(entry, now));
  return [...gathered]
    .map(([key, row]) => toRow(workspace, date, key, row, range))
    .filter(({ planned, actual }) => planned > 0 || actual > 0)
    .sort((a, b) => a.from - b.from);
}

type Planned = { readonly subject: Subject; readonly span: Span; readonly categories?: readonly string[] };

const ofMeeting = ({ id, title, categories, from, to }: Named): Planned => ({
  subject: { kind: 'event', occurrence: id, title },
  span: { from, to },
  categories,
});

type Named = Span & { readonly id: string; readonly title: string; readonly categories: readonly string[] };

/** What is planned for a day, block by block and meeting by meeting, by start. */
const plannedFor = (plan: DayPlan, workspace: Workspace): Planned[] =>
  timedThings(plan, workspace).flatMap((thing): Planned[] => {
    if (thing.kind === 'block') return inTurn(thing.block.start, partsOf(thing.block, workspace));
    return thing.event.busy ? [ofMeeting(thing.event)] : [];
  });

/** What was planned when a week was sealed. */
const sealedFor = ({ blocks, meetings }: Seal): Planned[] => [
  ...blocks.flatMap(({ start, parts }) => inTurn(start, parts)),
  ...meetings.filter(({ wholeDays }) => !wholeDays).map(ofMeeting),
];

/** The parts of a block one after the other. */
function inTurn(start: number, parts: SealedBlock['parts']): Planned[] {
  let from = start;
  return parts.map(({ taskId, minutes }) => {
    const span = { from, to: from + minutes * MINUTE };
    from = span.to;
    return { subject: { kind: 'task', taskId }, span };
  });
}

function toRow(
  workspace: Workspace,
  date: IsoDate,
  key: string,
  { subject, planned, actual, categories }: Gathered,
  range: Span,
): LedgerRow {
  const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
  const [plannedMinutes, actualMinutes] = [minutesOf(planned), minutesOf(actual)];
  const ticked = typeof task?.doneAt === 'number' && task.doneAt < range.to;
  const done = subject.kind === 'event' ? actualMinutes > 0 : ticked;
  return {
    date,
    key,
    subject,
    title: subjectTitle(subject, workspace),
    listId: task?.listId ?? null,
    categoryId: task?.category ?? categoryOfNames(workspace, categories)?.id ?? null,
    done,
    planned: plannedMinutes,
    actual: actualMinutes,
    drift: actualMinutes - plannedMinutes,
    kept: done ? plannedMinutes : Math.min(plannedMinutes, actualMinutes),
    from: Math.min(...[...planned, ...actual].map(({ from }) => from)),
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

/** What rows can be put together by. By task and by meeting only the rows of such are there. */
export type Grouping = 'day' | 'task' | 'meeting' | 'list' | 'category';

const keys: Record<Grouping, (row: LedgerRow) => string | null | undefined> = {
  day: ({ date }) => date,
  task: ({ subject }) => (subject.kind === 'task' ? subject.taskId : undefined),
  // all times of one event
  meeting: ({ subject }) =>
    subject.kind === 'event' ? subject.occurrence.slice(0, subject.occurrence.lastIndexOf('@')) : undefined,
  list: ({ listId }) => listId,
  category: ({ categoryId }) => categoryId,
};

/** Rows that belong together, with their sums; the key is a date or an id, null for what is in no list or category. */
export type LedgerGroup = {
  readonly key: string | null;
  readonly rows: readonly LedgerRow[];
  readonly sums: LedgerSums;
};

/** The rows of a ledger put together, in the order in which each group first appears. */
export function grouped({ rows }: Ledger, by: Grouping): LedgerGroup[] {
  const groups = new Map<string | null, LedgerRow[]>();
  for (const row of rows) {
    const key = keys[by](row);
    if (key === undefined) continue;
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return [...groups].map(([key, own]) => ({ key, rows: own, sums: sumsOf(own) }));
}
