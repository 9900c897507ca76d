import type { Collection } from './workspace';

/** A value derived from a collection, computed once for each new collection. */
export function derived<R, V>(compute: (collection: Collection<R>) => V): (collection: Collection<R>) => V {
  const known = new WeakMap<Collection<R>, { value: V }>();
  return (collection) => {
    const found = known.get(collection) ?? { value: compute(collection) };
    known.set(collection, found);
    return found.value;
  };
}

/** The records of a collection by a key, `[]` for a key that none has. */
export function groupedBy<R>(
  keyOf: (record: R) => string,
): (collection: Collection<R>, key: string) => readonly R[] {
  const groups = derived<R, Map<string, R[]>>((collection) => {
    const byKey = new Map<string, R[]>();
    for (const record of Object.values(collection)) {
      const key = keyOf(record);
      const group = byKey.get(key);
      if (group) group.push(record);
      else byKey.set(key, [record]);
    }
    return byKey;
  });
  return (collection, key) => groups(collection).get(key) ?? [];
}
