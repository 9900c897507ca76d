import { z } from 'zod';
import { SCHEMA_VERSION, type Workspace } from '@/core/model/workspace';
import { FromTheFuture, migrate } from '@/core/model/migrations';
import { assemble, contentOf } from './partitions';

/** The part of AsyncStorage that is used; `setMany` is one transaction. */
export type KeyValue = {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
};

export type Loaded = {
  readonly workspace: Workspace;
  /** Nothing was stored yet. */
  readonly fresh: boolean;
  /** Partitions that could not be read whole; their text is kept under a key of its own. */
  readonly damaged: readonly string[];
  /** All partitions that were set aside, now or before, and are still kept. */
  readonly setAside: readonly string[];
};

const PART = 'part:';
const ASIDE = /^damaged:(\d+):(.+)$/;
const Stored = z.object({ version: z.number().int().positive(), content: z.unknown() });

function readPart(partition: string, text: string | null): unknown {
  try {
    const stored = Stored.parse(JSON.parse(text ?? ''));
    return migrate(partition.split('/')[0] ?? '', stored.version, stored.content);
  } catch (error) {
    if (error instanceof FromTheFuture) throw error;
    return undefined;
  }
}

/** Loads and saves a workspace in key–value storage, one key for each partition. Knows nothing of when to save. */
export function repository(storage: KeyValue) {
  return {
    /** Opens what is stored. Damaged parts are set aside, the rest opens. Throws FromTheFuture, or what storage throws. */
    async load(now: number): Promise<Loaded> {
      const stored = await storage.getAllKeys();
      const keys = stored.filter((key) => key.startsWith(PART));
      const texts = keys.length > 0 ? await storage.getMany(keys) : {};
      const contents = Object.fromEntries(
        Object.entries(texts).map(([key, text]) => [
          key.slice(PART.length),
          readPart(key.slice(PART.length), text),
        ]),
      );
      const { workspace, damaged } = assemble(contents);
      if (damaged.length > 0) {
        const aside = damaged.map((part) => [`damaged:${now}:${part}`, texts[PART + part] ?? '']);
        await storage.setMany(Object.fromEntries(aside));
        await this.save(workspace, damaged);
      }
      const before = stored.flatMap((key) => ASIDE.exec(key)?.[2] ?? []);
      const setAside = [...new Set([...before, ...damaged])].sort();
      return { workspace, fresh: keys.length === 0, damaged, setAside };
    },

    /** What was set aside, as it stood in storage, with the time (epoch ms) when it was found damaged. */
    async damaged(): Promise<{ part: string; at: number; text: string }[]> {
      const keys = (await storage.getAllKeys()).filter((key) => ASIDE.test(key));
      const texts = keys.length > 0 ? await storage.getMany(keys) : {};
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

    /** Writes the named partitions in one transaction. */
    async save(workspace: Workspace, partitions: Iterable<string>): Promise<void> {
      const parts = [...partitions].map((part) => [
        PART + part,
        JSON.stringify({ version: SCHEMA_VERSION, content: contentOf(workspace, part) }),
      ]);
      if (parts.length > 0) await storage.setMany(Object.fromEntries(parts));
    },
  };
}

export type Repository = ReturnType<typeof repository>;
