import { shareOut } from '../time/shareOut';
import { intersect, lengthOf, subtract, union, type Span } from '../time/span';
import { weekdayOf, type Zone } from '../time/zone';
import { cut, hoursOf, perDay } from './cutting';
import { inGroups } from './inGroups';
import type { LedgerRow } from './ledger';

/** How the clock of some rows was spent, in minutes; the three are all that was planned or recorded. */
export type Followed = {
  /** What was done is what was planned for that minute. */
  readonly asPlanned: number;
  /** Something was done that was not planned for that minute. */
  readonly otherwise: number;
  /** Something was planned for that minute, and nothing is on record. */
  readonly nothing: number;
};

const length = (spans: readonly Span[]) => spans.reduce((sum, span) => sum + lengthOf(span), 0);

/** How closely what was done followed the plan, minute by minute. */
export function followed(rows: readonly LedgerRow[]): Followed {
  const actual = union(rows.flatMap(({ spans }) => spans.actual));
  const planned = union(rows.flatMap(({ spans }) => spans.planned));
  // no minute is recorded twice, so these do not overlap
  const kept = rows.flatMap(({ spans }) => intersect(spans.planned, spans.actual));
  const [asPlanned = 0, otherwise = 0, nothing = 0] = shareOut(
    [length(kept), length(subtract(actual, kept)), length(subtract(planned, actual))],
    1,
  );
  return { asPlanned, otherwise, nothing };
}

/** Which part of the minutes that were planned or recorded went as planned, in whole per cent; null of none. */
export function followedPercent({ asPlanned, otherwise, nothing }: Followed): number | null {
  const all = asPlanned + otherwise + nothing;
  return all === 0 ? null : Math.round((100 * asPlanned) / all);
}

/** The same by weekday (1 is Monday) or by hour of the clock, in their order. */
export function followedBy(
  rows: readonly LedgerRow[],
  by: 'weekday' | 'hour',
  zone: Zone,
): { readonly key: number; readonly followed: Followed }[] {
  const hours = perDay((date) => hoursOf(date, zone));
  const parts = rows.flatMap((row) =>
    by === 'weekday'
      ? [{ key: weekdayOf(row.date), row }]
      : cut(row, hours(row.date)).map((part) => ({ key: Number(part.key), row: part.row })),
  );
  return [...inGroups(parts, ({ key }) => key)]
    .map(([key, own]) => ({ key, followed: followed(own.map(({ row }) => row)) }))
    .sort((a, b) => a.key - b.key);
}
