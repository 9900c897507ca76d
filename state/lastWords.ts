import type { Change } from '@/core/commands/changes';
import { readChanges } from './changeSchema';

/**
 * What a page has not written yet when it is left. A page that goes away has no time for a transaction, but for one
 * entry of storage that writes at once; the next page to open takes it up.
 */
export type LastWords = {
  /** Keeps these changes and no others; none of them forgets what was kept. */
  keep(changes: readonly Change[]): void;
  /** All that was kept and is still readable, and forgets it. */
  take(): readonly Change[];
};

function read(text: string): Change[] {
  try {
    return readChanges(JSON.parse(text));
  } catch {
    return [];
  }
}

/**
 * Last words in storage that writes at once, under names that begin with `prefix`; each page (`me`) has its own.
 * `open` gives the storage, and throws where a browser has it switched off.
 */
export const lastWords = (open: () => Storage, prefix: string, me: string): LastWords => ({
  keep(changes) {
    try {
      if (changes.length > 0) open().setItem(prefix + me, JSON.stringify(changes));
      else open().removeItem(prefix + me);
    } catch {
      // full, or more than fits: the transaction that has begun may still come through
    }
  },
  take() {
    try {
      const storage = open();
      const names = Object.keys(storage).filter((name) => name.startsWith(prefix));
      const texts = names.map((name) => storage.getItem(name) ?? '');
      for (const name of names) storage.removeItem(name);
      return texts.flatMap(read);
    } catch {
      return [];
    }
  },
});
