import * as z from '@/core/zod';
import type { Files } from './files';

/**
 * A second home for what is saved: each save is a batch, a file of its own, so that what went out together is there
 * together or not at all. A batch stays for as long as something in it has not been written again since.
 */

/** A batch is named by when it was saved (ms, rising with each save) and by the tab that saved it. */
const NAME = /^(\d{15})\.([\w-]+)$/;
/** Stands beside the batches once everything that was stored has come into one of them. */
const WHOLE = 'whole';
/** Hold room back, which is given away when no more fits: to write into, and for the browser itself, which loses a database that it cannot write to as it opens it. */
const RESERVES = ['reserve-1', 'reserve-2'];
const LEAST_RESERVE = 1_000_000;
/** The first line of most batches is shorter than this (bytes). */
const HEAD = 4096;
/** So many keys go into a batch when everything is written. */
const AT_ONCE = 24;

/** The keys of a batch with the lengths of their texts, in the order in which they follow. */
const Head = z.record(z.string(), z.number());
type Head = z.infer<typeof Head>;

const lengthOf = (head: Head) => Object.values(head).reduce((sum, length) => sum + length, 0);

type Batch = { readonly at: number; readonly keys: readonly string[]; readonly length: number };
type Entries = Readonly<Record<string, string>>;

const textOf = (entries: Entries): string => {
  const all = Object.entries(entries);
  const head = JSON.stringify(Object.fromEntries(all.map(([key, text]) => [key, text.length])));
  return [head, '\n', ...all.map(([, text]) => text)].join('');
};

/** The first line of a batch; null when it is none. */
function headIn(text: string): Head | null {
  try {
    return Head.parse(JSON.parse(text.slice(0, text.indexOf('\n'))));
  } catch {
    return null;
  }
}

/** What a batch holds; null when it is not whole. */
function entriesIn(text: string): Entries | null {
  const head = headIn(text);
  let from = text.indexOf('\n') + 1;
  if (!head || from + lengthOf(head) !== text.length) return null;
  return Object.fromEntries(
    Object.entries(head).map(([key, length]) => [key, text.slice(from, (from += length))]),
  );
}

/** The second home in `files`, as the tab `me` writes it; `now` is the clock (epoch ms). */
export function secondHome(files: Files, me: string, now: () => number) {
  const batches = new Map<string, Batch>();
  let latest = 0;
  /** What waits to be written, and when the last of it was saved. */
  let waiting: Entries = {};
  let savedAt = 0;
  let writing: Promise<void> = Promise.resolve();

  /** The time of the next save: later than all that is known of, whatever the clock says. */
  const next = (): number => (latest = Math.max(latest + 1, now()));

  const write = async (at: number, entries: Entries, piece = '') => {
    const name = `${String(at).padStart(15, '0')}.${me}${piece}`;
    const text = textOf(entries);
    await files.write(name, text);
    batches.set(name, { at, keys: Object.keys(entries), length: text.length });
  };

  const writeWaiting = async () => {
    const entries = waiting;
    if (Object.keys(entries).length === 0) return;
    waiting = {};
    try {
      await write(savedAt, entries);
    } catch {
      waiting = { ...entries, ...waiting };
      return;
    }
    await tidy().catch(() => undefined);
  };

  async function headOf(name: string): Promise<Head | null> {
    for (let bytes = HEAD; ; bytes *= 8) {
      const text = await files.read(name, bytes).catch(() => '');
      if (text.includes('\n')) return headIn(text);
      if (text.length < bytes) return null;
    }
  }

  /** Looks at the batches that were not known yet. */
  async function look(): Promise<string[]> {
    const names = await files.names();
    for (const name of names) {
      const at = Number(NAME.exec(name)?.[1] ?? 0);
      if (at === 0 || batches.has(name)) continue;
      latest = Math.max(latest, at);
      const head = await headOf(name);
      // another tab is just writing it
      if (head === null) continue;
      batches.set(name, { at, keys: Object.keys(head), length: lengthOf(head) });
    }
    for (const name of batches.keys()) if (!names.includes(name)) batches.delete(name);
    return names;
  }

  const inOrder = () => [...batches].sort(([a], [b]) => (a < b ? -1 : 1));

  /** The latest whole texts of batches that were saved after `since`. */
  async function entriesSince(
    since: number,
    wanted: (key: string) => boolean,
  ): Promise<Record<string, string>> {
    const entries: Record<string, string> = {};
    for (const [name, { at, keys }] of inOrder()) {
      if (at <= since || !keys.some(wanted)) continue;
      const held = entriesIn(await files.read(name).catch(() => ''));
      for (const [key, text] of Object.entries(held ?? {})) if (wanted(key)) entries[key] = text;
    }
    return entries;
  }

  /** Takes away the batches of which everything has been written again since. */
  async function tidy(): Promise<void> {
    const newer = new Set<string>();
    for (const [name, { keys }] of inOrder().reverse()) {
      const isOld = keys.every((key) => newer.has(key));
      for (const key of keys) newer.add(key);
      if (!isOld) continue;
      await files.remove(name);
      batches.delete(name);
    }
  }

  return {
    next,

    /** When the latest batch was saved; 0 when there is none. */
    async latest(): Promise<number> {
      for (const name of await files.names()) latest = Math.max(latest, Number(NAME.exec(name)?.[1] ?? 0));
      return latest;
    },

    /** What was saved after `since`. */
    async savedSince(since: number): Promise<Record<string, string>> {
      await look();
      return entriesSince(since, () => true);
    },

    /** Everything; null when not all that was stored has come here yet. */
    async everything(): Promise<Record<string, string> | null> {
      const names = await look();
      return names.includes(WHOLE) ? entriesSince(0, () => true) : null;
    },

    /** The text that was saved last under a key. */
    async one(key: string): Promise<string | null> {
      await look();
      return (await entriesSince(0, (each) => each === key))[key] ?? null;
    },

    /** Writes what was saved at a time, beside what goes on; what cannot be written goes out with the next save. */
    keep(at: number, entries: Entries): void {
      waiting = { ...waiting, ...entries };
      savedAt = at;
      writing = writing.then(writeWaiting);
    },

    /** Resolves once nothing waits to be written. */
    settled: () => writing,

    /** Writes everything that is stored under `keys`, unless all of what was saved until `saved` has come here before. */
    async fill(
      saved: number,
      keys: () => Promise<string[]>,
      read: (keys: string[]) => Promise<Entries>,
    ): Promise<void> {
      if ((await look()).includes(WHOLE) && latest >= saved) return tidy();
      // as what was saved by then: what is saved meanwhile is later
      const at = Math.max(saved, 1);
      latest = Math.max(latest, at);
      const all = await keys();
      for (let from = 0; from < all.length; from += AT_ONCE)
        await write(at, await read(all.slice(from, from + AT_ONCE)), `-${from}`);
      await files.write(WHOLE, '');
    },

    /** How long the texts of all batches are together. */
    size: () => [...batches.values()].reduce((sum, { length }) => sum + length, 0),

    /** Holds room back in each of the reserves for a text of this length, a megabyte at least. */
    async reserve(length: number): Promise<void> {
      const room = Math.max(length, LEAST_RESERVE);
      for (const name of RESERVES) {
        const held = await files.read(name, 20).catch(() => '');
        if (Number(held.split(' ')[0]) < room) await files.write(name, `${room} ${'0'.repeat(room)}`);
      }
    },

    /** Gives away the next of the reserves. Returns whether there was one. */
    async release(): Promise<boolean> {
      const names = await files.names();
      const next = RESERVES.find((name) => names.includes(name));
      if (next) await files.remove(next);
      return next !== undefined;
    },
  };
}

export type SecondHome = ReturnType<typeof secondHome>;
