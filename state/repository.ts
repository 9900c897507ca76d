import type * as z from '@/core/zod';
import type { ImportNote } from '@/core/formats/partitionsFile';
import { FromTheFuture, migrate, Versioned, versionOf } from '@/core/model/migrations';
import { isCollection } from '@/core/model/records';
import type { Unknown, Workspace } from '@/core/model/workspace';
import { assembling, changedPartitions, contentOf, placeOf } from './partitions';

/** The part of AsyncStorage that is used; `setMany` is one transaction. */
export type KeyValue = {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
  /** What was saved under a key once more, elsewhere, for when it cannot be read. */
  spare?(key: string): Promise<string | null>;
};

export type Loaded = {
  readonly workspace: Workspace;
  /** Nothing was stored yet. */
  readonly fresh: boolean;
  /** Partitions that could not be read whole; their text is kept under a key of its own. */
  readonly damaged: readonly string[];
  /** Partitions that have to be written, as what they hold lay elsewhere in older data. */
  readonly moved: readonly string[];
  /** All partitions that were set aside, now or before, and are still kept. */
  readonly setAside: readonly string[];
};

export type Opened = {
  /** What was needed first, when there is more; else null. */
  readonly first: Workspace | null;
  /** Reads what is left, and gives all of it. */
  readonly rest: () => Promise<Loaded>;
};

/** So many partitions of the rest are asked of storage at a time. */
const AT_ONCE = 24;
/** What the key of a partition begins with. */
export const PART = 'part:';
/** Stands in storage beside the partitions: when it is gone, so are they. */
const MARK = 'mark';
/** What an import did lies under the time of it (epoch ms). */
const IMPORT = /^import:(\d+)$/;
const MOST_IMPORTS = 5;
const ASIDE = /^damaged:(\d+):(.+)$/;

/** What was stored under a key; undefined when it is none of what this program stores. */
function parsed(text: string | null): z.infer<typeof Versioned> | undefined {
  try {
    return Versioned.parse(JSON.parse(text ?? ''));
  } catch {
    return undefined;
  }
}

/** What a partition holds, brought up to its present shape. Throws FromTheFuture. */
function contentIn(name: string, text: string | null): unknown {
  const stored = parsed(text);
  if (!stored) return undefined;
  try {
    return migrate(name, stored.version, stored.content);
  } catch (error) {
    if (error instanceof FromTheFuture) throw error;
    return undefined;
  }
}

const isKnown = (partition: string) => partition === 'settings' || isCollection(placeOf(partition)[0]);

/** The stored texts of partitions. */
const textsOf = (workspace: Workspace, partitions: Iterable<string>): Record<string, string> =>
  Object.fromEntries(
    [...partitions].map((part) => [
      PART + part,
      JSON.stringify(
        isKnown(part)
          ? { version: versionOf(placeOf(part)[0]), content: contentOf(workspace, part) }
          : (workspace.unknown[part] ?? { version: 1, content: [] }),
      ),
    ]),
  );

/**
 * Loads and saves a workspace in key–value storage, one key for each partition. Knows nothing of when to save. What
 * fails is tried once more on storage that `reopen` gives, as a connection may have died. Between two partitions of the
 * rest it lets others `breathe`.
 */
export function repository(
  first: KeyValue,
  reopen?: () => KeyValue,
  breathe: () => Promise<void> | void = () => undefined,
) {
  let storage = first;
  /** It held the mark when it was last looked at. */
  let marked = false;

  /** Writes partitions in one transaction; all there are when the storage was emptied behind our back. */
  async function write(workspace: Workspace, partitions: readonly string[]): Promise<void> {
    if (partitions.length === 0) return;
    const emptied = marked && ((await storage.getMany([MARK]))[MARK] ?? null) === null;
    const texts = textsOf(workspace, emptied ? changedPartitions(null, workspace) : partitions);
    await storage.setMany(marked && !emptied ? texts : { ...texts, [MARK]: 'Sprindle' });
    marked = true;
  }

  /** All keys, on storage opened anew if need be. */
  async function storedKeys(): Promise<string[]> {
    try {
      return await storage.getAllKeys();
    } catch (error) {
      if (!reopen) throw error;
      storage = reopen();
      return storage.getAllKeys();
    }
  }

  /** The texts under keys, none for none. */
  const textsUnder = async (keys: string[]) => (keys.length > 0 ? await storage.getMany(keys) : {});

  return {
    /**
     * Opens what is stored: at once what `isNeeded` says of the partitions, and the rest when it is asked for. Both
     * throw FromTheFuture, or what storage throws.
     */
    async open(now: number, isNeeded: (partition: string) => boolean = () => true): Promise<Opened> {
      const stored = await storedKeys();
      const keys = stored.filter((key) => key.startsWith(PART));
      marked = stored.includes(MARK);
      const parts = assembling();
      const unknown: Record<string, Unknown[string]> = {};
      const asStored = new Map<string, string>();
      let isRest = false;
      const mended: string[] = [];
      const takeSpare = async (key: string) => {
        const partition = key.slice(PART.length);
        const spare = (await storage.spare?.(key)) ?? null;
        const fits = parts.take(partition, contentIn(placeOf(partition)[0], spare));
        if (fits) mended.push(partition);
        return fits;
      };
      const read = async (some: readonly string[]) => {
        for (const [key, text] of Object.entries(await textsUnder([...some]))) {
          const partition = key.slice(PART.length);
          const strange = isKnown(partition) ? undefined : parsed(text);
          if (strange) unknown[partition] = { ...strange, content: strange.content };
          if (!isKnown(partition)) continue;
          const content = contentIn(placeOf(partition)[0], text);
          if (!parts.take(partition, content) && !(await takeSpare(key))) {
            parts.salvage(partition, content);
            asStored.set(partition, text ?? '');
          }
          if (isRest) await breathe();
        }
      };
      const isFirst = (key: string) => isNeeded(key.slice(PART.length));
      await read(keys.filter(isFirst));
      const later = keys.filter((key) => !isFirst(key));

      const rest = async (): Promise<Loaded> => {
        isRest = true;
        for (let at = 0; at < later.length; at += AT_ONCE) await read(later.slice(at, at + AT_ONCE));
        const { workspace, damaged, moved } = parts.whole(unknown);
        if (damaged.length > 0) {
          const aside = damaged.map((part) => [`damaged:${now}:${part}`, asStored.get(part) ?? '']);
          await storage.setMany(Object.fromEntries(aside));
          await this.save(workspace, damaged);
        }
        const before = stored.flatMap((key) => ASIDE.exec(key)?.[2] ?? []);
        const setAside = [...new Set([...before, ...damaged])].sort();
        return { workspace, fresh: keys.length === 0, damaged, moved: [...moved, ...mended], setAside };
      };
      return { first: later.length > 0 ? parts.workspace(unknown) : null, rest };
    },

    /** Opens all that is stored. Damaged parts are set aside, the rest opens. */
    async load(now: number): Promise<Loaded> {
      const { rest } = await this.open(now);
      return rest();
    },

    /** What was set aside, as it stood in storage, with the time (epoch ms) when it was found damaged. */
    async damaged(): Promise<{ part: string; at: number; text: string }[]> {
      const keys = (await storage.getAllKeys()).filter((key) => ASIDE.test(key));
      const texts = await textsUnder(keys);
      return keys.map((key) => {
        const [, at, part = ''] = ASIDE.exec(key) ?? [];
        return { part, at: Number(at), text: texts[key] ?? '' };
      });
    },

    /** Lets go of what was set aside. */
    async forgetDamaged(): Promise<void> {
      const keys = (await storage.getAllKeys()).filter((key) => ASIDE.test(key));
      if (keys.length > 0) await storage.removeMany(keys);
    },

    /** Keeps what an import did, beside those before it; the oldest go. */
    async noteImport(note: ImportNote): Promise<void> {
      await storage.setMany({ [`import:${note.at}`]: JSON.stringify(note) });
      const times = (await storage.getAllKeys()).flatMap((key) => IMPORT.exec(key)?.[1] ?? []);
      const old = times.sort((a, b) => Number(b) - Number(a)).slice(MOST_IMPORTS);
      if (old.length > 0) await storage.removeMany(old.map((at) => `import:${at}`));
    },

    /** Writes the named partitions in one transaction; all of them into storage that was emptied since. */
    async save(workspace: Workspace, partitions: Iterable<string>): Promise<void> {
      const named = [...partitions];
      try {
        await write(workspace, named);
      } catch (error) {
        if (!reopen) throw error;
        storage = reopen();
        await write(workspace, named);
      }
    },

    /** All partitions as they lie in storage, whatever build wrote them. */
    async everything(): Promise<Record<string, string>> {
      const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(PART));
      const texts = await textsUnder(keys);
      return Object.fromEntries(
        Object.entries(texts).map(([key, text]) => [key.slice(PART.length), text ?? '']),
      );
    },
  };
}

export type Repository = ReturnType<typeof repository>;
