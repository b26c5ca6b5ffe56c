import { oncePer } from '@/core/numeric/once-per';
import type { PricedItem } from '@/core/cost/purse';
import { priceLots, type PricedLot, type PricedMove } from '@/core/stock/price-lots';
import type { Bin } from '@/records/bin';
import type { Pack } from '@/records/buying';
import type { Entry } from '@/records/entry';
import type { BenchFacts } from '../bench/bench-facts';

function moveOf({ qty, unitCost, kind, reverses }: Entry): PricedMove {
  const isReturn = qty > 0 && (kind === 'returned' || kind === 'counted');
  return { qty, unitCost, isBack: reverses !== null || (isReturn && unitCost === null) };
}

/** Lots are reckoned once for a ledger: its list is another as soon as something is entered. */
const lotsOf = oncePer((entries: readonly Entry[]): PricedLot[] => priceLots(entries.map(moveOf)));

/** The pack of each bin that was priced last, the cheapest of one day; looked for once while the packs are the same. */
const newestPacks = oncePer((packs: readonly Pack[]): ReadonlyMap<string, Pack> => {
  const newest = new Map<string, Pack>();
  for (const pack of packs) {
    const known = newest.get(pack.binId);
    const later = known ? pack.pricedOn.localeCompare(known.pricedOn) : 1;
    const isNewer = !known || later > 0 || (later === 0 && pack.price / pack.qty < known.price / known.qty);
    if (!pack.retired && isNewer) newest.set(pack.binId, pack);
  }
  return newest;
});

/** What a unit of a bin usually costs: as its newest pack, else as its own card says; null where nobody noted it. */
function usualOf(bin: Bin | undefined, { packs }: Pick<BenchFacts, 'packs'>): number | null {
  if (!bin) return null;
  const newest = newestPacks(packs).get(bin.id);
  if (newest) return newest.price / newest.qty;
  if (bin.kind === 'metal') return bin.costPerKg === null ? null : bin.costPerKg / 1000;
  return bin.costEach;
}

/** What a bin is there at: its lots by price, first in first out, and what a unit usually costs. */
export function pricedItem(
  binId: string,
  view: Pick<BenchFacts, 'entriesByBin' | 'packs' | 'binById'>,
): PricedItem {
  return { lots: lotsOf(view.entriesByBin.get(binId) ?? []), usual: usualOf(view.binById.get(binId), view) };
}
