import type { IntervalTree, ObservabilitySet } from 'dexie';

/** What of a table changed: the keys one by one, or 'all' where a range was written or cleared. */
export type ChangedKeys = ReadonlySet<string> | 'all';

/** More changed than this and the table is quicker read whole. */
const MOST_KEYS = 5000;

function keysIn(tree: IntervalTree | null | undefined, keys: Set<string>): boolean {
  if (!tree || !('from' in tree)) return true;
  if (tree.from !== tree.to || typeof tree.from !== 'string' || keys.size >= MOST_KEYS) return false;
  keys.add(tree.from);
  return keysIn(tree.l, keys) && keysIn(tree.r, keys);
}

/**
 * Which tables of a database a commit touched, with the keys of what it wrote and removed.
 *
 * @example changedKeys({ 'idb://ruvek/bins/': new RangeSet('lot-1') }, 'ruvek') // Map { 'bins' => Set { 'lot-1' } }
 */
export function changedKeys(parts: ObservabilitySet, database: string): Map<string, ChangedKeys> {
  const changed = new Map<string, ChangedKeys>();
  const prefix = `idb://${database}/`;
  for (const [part, tree] of Object.entries(parts)) {
    if (!part.startsWith(prefix)) continue;
    const [table, index] = part.slice(prefix.length).split('/');
    // Other indexes tell of the same records over again.
    if (!table || (index !== '' && index !== ':dels')) continue;
    const known = changed.get(table);
    if (known === 'all') continue;
    const keys = new Set(known);
    changed.set(table, keysIn(tree, keys) ? keys : 'all');
  }
  return changed;
}
