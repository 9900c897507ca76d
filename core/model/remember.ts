/** A value worked out from an object, once for as long as the object lives. */
export function rememberedPer<K extends object, V>(compute: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (key) => {
    const found = known.get(key) ?? { value: compute(key) };
    known.set(key, found);
    return found.value;
  };
}

/** How many keys are kept; the oldest goes first. */
const MOST_KEYS = 600;
/** How many states of each key are kept: two, as a change is compared with what was before it. */
const MOST_STATES = 2;

/**
 * A function that gives the same value again for as long as what it reads is the same. `key` tells its questions from
 * each other, `reads` lists what the answer depends on, compared one by one as objects.
 */
export function rememberedWhile<A extends readonly unknown[], V>(
  key: (...args: A) => string,
  reads: (...args: A) => readonly unknown[],
  compute: (...args: A) => V,
): (...args: A) => V {
  type State = { readonly read: readonly unknown[]; readonly value: V };
  const known = new Map<string, readonly State[]>();
  return (...args) => {
    const name = key(...args);
    const read = reads(...args);
    const states = known.get(name) ?? [];
    const found = states.find(
      (state) =>
        state.read.length === read.length && state.read.every((input, i) => Object.is(input, read[i])),
    );
    if (found) return found.value;
    const value = compute(...args);
    if (states.length === 0 && known.size >= MOST_KEYS) known.delete(known.keys().next().value ?? '');
    known.set(name, [{ read, value }, ...states].slice(0, MOST_STATES));
    return value;
  };
}
