import { median } from '@/core/numeric/median';
import type { Bin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import type { StockRow } from '@/core/stock/list/stock-row';
import type { NewBin } from '@/records/plain-bin';

/** A price so far from what such things cost that it may be of another amount: per pack, per roll, per kilogram. */
export interface OddPrice {
  /** What such a thing costs otherwise, of what it is kept by. */
  readonly usual: number;
  /** So many times as much. */
  readonly times: number;
}

/** From so many times on it is asked about. */
const ODD_TIMES = 100;
/** Where nothing alike was priced yet: more than such a thing costs anywhere, in any common money, of what it is kept by. */
const DEAREST: Readonly<Record<Bin['unit'], number>> = { pieces: 50, g: 3, mm: 0.05 };

/** A row of a list whose price is to be asked about. */
export interface OddRow extends OddPrice {
  readonly row: StockRow;
}

/** The rows of a list whose price may be of another amount. */
export function oddRows(rows: readonly StockRow[], bins: readonly Bin[]): OddRow[] {
  const byId = new Map(bins.map((bin) => [bin.id, bin]));
  return rows.flatMap((row) => {
    if (row.unitCost === null) return [];
    const known = row.binId === null ? undefined : byId.get(row.binId);
    const { name, sort, unit, place, note } = row;
    const bin = known ?? { ...PLAIN_PART, kind: 'part', name, sort, unit, place, note, lowAt: null };
    const odd = oddPrice(row.unitCost, bin, bins);
    return odd ? [{ ...odd, row }] : [];
  });
}

const groupOf = (bin: NewBin): string =>
  bin.kind === 'part' ? `part ${bin.gauge?.as ?? bin.sort}` : bin.kind;

/** What one of it costs by its own price, in what it is kept in; null where none was said. */
export function priceOf(bin: NewBin): number | null {
  return bin.kind === 'metal' ? (bin.costPerKg === null ? null : bin.costPerKg / 1000) : bin.costEach;
}

/**
 * Whether a price is to be asked about: a hundred times what things alike cost on this shelf or, where none was priced,
 * more than any of them costs. Null where it looks like a price.
 *
 * @example oddPrice(0.7, leader, bins) // { usual: 0.0012, times: 583 }
 */
export function oddPrice(unitCost: number, bin: NewBin, bins: readonly Bin[]): OddPrice | null {
  const alike = bins.flatMap((each) => {
    const cost = priceOf(each);
    const isAlike = each.unit === bin.unit && groupOf(each) === groupOf(bin);
    return isAlike && cost !== null && cost > 0 ? [cost] : [];
  });
  if (alike.length === 0) {
    const dearest = DEAREST[bin.unit];
    return unitCost > dearest ? { usual: dearest, times: unitCost / dearest } : null;
  }
  const usual = median(alike);
  return unitCost >= usual * ODD_TIMES ? { usual, times: unitCost / usual } : null;
}
