import { use } from 'react';

/** Something that is loaded when it is first needed, and before that when the browser has nothing else to do. */
export type Later<T> = {
  /** What was loaded, or undefined until then. */
  readonly get: () => T | undefined;
  /** Loads it, once; what failed is tried anew. */
  readonly load: () => Promise<T>;
};

/** All that will be loaded at some time. */
const all: Later<unknown>[] = [];

let loads = 0;
const waiting = new Set<() => void>();

/** How many things have been loaded by now. */
export const loadedSoFar = (): number => loads;

/** Tells whenever something has been loaded; returns what ends that. */
export function onLoaded(tell: () => void): () => void {
  waiting.add(tell);
  return () => void waiting.delete(tell);
}

export function later<T>(bring: () => Promise<T>): Later<T> {
  let loaded: T | undefined;
  let loading: Promise<T> | undefined;
  const one: Later<T> = {
    get: () => loaded,
    load() {
      if (loading) return loading;
      const begun = bring();
      loading = begun;
      begun.then(
        (value) => {
          loaded = value;
          // so that `use` gives it at once (React 19, thenables)
          Object.assign(begun, { status: 'fulfilled', value });
          loads += 1;
          for (const tell of waiting) tell();
        },
        () => (loading = undefined),
      );
      return begun;
    },
  };
  all.push(one);
  return one;
}

/** What was loaded, in a component; one that is not there yet holds up the nearest Suspense. */
export const useLater = <T>(one: Later<T>): T => use(one.load());

// Safari knows no idle time; half a second after the last one is as good
const whenIdle = (act: () => void) =>
  'requestIdleCallback' in window ? requestIdleCallback(act) : setTimeout(act, 500);

/** Loads everything that is for later, a thing at a time, whenever the browser is idle, and then has it made ready. */
export function loadWhenIdle(): void {
  const next = all.find((one) => one.get() === undefined);
  if (!next) return readyWhenIdle();
  whenIdle(() => {
    // without a network the rest waits until it is needed
    void next.load().then(loadWhenIdle, () => undefined);
  });
}

/** Has what was loaded run its modules, one at a time: none runs before something of it is asked for (metro.config.js). */
function readyWhenIdle(): void {
  const parts = all.flatMap((one) => {
    const loaded: Record<string, unknown> = Object(one.get());
    return Object.keys(loaded).map((name) => () => loaded[name]);
  });
  const step = () => {
    const run = parts.shift();
    if (!run) return;
    run();
    whenIdle(step);
  };
  whenIdle(step);
}
