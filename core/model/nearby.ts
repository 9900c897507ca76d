import { overlaps, type Span } from '../time/span';
import type { Collection, Part, Stored } from './collection';
import { rememberedPer } from './remember';

type Placed<R> = Span & { readonly record: R };

/** What is longer than this (ms) is looked through one by one, as there is little of it. */
const LONG = 7 * 86_400_000;

/** Where the records of a part lie: the short ones by start, the long ones apart. */
type Index<R> = { readonly short: readonly Placed<R>[]; readonly long: readonly Placed<R>[] };

function indexOf<R>(records: Iterable<R>, spanOf: (record: R) => Span | null): Index<R> {
  const [short, long]: [Placed<R>[], Placed<R>[]] = [[], []];
  for (const record of records) {
    const span = spanOf(record);
    if (span) (span.to - span.from > LONG ? long : short).push({ from: span.from, to: span.to, record });
  }
  return { short: short.sort((a, b) => a.from - b.from), long };
}

/** The whole stretch of the records of a part. */
function extentOf<R>(records: Iterable<R>, spanOf: (record: R) => Span | null): Span {
  let [from, to] = [Infinity, -Infinity];
  for (const record of records) {
    const span = spanOf(record);
    if (span && span.from < from) from = span.from;
    if (span && span.to > to) to = span.to;
  }
  return { from, to };
}

/** The index of the first that begins at or after an instant. */
function firstFrom(sorted: readonly Span[], instant: number): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((sorted[middle]?.from ?? Infinity) < instant) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * Look-ups of what lies near a stretch of time, over indexes built once for each part that they look into. `spanOf` tells
 * where a record lies; null for one that lies nowhere in time.
 */
export function nearby<R extends Stored>(spanOf: (record: R) => Span | null) {
  const indexOfPart = rememberedPer((part: Part<R>) => indexOf(part.values(), spanOf));
  const extentOfPart = rememberedPer((part: Part<R>) => extentOf(part.values(), spanOf));
  return {
    /** The records that overlap a range, by start. */
    in(collection: Collection<R>, range: Span): R[] {
      const found: Placed<R>[] = [];
      for (const part of collection.parts.values()) {
        if (!overlaps(extentOfPart(part), range)) continue;
        const index = indexOfPart(part);
        for (let i = firstFrom(index.short, range.from - LONG); i < index.short.length; i += 1) {
          const placed = index.short[i];
          if (!placed || placed.from >= range.to) break;
          if (placed.to > range.from) found.push(placed);
        }
        found.push(...index.long.filter((long) => overlaps(long, range)));
      }
      return found.sort((a, b) => a.from - b.from).map(({ record }) => record);
    },

    /** The parts that may hold something of a range: what is derived of it depends on them and on no others. */
    parts(collection: Collection<R>, range: Span): Part<R>[] {
      return [...collection.parts.values()].filter((part) => overlaps(extentOfPart(part), range));
    },
  };
}

/** The latest of something in each part of a collection, so that parts that lie wholly in the past are passed over. */
export function latestByPart<R extends Stored, V extends string | number>(of: (record: R) => V) {
  const latest = rememberedPer((part: Part<R>) =>
    [...part.values()].map(of).reduce((a, b) => (a > b ? a : b)),
  );
  return (collection: Collection<R>, from: V): R[] =>
    [...collection.parts.values()].flatMap((part) =>
      latest(part) < from ? [] : [...part.values()].filter((record) => of(record) >= from),
    );
}
