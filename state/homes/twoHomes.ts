import { PART, type KeyValue } from '../repository';
import type { SecondHome } from './secondHome';

/** Stands in the first home: when it was saved to last (ms, as the second home counts). */
const SAVED = 'saved';

const partsOf = (entries: Readonly<Record<string, string>>) =>
  Object.fromEntries(Object.entries(entries).filter(([key]) => key.startsWith(PART)));

export type TwoHomes = KeyValue & {
  /** Brings everything into the second home, and holds room back for one more writing of all of it while there is plenty. */
  settle(hasRoomFor: (length: number) => Promise<boolean>): Promise<void>;
};

/** Room is held back for this much more than there is. */
const GROWTH = 1.25;

/**
 * Storage whose parts have a second home. When it is opened the first home gets what only the second one has: all of it
 * if it was lost, else what was saved since; `onMended` is told. What cannot be written there is read from memory.
 */
export function twoHomes(
  first: KeyValue,
  second: SecondHome,
  onMended: () => void = () => undefined,
): TwoHomes {
  let isMended = false;
  /** What the first home lacks, for as long as it cannot be written. */
  let lacking: Record<string, string> = {};
  /** The keys of what was mended. */
  let added: readonly string[] = [];

  const release = () => second.release().catch(() => false);
  const write = (entries: Record<string, string>, at: number) =>
    first.setMany({ ...entries, [SAVED]: String(at) });

  /** When the first home was saved to last; 0 where that is not known. */
  const savedAt = async () => Number((await first.getMany([SAVED]))[SAVED] ?? 0);

  /** When the second home was saved to last; 0 where it holds nothing or cannot be read. */
  const latest = () => second.latest().catch(() => 0);

  /** What the second home has, saved to last at `at`, and the first, which has these keys, may not have. */
  async function newerThan(keys: readonly string[], at: number): Promise<Record<string, string>> {
    if (!keys.some((key) => key.startsWith(PART))) return (await second.everything()) ?? {};
    const saved = await savedAt();
    return saved > 0 && at > saved ? second.savedSince(saved) : {};
  }

  async function mend(keys: readonly string[], at: number): Promise<void> {
    const newer = await newerThan(keys, at);
    if (Object.keys(newer).length === 0) return;
    const there = await first.getMany(Object.keys(newer));
    const entries = Object.fromEntries(Object.entries(newer).filter(([key, text]) => there[key] !== text));
    if (Object.keys(entries).length === 0) return;
    added = Object.keys(entries);
    lacking = entries;
    onMended();
    await write(entries, at).then(
      () => (lacking = {}),
      () => undefined,
    );
  }

  return {
    async getAllKeys() {
      const [keys, at] = await Promise.all([first.getAllKeys(), isMended ? 0 : latest()]);
      // a second home that cannot be read is none
      if (at > 0) await mend(keys, at).catch(() => undefined);
      isMended = true;
      return [...new Set([...keys, ...added])].filter((key) => key !== SAVED);
    },
    getMany: async (keys) => ({
      ...(await first.getMany(keys)),
      ...Object.fromEntries(keys.flatMap((key) => (lacking[key] === undefined ? [] : [[key, lacking[key]]]))),
    }),
    async setMany(entries) {
      const at = second.next();
      const all = { ...lacking, ...entries };
      try {
        await write(all, at).catch(async (error: unknown) => {
          if (!(await release())) throw error;
          await write(all, at);
        });
        lacking = {};
      } catch (error) {
        lacking = all;
        await release();
        throw error;
      } finally {
        second.keep(at, partsOf(all));
      }
    },
    removeMany: (keys) => first.removeMany(keys),
    spare: (key) => second.one(key).catch(() => null),
    async settle(hasRoomFor) {
      const keys = async () => (await first.getAllKeys()).filter((key) => key.startsWith(PART));
      const texts = async (some: string[]) =>
        Object.fromEntries(Object.entries(await first.getMany(some)).map(([key, text]) => [key, text ?? '']));
      // a page that was left at once had no time for its second home
      await second.fill(await savedAt(), keys, texts);
      const length = Math.ceil(second.size() * GROWTH);
      if (await hasRoomFor(length)) await second.reserve(length);
    },
  };
}
