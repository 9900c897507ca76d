import { weekOf } from '../time/week';
import { addDays, type IsoDate } from '../time/zone';
import type { LedgerRow } from './ledger';

/** Things put together by a key, in the order in which each group first appears. */
export function inGroups<T, K>(things: Iterable<T>, keyOf: (thing: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const thing of things) {
    const key = keyOf(thing);
    const group = groups.get(key);
    if (group) group.push(thing);
    else groups.set(key, [thing]);
  }
  return groups;
}

/** The rows of each week, by its first day and in order: of those that lie whole between two days, these included. */
export function wholeWeeks(
  rows: readonly LedgerRow[],
  weekStart: number,
  { from, until }: { readonly from: IsoDate; readonly until: IsoDate },
): { readonly week: IsoDate; readonly rows: readonly LedgerRow[] }[] {
  const days = inGroups(rows, ({ date }) => date);
  return [...inGroups(days, ([date]) => weekOf(date, weekStart))]
    .map(([week, own]) => ({ week, rows: own.flatMap(([, each]) => each) }))
    .filter(({ week }) => week >= from && addDays(week, 6) <= until)
    .sort((a, b) => a.week.localeCompare(b.week));
}
