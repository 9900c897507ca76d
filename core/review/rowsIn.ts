import { rememberedPer } from '../model/remember';
import type { Workspace } from '../model/workspace';
import type { Span } from '../time/span';
import { weekOf } from '../time/week';
import { addDays, dateOf, instantOf, type Zone } from '../time/zone';
import type { Working } from '../working';
import { runningEntry } from '../track/entries';
import { ledger, type Ledger, type LedgerRow } from './ledger';
import type { Yardstick } from './planned';

/** What the rows of a span (epoch ms) depend on, besides the data. */
export type RowsAsked = {
  readonly range: Span;
  readonly zone: Zone;
  readonly now: number;
  readonly yardstick: Yardstick;
};

/** So many ledgers of one state of the data are kept, more than the weeks of ten years; the oldest goes first. */
const MOST = 600;
const known = rememberedPer((_: Workspace) => new Map<string, Ledger>());

/** The ledger of a span; of one that is over it is worked out once for as long as nothing changes. */
export function knownLedger(workspace: Workspace, { range, zone, now, yardstick }: RowsAsked): Ledger {
  const key = `${range.from} ${range.to} ${zone} ${yardstick}`;
  const found = known(workspace).get(key) ?? ledger(workspace, range, zone, now, yardstick);
  const running = runningEntry(workspace.entries);
  if (range.to > now || (running && running.from < range.to)) return found;
  const kept = known(workspace).set(key, found);
  if (kept.size > MOST) kept.delete(kept.keys().next().value ?? '');
  return found;
}

/** A span cut where weeks begin. */
function weeksOf({ from, to }: Span, zone: Zone, weekStart: number): Span[] {
  const weeks: Span[] = [];
  let [begins, week] = [from, weekOf(dateOf(from, zone), weekStart)];
  while (begins < to) {
    week = addDays(week, 7);
    const ends = Math.min(to, instantOf(week, zone));
    weeks.push({ from: begins, to: ends });
    begins = ends;
  }
  return weeks;
}

/** The rows of the ledger of a span, worked out week by week. */
export function* rowsIn(workspace: Workspace, asked: RowsAsked): Working<readonly LedgerRow[]> {
  const weeks = weeksOf(asked.range, asked.zone, workspace.settings.weekStart);
  const rows: LedgerRow[] = [];
  for (const [i, range] of weeks.entries()) {
    for (const row of knownLedger(workspace, { ...asked, range }).rows) rows.push(row);
    yield (i + 1) / weeks.length;
  }
  return rows;
}
