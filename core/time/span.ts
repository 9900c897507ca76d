/** A stretch of time, `from` inclusive to `to` exclusive, epoch milliseconds. */
export type Span = { readonly from: number; readonly to: number };

export const MINUTE = 60_000;
/** A day of 24 hours. */
export const DAY = 1440 * MINUTE;

/** The stretch that begins at an instant and lasts so many minutes. */
export const spanFrom = ({ start, minutes }: { readonly start: number; readonly minutes: number }): Span => ({
  from: start,
  to: start + minutes * MINUTE,
});

/** The length of a span in minutes; fractions stay. */
export const lengthOf = (span: Span): number => (span.to - span.from) / MINUTE;

/** The part of a span that lies in a range; it may be empty or less. */
export const clip = (range: Span, { from, to }: Span): Span => ({
  from: Math.max(from, range.from),
  to: Math.min(to, range.to),
});

/** Whether two spans share time. Touching spans don't: 9–10 and 10–11 do not overlap. */
export const overlaps = (a: Span, b: Span): boolean => a.from < b.to && b.from < a.to;

/** The stretches that at least one span covers, in order, none empty, none touching. */
export function union(spans: readonly Span[]): Span[] {
  const merged: { from: number; to: number }[] = [];
  for (const { from, to } of [...spans].sort((a, b) => a.from - b.from)) {
    if (to <= from) continue;
    const last = merged.at(-1);
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else merged.push({ from, to });
  }
  return merged;
}

/** The stretches that both cover, in order, none empty. */
export function intersect(a: readonly Span[], b: readonly Span[]): Span[] {
  const [one, other] = [union(a), union(b)];
  const both: Span[] = [];
  for (let [i, k] = [0, 0]; ;) {
    const [mine, theirs] = [one[i], other[k]];
    if (!mine || !theirs) return both;
    if (overlaps(mine, theirs)) both.push(clip(mine, theirs));
    if (mine.to < theirs.to) i += 1;
    else k += 1;
  }
}

/**
 * The stretches of `room` that nothing in `taken` covers, in order, none empty.
 * Touching spans leave no gap: subtract([9–12], [10–11]) is [9–10], [11–12].
 */
export function subtract(room: readonly Span[], taken: readonly Span[]): Span[] {
  const obstacles = union(taken);
  const left: Span[] = [];
  let next = 0;
  for (const stretch of union(room)) {
    let { from } = stretch;
    for (let obstacle = obstacles[next]; obstacle && obstacle.from < stretch.to; obstacle = obstacles[next]) {
      if (obstacle.from > from) left.push({ from, to: obstacle.from });
      from = Math.max(from, obstacle.to);
      // one that reaches beyond this stretch may lie in the next, too
      if (obstacle.to > stretch.to) break;
      next += 1;
    }
    if (from < stretch.to) left.push({ from, to: stretch.to });
  }
  return left;
}

/**
 * What each of some layers keeps once those before it have had their time, in order: a minute goes to the first that
 * covers it. inLayers([[9–10]], [[9–12]]) is [[9–10]], [[10–12]].
 */
export function inLayers(layers: readonly (readonly Span[])[]): Span[][] {
  let taken: Span[] = [];
  return layers.map((layer) => {
    const own = subtract(layer, taken);
    taken = union([...taken, ...own]);
    return own;
  });
}

/** Whole minutes that the spans cover together, what overlaps counted once, rounded at the end. */
export const minutesOf = (spans: readonly Span[]): number =>
  Math.round(union(spans).reduce((sum, span) => sum + lengthOf(span), 0));
