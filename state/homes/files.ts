/** Named texts, of which each is written whole or not at all. */
export type Files = {
  names(): Promise<string[]>;
  /** The text of a file, or no more than its first `bytes`; throws when there is none. */
  read(name: string, bytes?: number): Promise<string>;
  write(name: string, text: string): Promise<void>;
  /** Takes a file away, if there is one. */
  remove(name: string): Promise<void>;
};

/**
 * A folder of the origin private file system (File System Standard). Browsers keep it apart from their databases, so
 * that it stays when one of those is lost. Undefined where a page cannot write such files.
 */
export function privateFiles(folder: string): Files | undefined {
  if (!('storage' in navigator) || !('getDirectory' in navigator.storage)) return undefined;
  if (typeof FileSystemFileHandle === 'undefined' || !('createWritable' in FileSystemFileHandle.prototype))
    return undefined;
  let opened: Promise<FileSystemDirectoryHandle> | undefined;
  const open = async () => {
    opened ??= navigator.storage
      .getDirectory()
      .then((root) => root.getDirectoryHandle(folder, { create: true }));
    try {
      return await opened;
    } catch (error) {
      opened = undefined;
      throw error;
    }
  };
  return {
    async names() {
      const names: string[] = [];
      for await (const name of (await open()).keys()) names.push(name);
      return names;
    },
    async read(name, bytes) {
      const file = await (await (await open()).getFileHandle(name)).getFile();
      return (bytes === undefined ? file : file.slice(0, bytes)).text();
    },
    async write(name, text) {
      const handle = await (await open()).getFileHandle(name, { create: true });
      const writable = await handle.createWritable();
      try {
        await writable.write(text);
      } catch (error) {
        await writable.abort().catch(() => undefined);
        throw error;
      }
      // what was written takes the place of what was there before only now
      await writable.close();
    },
    async remove(name) {
      await (await open()).removeEntry(name).catch((error: unknown) => {
        if (!(error instanceof DOMException && error.name === 'NotFoundError')) throw error;
      });
    },
  };
}
