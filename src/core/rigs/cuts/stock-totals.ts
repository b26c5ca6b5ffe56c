import { RELATIVE_SLACK } from '../../numeric/relative-slack';
import { commonDivisor } from './cut-grid';

/** What whole stock can add up to. */
export interface StockTotals {
  /** The least total from a length on, mm; the length itself where lengths have no common measure. */
  readonly nextFrom: (leastMm: number) => number;
  /** How many of each stock add up to a total, near to what is wished; null where none does. */
  readonly sharesOf: (
    totalMm: number,
    wished: readonly number[],
    random: () => number,
  ) => readonly number[] | null;
}

const MOST_CELLS = 4_000_000;
const DECIMALS = [1, 10, 100, 1000] as const;
/** How far from what is wished another share lies, at most of tries. */
const STRAY = 0.45;

/**
 * The totals that whole lengths of stock reach, up to `mostMm`: opened stock cannot lie between two of them. `counts` null
 * for as many as it takes.
 *
 * @example stockTotals([300, 500], [1, null], 5000).nextFrom(900) // 1000
 */
export function stockTotals(
  lengthsMm: readonly number[],
  counts: readonly (number | null)[],
  mostMm: number,
): StockTotals {
  const scale = DECIMALS.find((each) =>
    lengthsMm.every((mm) => Math.abs(mm * each - Math.round(mm * each)) < 1e-6),
  );
  const whole = lengthsMm.map((mm) => Math.round(mm * (scale ?? 1)));
  const step = whole.reduce(commonDivisor, 0);
  const sizes = whole.map((size) => size / step);
  const cellMm = step / (scale ?? 1);
  const most = Math.ceil(mostMm / cellMm) + Math.max(...sizes);
  if (scale === undefined || most * lengthsMm.length > MOST_CELLS) {
    return { nextFrom: (leastMm) => leastMm, sharesOf: () => null };
  }
  // What the stocks from one on reach; the last row is nothing at all.
  const reach: Uint8Array[] = [];
  let later = new Uint8Array(most + 1);
  later[0] = 1;
  reach[sizes.length] = later;
  for (let stock = sizes.length - 1; stock >= 0; stock -= 1) {
    later = reachedWith(later, sizes[stock] ?? 1, counts[stock] ?? Infinity);
    reach[stock] = later;
  }
  return {
    nextFrom: (leastMm) => {
      const least = Math.max(0, Math.ceil((leastMm / cellMm) * (1 - RELATIVE_SLACK)));
      for (let total = least; total <= most; total += 1) if (reach[0]?.[total]) return total * cellMm;
      return leastMm;
    },
    sharesOf: (totalMm, wished, random) => {
      let left = Math.round(totalMm / cellMm);
      if (!reach[0]?.[left]) return null;
      return sizes.map((size, stock) => {
        const rest = reach[stock + 1];
        const limit = Math.min(counts[stock] ?? Infinity, Math.floor(left / size));
        const can = Array.from({ length: limit + 1 }, (_, count) => count)
          .filter((count) => rest?.[left - count * size])
          .sort((a, b) => Math.abs(a - (wished[stock] ?? 0)) - Math.abs(b - (wished[stock] ?? 0)));
        let pick = 0;
        while (pick < can.length - 1 && random() < STRAY) pick += 1;
        const count = can[pick] ?? 0;
        left -= count * size;
        return count;
      });
    },
  };
}

function reachedWith(later: Uint8Array, size: number, limit: number): Uint8Array<ArrayBuffer> {
  const here = Uint8Array.from(later);
  const uses = new Int32Array(later.length);
  for (let total = size; total < here.length; total += 1) {
    const before = uses[total - size] ?? 0;
    if (here[total] || !here[total - size] || before >= limit) continue;
    here[total] = 1;
    uses[total] = before + 1;
  }
  return here;
}
