/*
 * Stored partitions as texts, read no further than they have to be: for when the data cannot be opened. Nothing here
 * needs a schema, so that the safe door stays small.
 */

/** What a workspace file calls itself, and the version of its shape; from 3 on it tells the version of each collection. */
export const FORMAT = 'sprindle-workspace';
export const FILE_VERSION = 3;

/** Partitions by name (`blocks/2026-11`), as they lie in storage: `{"version": …, "content": …}`. */
export type Texts = Readonly<Record<string, string>>;

type Stored = { readonly version: number; readonly content: unknown };

/** What a partition's text says; undefined when it is none. */
function read(text: string): Stored | undefined {
  try {
    const { version, content } = JSON.parse(text);
    return typeof version === 'number' ? { version, content } : undefined;
  } catch {
    return undefined;
  }
}

const collectionOf = (partition: string) => partition.split('/')[0] ?? '';

/**
 * Stored partitions as the text of a workspace file, for a build that can read them to open. What is no partition stands
 * under `unreadable`.
 */
export function fileOfPartitions(texts: Texts): string {
  const versions: Record<string, number> = {};
  const contents: Record<string, unknown> = {};
  const unreadable: Record<string, string> = {};
  for (const [partition, text] of Object.entries(texts)) {
    const name = collectionOf(partition);
    const stored = read(text);
    if (!stored) {
      unreadable[partition] = text;
      continue;
    }
    versions[name] = Math.max(stored.version, versions[name] ?? 0);
    const before = contents[name];
    contents[name] =
      Array.isArray(stored.content) && before !== undefined
        ? [before, stored.content].flat()
        : stored.content;
  }
  const more = Object.keys(unreadable).length > 0 ? { unreadable: [unreadable] } : {};
  return JSON.stringify({ format: FORMAT, version: FILE_VERSION, versions, ...contents, ...more }, null, 1);
}

/** What an import did, so that it can be taken back without opening the data: each record's value before, or null. */
export type ImportNote = {
  /** Epoch ms. */
  readonly at: number;
  readonly name: string;
  readonly changes: readonly { readonly part: string; readonly id: string; readonly before: unknown }[];
};

const idOf = (record: unknown): unknown =>
  typeof record === 'object' && record !== null && 'id' in record ? record.id : undefined;

/** The partitions that differ once an import is taken back. What was changed in its records since goes with them. */
export function takenBack(texts: Texts, { changes }: ImportNote): Record<string, string> {
  const changed: Record<string, string> = {};
  for (const part of new Set(changes.map((change) => change.part))) {
    const own = changes.filter((change) => change.part === part);
    const ids = new Set<unknown>(own.map(({ id }) => id));
    const before = own.flatMap((change) => (change.before === null ? [] : [change.before]));
    const partitions = Object.keys(texts).filter((partition) => collectionOf(partition) === part);
    partitions.forEach((partition, place) => {
      const stored = read(texts[partition] ?? '');
      if (!stored || !Array.isArray(stored.content)) return;
      const kept = stored.content.filter((record) => !ids.has(idOf(record)));
      // opening puts each record into the partition where it belongs
      const content = place === 0 ? [...kept, ...before] : kept;
      if (content.length !== stored.content.length || place === 0)
        changed[partition] = JSON.stringify({ version: stored.version, content });
    });
  }
  return changed;
}
