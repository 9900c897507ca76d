import { openDB, type IDBPDatabase } from 'idb';
import type { KeyValue } from './repository';

/** The table in which AsyncStorage keeps its entries. */
const TABLE = 'entries';

/**
 * The database of an AsyncStorage by a connection of its own: AsyncStorage goes on using one that has died, as when
 * the browser cleared the site's data or the device was full. Opened anew whenever it was closed.
 */
export function reopened(name: string): KeyValue {
  let connection: Promise<IDBPDatabase> | undefined;
  const open = (): Promise<IDBPDatabase> =>
    openDB(name, 1, {
      upgrade: (db) => void (db.objectStoreNames.contains(TABLE) || db.createObjectStore(TABLE)),
      terminated: () => (connection = undefined),
    });
  const table = async (mode: 'readonly' | 'readwrite') => {
    connection ??= open();
    try {
      return (await connection).transaction(TABLE, mode);
    } catch {
      connection = open();
      return (await connection).transaction(TABLE, mode);
    }
  };
  return {
    getAllKeys: async () => (await table('readonly')).store.getAllKeys() as Promise<string[]>, // all keys are texts
    async getMany(keys) {
      const { store } = await table('readonly');
      const values = await Promise.all(keys.map((key) => store.get(key)));
      return Object.fromEntries(keys.map((key, i) => [key, (values[i] as string | undefined) ?? null])); // all values are texts
    },
    async setMany(entries) {
      const change = await table('readwrite');
      for (const [key, text] of Object.entries(entries)) void change.store.put?.(text, key);
      await change.done;
    },
    async removeMany(keys) {
      const change = await table('readwrite');
      for (const key of keys) void change.store.delete?.(key);
      await change.done;
    },
  };
}
