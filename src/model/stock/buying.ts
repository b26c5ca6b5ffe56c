import { compareNames } from '@/core/numeric/compare-names';
import type { SellerPack, SellerPost } from '@/core/stock/plan-orders';
import type { ItemAmount } from '@/core/stock/tally-by-item';
import type { BenchView } from '../bench/bench-view';
import { stockStatus } from './stock-status';

/** What is to be bought of a bin, and why. */
export interface BuyNeed {
  readonly binId: string;
  readonly name: string;
  readonly promised: number;
  readonly onHand: number;
  readonly onOrder: number;
  /** What open tickets lack once everything on order is here. */
  readonly short: number;
  /** What is wanted besides to fill it up again. */
  readonly toFill: number;
}

/** What is on its way, by bin. */
export function onOrder({ purchases }: Pick<BenchView, 'purchases'>): Map<string, number> {
  const coming = new Map<string, number>();
  for (const { state, lines } of purchases) {
    if (state !== 'ordered') continue;
    for (const { binId, packs, came, packQty } of lines) {
      coming.set(binId, (coming.get(binId) ?? 0) + (packs - came) * packQty);
    }
  }
  return coming;
}

const FILL_OVER_LOW = 3;

/** Everything that open tickets lack and, where asked, what is low and wants filling up. */
export function buyNeeds(view: BenchView, mayFill: boolean): BuyNeed[] {
  const coming = onOrder(view);
  return view.bins
    .flatMap((bin): BuyNeed[] => {
      // Heads are cast and baits built: what they take is bought.
      if (bin.kind === 'head' || (bin.kind === 'part' && (bin.buildId !== null || bin.rigId !== null)))
        return [];
      const way = coming.get(bin.id) ?? 0;
      const { onHand, promised, left, isLow } = stockStatus(bin, view, way);
      const short = Math.max(0, -left);
      const fillTo = bin.fillTo ?? (bin.lowAt ?? 0) * FILL_OVER_LOW;
      const toFill = mayFill && isLow ? Math.max(0, fillTo - Math.max(0, left)) : 0;
      if (short <= 1e-9 && toFill <= 1e-9) return [];
      return [
        { binId: bin.id, name: bin.name, promised, onHand: Math.max(0, onHand), onOrder: way, short, toFill },
      ];
    })
    .sort((a, b) => b.short - a.short || compareNames(a.name, b.name));
}

/** The needs that somebody sells, as the search for the cheapest orders takes them; the rest has no packs. */
export function buyQuestion(needs: readonly BuyNeed[], view: BenchView) {
  const packs = view.packs.filter(
    ({ retired, sellerId }) =>
      !retired && view.sellers.some(({ id, retired: gone }) => id === sellerId && !gone),
  );
  const sold = new Set(packs.map(({ binId }) => binId));
  const short: ItemAmount[] = needs
    .filter(({ binId }) => sold.has(binId))
    .map(({ binId, short: lacks, toFill }) => ({ item: binId, qty: lacks + toFill }));
  const wanted = new Set(short.map(({ item }) => item));
  return {
    short,
    packs: packs
      .filter(({ binId }) => wanted.has(binId))
      .map(({ id, binId, sellerId, qty, price, breaks }): SellerPack => ({
        packId: id,
        item: binId,
        sellerId,
        packQty: qty,
        price,
        breaks,
      })),
    posts: view.sellers.map(({ id, postage, freeFrom }): SellerPost => ({ sellerId: id, postage, freeFrom })),
    unsold: needs.filter(({ binId }) => !sold.has(binId)),
  };
}
