import type { Task } from '../../model/task';
import type { Workspace } from '../../model/workspace';
import { rangeSoFar, stretchBeside, type Stretch } from '../../time/stretch';
import { addDays, dateOf, type IsoDate } from '../../time/zone';
import { asFar, earlierOf, type ReviewAsked } from '../asked';
import { endsIn, type Ends } from '../ends';
import { findings, type Finding } from '../findings';
import { grouped, isPrivate, rowsInHours, withoutPrivate, type LedgerGroup } from '../grouping';
import { sumsOf, type LedgerRow, type LedgerSums } from '../ledger';
import { daysOnRecord, inReadingOrder, plannedAndActual, thenAndNow, type ReviewLine } from '../lines';
import { rowsIn, type RowsAsked } from '../rowsIn';
import type { Working } from '../../working';
import { sealsOver, type SealsOver } from '../sealsOver';
import { targetsOverWeeks, type TargetOverWeeks } from '../targetWeeks';
import type { Picture } from './picture';
import { picturesOf, type Part } from './pictures';

/** All that Review tells of a stretch of time. */
export type Told = {
  readonly sums: LedgerSums;
  /** The earlier stretch that it is compared with, and its sums as far as this one has come; null beside a plan. */
  readonly then: { readonly stretch: Stretch; readonly sums: LedgerSums } | null;
  /** Whether nothing was planned or recorded, neither now nor then. */
  readonly isEmpty: boolean;
  readonly recorded: { readonly recorded: number; readonly bare: number };
  readonly findings: readonly Finding[];
  readonly lines: readonly ReviewLine[];
  readonly ends: Ends;
  /** What has changed most comes first. */
  readonly pictures: readonly Picture[];
  readonly targets: readonly TargetOverWeeks[];
  readonly seals: SealsOver | null;
};

/** Of a stretch that is longer its seals are not gone through. */
const MOST_SEALED = 400;

/** The last day of a stretch that has ended. */
const endedOf = ({ last }: Stretch, today: IsoDate) => (last < today ? last : addDays(today, -1));

/** Which rows a review rests on: those of its stretch so far, beside the plan that it is compared with. */
const rowsAsked = ({ stretch, against, zone, now }: ReviewAsked): RowsAsked => ({
  range: rangeSoFar(stretch, zone, now),
  zone,
  now,
  yardstick: against === 'sealed' ? 'sealed' : 'last',
});

/** A share of the whole, as one part of it goes on. */
function* partly<A>(working: Working<A>, from: number, to: number): Working<A> {
  for (;;) {
    const step = working.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/** Works out what Review tells of a stretch. */
export function* toldOf(workspace: Workspace, asked: ReviewAsked): Working<Told> {
  const { stretch, hours, against, zone, now } = asked;
  const own = rowsAsked(asked);
  const { range } = own;
  const { weekStart } = workspace.settings;
  const today = dateOf(now, zone);
  const earlier = earlierOf(asked, weekStart);
  const before = stretchBeside(stretch, -1, weekStart);

  const all = yield* partly(rowsIn(workspace, own), 0, 0.45);
  const rowsOf = (of: Stretch) =>
    rowsIn(workspace, { range: asFar(of, asked), zone, now, yardstick: 'last' });
  const allBefore = yield* partly(rowsOf(before), 0.45, 0.7);
  const allThen = earlier && (against === 'before' ? allBefore : yield* partly(rowsOf(earlier), 0.7, 0.9));
  const within = (found: readonly LedgerRow[]) => rowsShown(workspace, found, asked);
  const rows = within(all);
  const then = earlier && allThen && { stretch: earlier, rows: within(allThen) };

  const part = (of: Stretch, found: readonly LedgerRow[], ended: IsoDate): Part => ({
    stretch: of,
    rows: found,
    first: of.first,
    ended,
  });
  const ended = endedOf(stretch, today);
  const lastBefore = dateOf(asFar(before, asked).to - 1, zone);
  const sealed = stretch.unit === 'week' && workspace.seals.has(stretch.first);
  const pictures = picturesOf({
    workspace,
    zone,
    now: part(stretch, rows, ended),
    before: part(before, within(allBefore), lastBefore),
    sealed: sealed ? within(yield* rowsIn(workspace, { ...own, yardstick: 'sealed' })) : null,
  });
  const open = rowsShown(workspace, all, { ...asked, hours: 'all' });
  const isShown = ({ category }: Pick<Task, 'category'>) =>
    !asked.withoutPrivate || !isPrivate(workspace, category);
  const isLong = addDays(stretch.first, MOST_SEALED) < stretch.last;
  return {
    sums: sumsOf(rows),
    then: then && { stretch: then.stretch, sums: sumsOf(then.rows) },
    isEmpty: rows.length + (then?.rows.length ?? 0) === 0,
    recorded: daysOnRecord(rows, today),
    findings: findings({ rows: open, outside: rowsInHours(workspace, open, 'out', zone) }),
    lines: linesOf(workspace, asked, rows, then),
    ends: endsIn(workspace, range, zone, now, isShown),
    pictures,
    targets:
      hours === 'all'
        ? targetsOverWeeks(workspace, rows, { from: stretch.first, until: ended }, zone).filter(isShown)
        : [],
    seals: isLong ? null : sealsOver(workspace, stretch.first, stretch.last, zone, isShown),
  };
}

/** The rows as far as they are looked at: in the hours that are asked for, with what is private or without. */
export function rowsShown(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  { hours, zone, withoutPrivate: without }: Pick<ReviewAsked, 'hours' | 'zone' | 'withoutPrivate'>,
): readonly LedgerRow[] {
  return rowsInHours(workspace, without ? withoutPrivate(workspace, rows, zone) : rows, hours, zone);
}

function linesOf(
  workspace: Workspace,
  { stretch, by, zone }: ReviewAsked,
  rows: readonly LedgerRow[],
  then: { readonly stretch: Stretch; readonly rows: readonly LedgerRow[] } | null,
): ReviewLine[] {
  const groups = grouped(workspace, rows, by, zone);
  const told = then
    ? thenAndNow(groups, grouped(workspace, then.rows, by, zone), by, {
        from: then.stretch.first,
        to: stretch.first,
      })
    : plannedAndActual(groups);
  return inReadingOrder(told, by, workspace.settings.weekStart);
}

/** What one line of a review is made of. */
export type LineTold = {
  /** Day by day; no more than are shown. */
  readonly rows: readonly LedgerRow[];
  readonly count: number;
  readonly sums: LedgerSums;
  readonly ends: Ends;
};

/** So many rows of a line are handed out at most. */
const MOST_ROWS = 500;

/** Works out what the line of a key is made of; nothing of one that is not there. */
export function* lineOf(
  workspace: Workspace,
  { key, ...asked }: ReviewAsked & { readonly key: string | null },
): Working<LineTold | null> {
  const { by, zone, now } = asked;
  const own = rowsAsked(asked);
  const all = yield* rowsIn(workspace, own);
  const groups: LedgerGroup[] = grouped(workspace, rowsShown(workspace, all, asked), by, zone);
  const group = groups.find((one) => one.key === key);
  if (!group) return null;
  const rows = [...group.rows].sort((a, b) => a.date.localeCompare(b.date) || a.from - b.from);
  const tasks = new Set(rows.flatMap(({ subject }) => (subject.kind === 'task' ? [subject.taskId] : [])));
  return {
    rows: rows.slice(0, MOST_ROWS),
    count: rows.length,
    sums: group.sums,
    ends: endsIn(workspace, own.range, zone, now, ({ id }) => tasks.has(id)),
  };
}
