import { sum } from '@/core/numeric/sum';
import type { Entry } from '@/records/entry';
import type { BenchDatabase } from './database';

const SAME = 1e-6;
/** For more bins than this it is quicker to read the whole ledger once. */
const MANY_BINS = 300;

export interface Overdrawn {
  readonly binId: string;
  readonly level: number;
}

async function levelsOf(db: BenchDatabase, binIds: readonly string[]): Promise<Map<string, number>> {
  const amounts = new Map<string, number[]>(binIds.map((id) => [id, []]));
  const note = (entries: readonly Entry[]) => {
    for (const { binId, qty } of entries) amounts.get(binId)?.push(qty);
  };
  if (binIds.length > MANY_BINS) note(await db.entries.toArray());
  else for (const id of binIds) note(await db.entries.where('binId').equals(id).toArray());
  return new Map([...amounts].map(([id, mine]) => [id, sum(mine)]));
}

/**
 * Which bin holds less than nothing once these entries are in, of those they took from; null where none does. A count sets
 * right whatever was there, so it is no taking.
 *
 * @example await findOverdrawn(db, [{ ...entry, binId: 'hooks', qty: -5 }]) // { binId: 'hooks', level: -2 }
 */
export async function findOverdrawn(db: BenchDatabase, entries: readonly Entry[]): Promise<Overdrawn | null> {
  const net = new Map<string, number[]>();
  for (const { binId, kind, qty, reverses } of entries) {
    if (kind !== 'counted' || reverses !== null) net.set(binId, [...(net.get(binId) ?? []), qty]);
  }
  const taken = [...net].filter(([, amounts]) => sum(amounts) < 0).map(([binId]) => binId);
  if (taken.length === 0) return null;
  for (const [binId, level] of await levelsOf(db, taken)) if (level < -SAME) return { binId, level };
  return null;
}
