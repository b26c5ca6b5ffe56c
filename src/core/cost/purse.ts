import { costNext, type PricedLot } from '../stock/price-lots';

/** What an item is there at: its lots, oldest first, and what a unit usually costs where no lot says. */
export interface PricedItem {
  readonly lots: readonly PricedLot[];
  readonly usual: number | null;
}

export interface PaidFor {
  /** For all of it; null where nobody ever noted a price. */
  readonly cost: number | null;
  /** Some of it is not there, or has no price of its own: its cost is a guess. */
  readonly isGuess: boolean;
}

/** Pays for parts, oldest lots first; what is paid for is gone for the next. */
export type Purse = (item: string, qty: number) => PaidFor;

/**
 * Opens a purse over the shelf. Nothing on the shelf is touched: it only reckons.
 *
 * @example
 * const pay = openPurse(() => ({ lots: [{ qty: 2, unitCost: 1 }, { qty: 5, unitCost: 3 }], usual: null }));
 * pay('hook', 3).cost // 5
 * pay('hook', 3).cost // 9
 */
export function openPurse(itemOf: (item: string) => PricedItem): Purse {
  const spent = new Map<string, number>();
  return (item, qty) => {
    const { lots, usual } = itemOf(item);
    const before = spent.get(item) ?? 0;
    spent.set(item, before + qty);
    const upTo = costNext(lots, before + qty, usual);
    const paid = costNext(lots, before, usual);
    if (upTo.cost === null || paid.cost === null) return { cost: null, isGuess: true };
    return { cost: upTo.cost - paid.cost, isGuess: upTo.pricedQty - paid.pricedQty < qty * (1 - 1e-9) };
  };
}
