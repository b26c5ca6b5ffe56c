/** What came into or went out of a bin, oldest first. */
export interface PricedMove {
  /** In the bin's unit; below 0 where it goes out. */
  readonly qty: number;
  /** Of what comes in; null where nobody noted it. */
  readonly unitCost: number | null;
  /** Puts back what went out last, or takes back what came in last: an undo, a return, a count. */
  readonly isBack: boolean;
}

/** So much of what is there, at one price. */
export interface PricedLot {
  readonly qty: number;
  readonly unitCost: number | null;
}

const NOTHING = 1e-9;

/** Takes an amount off one end of a pile of lots; gives what was taken, which may be less. */
function takeOff(lots: PricedLot[], qty: number, from: 'oldest' | 'newest'): PricedLot[] {
  const taken: PricedLot[] = [];
  let left = qty;
  while (left > NOTHING) {
    const at = from === 'oldest' ? 0 : lots.length - 1;
    const lot = lots[at];
    if (!lot) break;
    const some = Math.min(left, lot.qty);
    taken.push({ ...lot, qty: some });
    left -= some;
    if (lot.qty - some > NOTHING) lots[at] = { ...lot, qty: lot.qty - some };
    else lots.splice(at, 1);
  }
  return taken;
}

/**
 * What lies in a bin, in lots by what they cost, first in first out: what goes out is the oldest; what is put back goes
 * back to where it came from, at its own price. Oldest first.
 *
 * @example priceLots([{ qty: 10, unitCost: 1, isBack: false }, { qty: 10, unitCost: 2, isBack: false },
 *   { qty: -12, unitCost: null, isBack: false }]) // [{ qty: 8, unitCost: 2 }]
 */
export function priceLots(moves: readonly PricedMove[]): PricedLot[] {
  const lots: PricedLot[] = [];
  /** What went out, so that what comes back knows its price. */
  const gone: PricedLot[] = [];
  let owed = 0;
  for (const { qty, unitCost, isBack } of moves) {
    if (qty < 0) {
      const out = takeOff(lots, -qty, isBack ? 'newest' : 'oldest');
      gone.push(...out);
      owed += -qty - out.reduce((so, lot) => so + lot.qty, 0);
      continue;
    }
    let left = qty;
    // What went out before it was there is settled first.
    const settled = Math.min(owed, left);
    if (settled > 0) gone.push({ qty: settled, unitCost });
    owed -= settled;
    left -= settled;
    if (isBack) {
      const back = takeOff(gone, left, 'newest');
      for (const lot of back) lots.unshift(lot);
      left -= back.reduce((so, lot) => so + lot.qty, 0);
    }
    if (left > NOTHING) lots.push({ qty: left, unitCost });
  }
  return lots;
}

export interface NextCost {
  /** For all of it; null where no price is known at all. */
  readonly cost: number | null;
  /** How much of it lies in the bin at a noted price. */
  readonly pricedQty: number;
}

/**
 * What the next `qty` out of a bin cost, oldest lots first. What has no price, and what is not there, counts as the
 * price of the nearest lot that has one, else as `usual`.
 *
 * @example costNext([{ qty: 8, unitCost: 2 }], 10, null) // { cost: 20, pricedQty: 8 }
 */
export function costNext(lots: readonly PricedLot[], qty: number, usual: number | null): NextCost {
  const priced = lots.filter(({ unitCost }) => unitCost !== null);
  let [cost, left, pricedQty] = [0, qty, 0];
  let standIn = priced[0]?.unitCost ?? usual;
  if (qty > 0 && standIn === null) return { cost: null, pricedQty: 0 };
  for (const lot of lots) {
    if (left <= NOTHING) break;
    const some = Math.min(left, lot.qty);
    if (lot.unitCost !== null) {
      standIn = lot.unitCost;
      pricedQty += some;
    }
    cost += some * (standIn ?? 0);
    left -= some;
  }
  return { cost: cost + Math.max(0, left) * (standIn ?? 0), pricedQty };
}
