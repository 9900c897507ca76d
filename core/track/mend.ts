import type { Id } from '../model/common';
import type { Subject, TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { intersect, minutesOf, overlaps, subtract, union, type Span } from '../time/span';
import { entriesIn } from './entries';
import { subjectKey } from './spent';

/* What becomes of the record of time when somebody says what a stretch of it went to. */

/** A stretch of time, and what it went to; null for nothing. */
export type Filling = { readonly span: Span; readonly subject: Subject | null };

/** How long several stretches are together, in minutes. */
export const minutesFilled = (fillings: readonly Filling[]): number =>
  minutesOf(fillings.map(({ span }) => span));

/** The stretches that more than one of the spans covers. */
export function doubled(spans: readonly Span[]): Span[] {
  return union(spans.flatMap((one, i) => spans.slice(i + 1).flatMap((other) => intersect([one], [other]))));
}

/** What becomes of the record: entries added or changed, and the ids of those that go. */
export type Painting = { readonly put: readonly TimeEntry[]; readonly gone: readonly Id[] };

/**
 * The entries once a stretch of time goes to something, or to nothing (null). Within the stretch nothing else is left, outside
 * nothing changes; what of the same thing touches the stretch becomes one with it. What is cut off stays what it was, timed or not.
 */
export function painted(
  entries: Workspace['entries'],
  span: Span,
  subject: Subject | null,
  newId: () => Id,
): Painting {
  const key = subject && subjectKey(subject);
  const near = entriesIn(entries, { from: span.from - 1, to: span.to + 1 }, span.to).filter(
    ({ to }) => to !== null,
  );
  const pieces = near.flatMap((entry) => {
    const own = { from: entry.from, to: entry.to ?? entry.from };
    if (!overlaps(own, span)) return [{ ...entry, ...own }];
    const ran = entry.mended ? {} : { ran: entry.ran ?? own };
    return subtract([own], [span]).map((piece, i) => ({
      ...{ ...entry, ...ran, ...piece },
      id: i === 0 ? entry.id : newId(),
    }));
  });
  const touching = pieces.filter(
    (piece) => subjectKey(piece.subject) === key && (piece.to === span.from || piece.from === span.to),
  );
  const joined = subject && {
    ...(touching[0] ?? { id: newId() }),
    subject,
    mended: true as const,
    from: Math.min(span.from, ...touching.map(({ from }) => from)),
    to: Math.max(span.to, ...touching.map(({ to }) => to)),
  };
  const kept = [...pieces.filter((piece) => !touching.includes(piece)), ...(joined ? [joined] : [])];
  const ids = new Set(kept.map(({ id }) => id));
  return {
    put: kept.filter((entry) => !same(entry, entries.get(entry.id))),
    gone: near.map(({ id }) => id).filter((id) => !ids.has(id)),
  };
}

const same = (one: TimeEntry, other: TimeEntry | undefined): boolean =>
  other !== undefined &&
  one.from === other.from &&
  one.to === other.to &&
  one.mended === other.mended &&
  subjectKey(one.subject) === subjectKey(other.subject);
