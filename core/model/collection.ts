import { rememberedPer } from './remember';

/** Anything that a collection can hold. */
export type Stored = { readonly id: string };
export type Part<R> = ReadonlyMap<string, R>;

/**
 * Records by id, immutable, kept in parts: the open tasks, the blocks of a month, the events of a calendar. A change
 * copies only the parts it touches, what is derived from a part is computed once for that part, and a part is what
 * storage writes. That is why an edit costs the same with ten years of data as with a month.
 */
export class Collection<R extends Stored> {
  /** In which part a record was found last: no more than a hint, shared by all states of a collection. */
  readonly #homes: Map<string, string>;

  private constructor(
    // takes R; typed so that a collection of tasks is also a collection of anything a task is
    private readonly partOf: (record: never) => string,
    /** No part is empty. */
    readonly parts: ReadonlyMap<string, Part<R>>,
    homes = new Map<string, string>(),
  ) {
    this.#homes = homes;
  }

  /** A collection of the records, the last one of each id; `partOf` names the part that a record lies in. */
  static of<R extends Stored>(partOf: (record: R) => string, records: Iterable<R> = []): Collection<R> {
    const last = new Map<string, R>();
    for (const record of records) last.set(record.id, record);
    const parts = new Map<string, Map<string, R>>();
    for (const record of last.values()) {
      const name = partOf(record);
      const part = parts.get(name);
      if (part) part.set(record.id, record);
      else parts.set(name, new Map([[record.id, record]]));
    }
    return new Collection(partOf, parts);
  }

  /** One of the records of both; `other` has none of the same ids. Parts that only one of them has stay what they are. */
  joined(other: Collection<R>): Collection<R> {
    const parts = new Map(this.parts);
    for (const [name, part] of other.parts) {
      const own = parts.get(name);
      parts.set(name, own ? new Map([...own, ...part]) : part);
    }
    return new Collection(this.partOf, parts, this.#homes);
  }

  get size(): number {
    let size = 0;
    for (const part of this.parts.values()) size += part.size;
    return size;
  }

  get(id: string): R | undefined {
    const likely = this.parts.get(this.#homes.get(id) ?? '')?.get(id);
    if (likely) return likely;
    for (const [name, part] of this.parts) {
      const found = part.get(id);
      if (!found) continue;
      this.#homes.set(id, name);
      return found;
    }
    return undefined;
  }

  has(id: string): boolean {
    return this.get(id) !== undefined;
  }

  values(): R[] {
    return [...this.parts.values()].flatMap((part) => [...part.values()]);
  }

  /** With these records added or replaced, and those of the given ids gone; the same collection when there are none. */
  with(records: readonly R[], gone: readonly string[] = []): Collection<R> {
    if (records.length + gone.length === 0) return this;
    const parts = new Map(this.parts);
    const copies = new Map<string, Map<string, R>>();
    const copyOf = (name: string) => {
      const copy = copies.get(name) ?? new Map(parts.get(name));
      copies.set(name, copy);
      parts.set(name, copy);
      return copy;
    };
    // made for R by of()
    const homes = new Map(records.map((record) => [record.id, this.partOf(record as never)]));
    const isMoved = ([id, name]: [string, string]) => !this.parts.get(name)?.has(id);
    const moved = new Set([...gone, ...[...homes].filter(isMoved).map(([id]) => id)]);
    for (const [name, part] of this.parts)
      for (const id of part.size < moved.size ? part.keys() : moved)
        if (moved.has(id) && part.has(id) && homes.get(id) !== name) copyOf(name).delete(id);
    const last = new Map(records.map((record) => [record.id, record]));
    for (const [id, record] of last) {
      const home = homes.get(id) ?? '';
      copyOf(home).set(id, record);
      this.#homes.set(id, home);
    }
    for (const [name, copy] of copies) if (copy.size === 0) parts.delete(name);
    return new Collection(this.partOf, parts, this.#homes);
  }
}

/** The names of the parts that differ between two collections; parts that are the same object are not looked into. */
export function changedParts<R extends Stored>(before: Collection<R>, after: Collection<R>): string[] {
  if (before === after) return [];
  const names = new Set([...before.parts.keys(), ...after.parts.keys()]);
  return [...names].filter((name) => before.parts.get(name) !== after.parts.get(name));
}

/** A value derived from a whole collection, computed once for each new collection. */
export function derived<R extends Stored, V>(
  compute: (collection: Collection<R>) => V,
): (collection: Collection<R>) => V {
  return rememberedPer(compute);
}

/** Values derived from the parts of a collection, each computed once for as long as its part stays as it is. */
export function derivedByPart<R extends Stored, V>(
  compute: (records: Iterable<R>) => V,
): (collection: Collection<R>) => V[] {
  const ofPart = rememberedPer((part: Part<R>) => compute(part.values()));
  return (collection) => Array.from(collection.parts.values(), ofPart);
}

/** The records of a collection by a key, or by each of several; `[]` for a key that none has. */
export function groupedBy<R extends Stored>(
  keysOf: (record: R) => string | readonly string[],
): (collection: Collection<R>, key: string) => readonly R[] {
  const groups = derivedByPart<R, Map<string, R[]>>((records) => {
    const byKey = new Map<string, R[]>();
    for (const record of records) {
      for (const key of [keysOf(record)].flat()) {
        const group = byKey.get(key);
        if (group) group.push(record);
        else byKey.set(key, [record]);
      }
    }
    return byKey;
  });
  return (collection, key) => groups(collection).flatMap((byKey) => byKey.get(key) ?? []);
}
