import Dexie, { type ObservabilitySet } from 'dexie';
import type { BenchDatabase } from '../database';
import { changedKeys, type ChangedKeys } from './changed-keys';

/** A piece of the bench that is read anew when one of its tables changes. */
export interface Slice<T> {
  readonly tables: readonly string[];
  /** `changed` says what of the first table changed, 'all' at the start. */
  readonly read: (changed: ChangedKeys) => Promise<T>;
}

export type Slices<R> = { readonly [K in keyof R]: Slice<R[K]> };

const NOTHING: ReadonlySet<string> = new Set();

function joined(a: ChangedKeys | undefined, b: ChangedKeys): ChangedKeys {
  if (a === 'all' || b === 'all') return 'all';
  return new Set([...(a ?? []), ...b]);
}

/**
 * Follows the bench: reads every slice, then with every change, in this tab or another, only those slices whose
 * tables it touched. A reading is given once nothing changed while it was read.
 *
 * @returns what ends the following
 * @example const end = followBench(db, { molds: { tables: ['molds'], read: () => db.molds.toArray() } }, show, fail)
 */
export function followBench<R extends object>(
  db: BenchDatabase,
  slices: Slices<R>,
  onReading: (reading: R) => void,
  onFailure: (error: unknown) => void,
): () => void {
  const keys = Object.keys(slices) as (keyof R)[];
  const followed = new Set(keys.flatMap((key) => slices[key].tables));
  const values: Partial<R> = {};
  let changed = new Map<string, ChangedKeys>(
    keys.flatMap((key) => slices[key].tables.map((table) => [table, 'all'] as const)),
  );
  let isReading = false;
  let isLive = true;

  async function readChanged(): Promise<void> {
    const now = changed;
    changed = new Map();
    const mine = keys.filter((key) => slices[key].tables.some((table) => now.has(table)));
    await Promise.all(
      mine.map(async (key) => {
        const { tables, read } = slices[key];
        values[key] = await read(now.get(tables[0] ?? '') ?? NOTHING);
      }),
    );
  }

  async function catchUp(): Promise<void> {
    if (isReading) return;
    isReading = true;
    try {
      while (isLive && changed.size > 0) await readChanged();
      if (isLive) onReading({ ...values } as R);
    } catch (error) {
      if (isLive) onFailure(error);
    } finally {
      isReading = false;
    }
  }

  // What fails while reading is told where it fails.
  const keepUp = () => {
    catchUp().catch(onFailure);
  };

  const note = (parts: ObservabilitySet) => {
    for (const [table, more] of changedKeys(parts, db.name)) {
      if (!followed.has(table)) continue;
      changed.set(table, joined(changed.get(table), more));
    }
    if (changed.size > 0) keepUp();
  };
  Dexie.on('storagemutated', note);
  keepUp();
  return () => {
    isLive = false;
    Dexie.on.storagemutated.unsubscribe(note);
  };
}
