/** A file of a folder, as a list names it. */
export interface ListedFile {
  readonly name: string;
  readonly bytes: number;
}

/** A place for whole files by name: a folder the maker chose, or the browser's own. */
export interface CopyFolder {
  readonly list: () => Promise<readonly ListedFile[]>;
  /** Null where there is no such file. */
  readonly read: (name: string) => Promise<Uint8Array<ArrayBuffer> | null>;
  /** Whole or not at all: what stood under the name stands until all of the new is there. */
  readonly write: (name: string, bytes: Uint8Array<ArrayBuffer>) => Promise<void>;
  readonly remove: (name: string) => Promise<void>;
}

const isMissing = (error: unknown) => error instanceof DOMException && error.name === 'NotFoundError';

/** A folder of the browser's file system, the maker's own or the origin's. */
export function folderOf(handle: FileSystemDirectoryHandle): CopyFolder {
  return {
    async list() {
      const files: ListedFile[] = [];
      for await (const each of handle.values()) {
        if (each.kind === 'file') files.push({ name: each.name, bytes: (await each.getFile()).size });
      }
      return files;
    },
    async read(name) {
      try {
        const file = await (await handle.getFileHandle(name)).getFile();
        return new Uint8Array(await file.arrayBuffer());
      } catch (error) {
        if (isMissing(error)) return null;
        throw error;
      }
    },
    async write(name, bytes) {
      // The browser writes beside and swaps in when it is closed: a crash leaves the last whole one.
      const writing = await (await handle.getFileHandle(name, { create: true })).createWritable();
      try {
        await writing.write(bytes);
        await writing.close();
      } catch (error) {
        await writing.abort().catch(() => undefined);
        throw error;
      }
    },
    async remove(name) {
      try {
        await handle.removeEntry(name);
      } catch (error) {
        if (!isMissing(error)) throw error;
      }
    },
  };
}
