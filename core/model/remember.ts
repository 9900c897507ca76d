/** A value worked out from an object, once for as long as the object lives. */
export function rememberedPer<K extends object, V>(compute: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (key) => {
    const found = known.get(key) ?? { value: compute(key) };
    known.set(key, found);
    return found.value;
  };
}

/** How many keys are kept unless a function says otherwise; the oldest goes first. */
const MOST_KEYS = 600;
/** How many states of each key are kept: two, as a change is compared with what was before it. */
const MOST_STATES = 2;

/** All functions that `rememberedWhile` has made: a test asks each of them the same of a workspace that was built anew. */
export const remembering = new Set<unknown>();

/**
 * A function of a source and some more that gives the same value again for as long as what it reads is the same. `key`
 * tells its questions from each other, `reads` lists what the answer depends on, compared one by one as objects; of the
 * very same source nothing is read twice. Of no more than `most` questions the answers are kept.
 */
export function rememberedWhile<S extends object, A extends readonly unknown[], V>(
  key: (source: S, ...args: A) => string,
  reads: (source: S, ...args: A) => readonly unknown[],
  compute: (source: S, ...args: A) => V,
  most = MOST_KEYS,
): (source: S, ...args: A) => V {
  type State = { readonly read: readonly unknown[]; readonly value: V };
  const known = new Map<string, readonly State[]>();
  const answersFrom = rememberedPer((_: S) => new Map<string, { readonly value: V }>());
  const stateOf = (name: string, source: S, args: A): State => {
    const read = reads(source, ...args);
    const states = known.get(name) ?? [];
    const found = states.find(
      (state) =>
        state.read.length === read.length && state.read.every((input, i) => Object.is(input, read[i])),
    );
    if (found) return found;
    const state = { read, value: compute(source, ...args) };
    if (states.length === 0 && known.size >= most) known.delete(known.keys().next().value ?? '');
    known.set(name, [state, ...states].slice(0, MOST_STATES));
    return state;
  };
  const asked = (source: S, ...args: A): V => {
    const name = key(source, ...args);
    const answers = answersFrom(source);
    const answer = answers.get(name) ?? stateOf(name, source, args);
    answers.set(name, answer);
    return answer.value;
  };
  remembering.add(asked);
  return asked;
}
