import { fileOfPartitions, takenBack, type ImportNote, type Texts } from '@/core/formats/partitionsFile';

/*
 * What lies in a space's database, as texts under keys: written by state/repository.ts, read here without anything of the
 * application, so that nothing stored can be in the way.
 */

export type Entries = Readonly<Record<string, string>>;

const TABLE = 'entries';
const PART = 'part:';

const done = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('The database did not answer.'));
  });

/** The database of a space; undefined when there is none. */
async function open(space: string): Promise<IDBDatabase | undefined> {
  const request = indexedDB.open(`sprindle-${space}`);
  const db = await done(request);
  if (db.objectStoreNames.contains(TABLE)) return db;
  db.close();
  return undefined;
}

/** All that is stored in a space; nothing when it holds nothing. */
export async function entriesOf(space: string): Promise<Entries> {
  const db = await open(space);
  if (!db) return {};
  const table = db.transaction(TABLE).objectStore(TABLE);
  const [keys, values] = await Promise.all([done(table.getAllKeys()), done(table.getAll())]);
  db.close();
  return Object.fromEntries(keys.map((key, i) => [String(key), String(values[i])]));
}

/** Puts and removes entries of a space in one transaction. */
export async function change(space: string, put: Entries, remove: readonly string[] = []): Promise<void> {
  const db = await open(space);
  if (!db) throw new Error('There is nothing stored.');
  const transaction = db.transaction(TABLE, 'readwrite');
  const table = transaction.objectStore(TABLE);
  for (const [key, text] of Object.entries(put)) table.put(text, key);
  for (const key of remove) table.delete(key);
  await new Promise<void>((resolve, reject) => {
    transaction.oncomplete = () => resolve();
    transaction.onabort = () => reject(transaction.error ?? new Error('The database took nothing.'));
  });
  db.close();
  // its second home would bring back what was just taken out; the application fills it anew
  await navigator.storage
    ?.getDirectory?.()
    .then((root) => root.removeEntry(`sprindle-${space}`, { recursive: true }))
    .catch(() => undefined);
}

/** The parts of the data by name, as texts. */
export const partsIn = (entries: Entries): Texts =>
  Object.fromEntries(
    Object.entries(entries).flatMap(([key, text]) =>
      key.startsWith(PART) ? [[key.slice(PART.length), text]] : [],
    ),
  );

/** Everything as one file that a working build can open. */
export const exported = (entries: Entries): string => fileOfPartitions(partsIn(entries));

/** The imports that can be taken back, the latest first. */
export const importsIn = (entries: Entries): ImportNote[] =>
  Object.entries(entries)
    .flatMap(([key, text]): ImportNote[] => {
      try {
        return key.startsWith('import:') ? [JSON.parse(text)] : [];
      } catch {
        return [];
      }
    })
    .sort((a, b) => b.at - a.at);

/** Takes an import back: what it brought goes, what it changed is as it was before. */
export async function takeBack(space: string, entries: Entries, note: ImportNote): Promise<void> {
  const parts = Object.entries(takenBack(partsIn(entries), note)).map(([name, text]) => [PART + name, text]);
  await change(space, Object.fromEntries(parts), [`import:${note.at}`]);
}

/** Sets a part of the data aside, so that the rest can be opened; it stays, and Settings has it as a file. */
export const setAside = (space: string, entries: Entries, part: string, now: number): Promise<void> =>
  change(space, { [`damaged:${now}:${part}`]: entries[PART + part] ?? '' }, [PART + part]);
