import type { TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { clip, type Span } from '../time/span';
import { entriesIn } from './entries';
import { spanOfEntry } from './spent';

/** The time of an entry that no entry begun later covers, in order. */
export type Actual = { readonly entry: TimeEntry; readonly spans: readonly Span[] };

/**
 * What really happened in a stretch of time, each minute once: where two entries cover the same, the one that began later
 * has it, as what comes in between interrupts what ran. The running entry lasts until `now` (epoch ms). By start.
 */
export function actualIn(entries: Workspace['entries'], range: Span, now: number): Actual[] {
  const found = entriesIn(entries, range, now).sort((a, b) => a.from - b.from);
  /** What later entries cover, the earliest last. */
  const taken: Span[] = [];
  const actual = found.reverse().map((entry): Actual => {
    const own = clip(range, spanOfEntry(entry, now));
    const spans: Span[] = [];
    let { from, to } = own;
    for (let next = taken.at(-1); next && next.from <= own.to; next = taken.at(-1)) {
      if (next.from > from) spans.push({ from, to: next.from });
      from = Math.max(from, next.to);
      to = Math.max(to, next.to);
      taken.pop();
    }
    if (from < own.to) spans.push({ from, to: own.to });
    if (own.from < to) taken.push({ from: own.from, to });
    return { entry, spans };
  });
  return actual.reverse();
}
