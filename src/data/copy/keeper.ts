import { wrap, type Remote } from 'comlink';
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

let hand: Remote<Keeping> | null = null;

/** The keeper of copies, begun when it is first asked. */
export function keeper(): Remote<Keeping> {
  hand ??= wrap<Keeping>(new Worker(new URL('./keeper.worker.ts', import.meta.url), { type: 'module' }));
  return hand;
}

/** Whether this browser has a file system of its own for copies: it has on a safe page (HTTPS, or this machine). */
export const canKeepCopies = (): boolean =>
  'storage' in navigator &&
  'getDirectory' in navigator.storage &&
  'locks' in navigator &&
  typeof CompressionStream === 'function' &&
  typeof FileSystemFileHandle === 'function' &&
  'createWritable' in FileSystemFileHandle.prototype;
