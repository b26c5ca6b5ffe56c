import { wrap } from 'comlink';
import type { BenchContents } from '@/records/bench-file';
import type { SavedCopy } from './saved-copies';
import type { Shared } from './shared-benches';

/** Where copies lie: a folder that the maker chose, or null for the browser's own. */
export type Place = FileSystemDirectoryHandle | null;

/** A copy that can be brought back, without all that is in it. */
export interface Offered {
  readonly name: string;
  readonly savedAt: number;
  /** What its bench is called. */
  readonly bench: string | null;
  readonly records: number;
}

/** What is done beside the page, so that it never waits: reading the whole bench, packing it, writing it, joining others. */
export interface Keeping {
  /** `device` is what this one is called where several write to that place. */
  save(place: Place, device: string | null, now: number): Promise<SavedCopy>;
  newest(place: Place): Promise<Offered | null>;
  /** Puts the newest copy in place of the bench; false where none reads. */
  bringBack(place: Place, now: number): Promise<boolean>;
  /** Takes in what other devices laid into the folder, and lays this one's bench there. */
  share(place: Place, device: string, now: number): Promise<Shared>;
  sharedBench(place: Place, name: string): Promise<BenchContents | null>;
}

interface Hand {
  readonly keeping: Keeping;
  /** Comes to an end only where the worker cannot be begun, or breaks. */
  readonly broken: Promise<never>;
}

let hand: Hand | null = null;

function begin(): Hand {
  const worker = new Worker(new URL('./keeper.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => {
      worker.terminate();
      hand = null;
      reject(new Error(event.message || 'the part that writes copies could not be fetched'));
    });
  });
  // Nobody may be waiting for it when it breaks.
  broken.catch(() => undefined);
  // All of it answers later already, so asked from afar it is the same.
  return { keeping: wrap<Keeping>(worker) as unknown as Keeping, broken };
}

/**
 * Asks the keeper of copies, begun when it is first asked; after it broke, or could not be fetched, the next asking begins it
 * anew.
 *
 * @example await askKeeper((keeping) => keeping.newest(null))
 */
export async function askKeeper<Value>(ask: (keeping: Keeping) => Promise<Value>): Promise<Value> {
  const { keeping, broken } = (hand ??= begin());
  return Promise.race([ask(keeping), broken]);
}

/** Whether this browser has a file system of its own for copies: it has on a safe page (HTTPS, or this machine). */
export const canKeepCopies = (): boolean =>
  'storage' in navigator &&
  'getDirectory' in navigator.storage &&
  'locks' in navigator &&
  typeof CompressionStream === 'function' &&
  typeof FileSystemFileHandle === 'function' &&
  'createWritable' in FileSystemFileHandle.prototype;
