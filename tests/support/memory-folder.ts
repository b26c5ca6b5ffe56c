import type { CopyFolder } from '@/data/copy/folder';

export interface MemoryFolder extends CopyFolder {
  readonly files: Map<string, Uint8Array<ArrayBuffer>>;
  /** How many bytes the next writing takes before it is broken off; null for all of them. */
  breakAfter: number | null;
}

/** A folder that lies in memory, and writes whole or not at all, as the browser's do. */
export function memoryFolder(): MemoryFolder {
  const files = new Map<string, Uint8Array<ArrayBuffer>>();
  return {
    files,
    breakAfter: null,
    list: () => Promise.resolve([...files].map(([name, bytes]) => ({ name, bytes: bytes.byteLength }))),
    read: (name) => Promise.resolve(files.get(name) ?? null),
    write(name, bytes) {
      if (this.breakAfter !== null && bytes.byteLength > this.breakAfter) {
        this.breakAfter = null;
        return Promise.reject(new DOMException('The room is full', 'QuotaExceededError'));
      }
      files.set(name, bytes.slice());
      return Promise.resolve();
    },
    remove(name) {
      files.delete(name);
      return Promise.resolve();
    },
  };
}
