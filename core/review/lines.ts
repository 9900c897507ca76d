import { addDays, daysBetween, type IsoDate } from '../time/zone';
import { SEVERAL, type Grouping, type LedgerGroup } from './grouping';
import type { LedgerRow } from './ledger';

/** Two figures of one group beside each other, in minutes: planned and actual, or the actual time then and now. */
export type ReviewLine = {
  readonly key: string | null;
  /** What a person or a meeting is called; other groups are named by what they are. */
  readonly name: string | undefined;
  readonly left: number;
  readonly right: number;
  /** right − left. */
  readonly change: number;
  /** How many rows it is made of, now. */
  readonly count: number;
};

export type Totals = Pick<ReviewLine, 'left' | 'right' | 'change'>;

/** The sums of some lines. */
export const together = (lines: readonly ReviewLine[]): Totals =>
  lines.reduce(
    (sums, { left, right, change }) => ({
      left: sums.left + left,
      right: sums.right + right,
      change: sums.change + change,
    }),
    { left: 0, right: 0, change: 0 },
  );

const lineOf = ({ key, name, rows }: Omit<LedgerGroup, 'sums'>, left: number, right: number): ReviewLine => ({
  key,
  name,
  left,
  right,
  change: right - left,
  count: rows.length,
});

/** Planned and actual of each group. */
export const plannedAndActual = (groups: readonly LedgerGroup[]): ReviewLine[] =>
  groups.map((group) => lineOf(group, group.sums.planned, group.sums.actual));

/** The actual time of each group, then and now; of what there was only once the other is 0. Days stand by their place. */
export function thenAndNow(
  now: readonly LedgerGroup[],
  then: readonly LedgerGroup[],
  by: Grouping,
  moved: { readonly from: IsoDate; readonly to: IsoDate },
): ReviewLine[] {
  const later = (key: string | null) =>
    by === 'day' && key !== null ? addDays(key, daysBetween(moved.from, moved.to)) : key;
  const before = new Map(then.map((group) => [later(group.key), group]));
  const keys = new Set(now.map(({ key }) => key));
  return [
    ...now.map((group) => lineOf(group, before.get(group.key)?.sums.actual ?? 0, group.sums.actual)),
    ...[...before].flatMap(([key, { name, sums }]) =>
      keys.has(key) ? [] : [lineOf({ key, name, rows: [] }, sums.actual, 0)],
    ),
  ].filter(({ left, right }) => left !== 0 || right !== 0);
}

/** Lines in the order in which they are read: of time by time, of others the longest first, what belongs nowhere last. */
export function inReadingOrder(lines: readonly ReviewLine[], by: Grouping, weekStart: number): ReviewLine[] {
  const place = ({ key }: ReviewLine) => (key === SEVERAL ? 2 : key === null ? 1 : 0);
  const size = ({ left, right }: ReviewLine) => Math.max(left, right);
  const timed = (key: string) => (by === 'weekday' ? `${(Number(key) - weekStart + 7) % 7}` : key);
  const isTimed = by === 'day' || by === 'weekday' || by === 'hour';
  return [...lines].sort(
    (a, b) =>
      place(a) - place(b) ||
      (isTimed ? timed(a.key ?? '').localeCompare(timed(b.key ?? '')) : size(b) - size(a)),
  );
}

/** How many days of a stretch until `today` have a record, and how many have a plan and none. */
export function daysOnRecord(rows: readonly LedgerRow[], today: IsoDate) {
  const days = new Map<IsoDate, boolean>();
  for (const { date, actual } of rows)
    if (date < today || actual > 0) days.set(date, (days.get(date) ?? false) || actual > 0);
  const recorded = [...days.values()].filter(Boolean).length;
  return { recorded, bare: days.size - recorded };
}
