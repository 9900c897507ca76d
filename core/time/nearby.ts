import { derivedByPart, type Collection, type Stored } from '../model/collection';
import type { Span } from './span';

const DAY = 86_400_000;
const bucketOf = (instant: number) => Math.floor(instant / DAY);

type Index<R> = ReadonlyMap<number, readonly R[]>;

/**
 * A look-up of what lies near a stretch of time, over indexes built once for each part of a collection. `spanOf` tells
 * where a record lies; records longer than a day are found from every day they touch.
 */
export function nearby<R extends Stored>(spanOf: (record: R) => Span) {
  const indexesOf = derivedByPart<R, Index<R>>((records) => {
    const index = new Map<number, R[]>();
    for (const record of records) {
      const { from, to } = spanOf(record);
      for (let bucket = bucketOf(from); bucket <= bucketOf(to); bucket += 1) {
        const there = index.get(bucket);
        if (there) there.push(record);
        else index.set(bucket, [record]);
      }
    }
    return index;
  });
  return (collection: Collection<R>, range: Span): R[] => {
    const found = new Set<R>();
    for (const index of indexesOf(collection)) {
      for (let bucket = bucketOf(range.from); bucket <= bucketOf(range.to); bucket += 1) {
        for (const record of index.get(bucket) ?? []) {
          const { from, to } = spanOf(record);
          if (from < range.to && to > range.from) found.add(record);
        }
      }
    }
    return [...found].sort((a, b) => spanOf(a).from - spanOf(b).from);
  };
}
