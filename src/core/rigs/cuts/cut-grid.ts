/** Lengths as whole cells, the blade's share counted to each piece and once to the stock. */
export interface CutGrid {
  /** Cells that a piece takes, by piece. */
  readonly sizes: readonly number[];
  /** Cells that a stock offers, by stock. */
  readonly rooms: readonly number[];
  /** Whether cells say just what the millimeters say; else pieces are rounded up and stock down. */
  readonly isExact: boolean;
}

/** Of one stock, and of all pieces together: for each of them a number a cell is kept. */
const MOST_CELLS = 600_000;
const MOST_KEPT = 60_000_000;
const SAME = 1e-6;
const DECIMALS = [1, 10, 100, 1000] as const;

/**
 * The coarsest grid on which every piece is a whole number of cells, so that lengths can be counted instead of measured.
 * A pattern fits where its cells do: sum(length + kerf) <= stock + kerf. Lengths in mm.
 *
 * @example cutGrid([1000], [150, 250], 0).sizes // [3, 5]
 */
export function cutGrid(stockMm: readonly number[], piecesMm: readonly number[], kerfMm: number): CutGrid {
  const mostCells = Math.min(MOST_CELLS, Math.floor(MOST_KEPT / Math.max(1, piecesMm.length)));
  const takes = piecesMm.map((mm) => mm + kerfMm);
  const rooms = stockMm.map((mm) => mm + kerfMm);
  const fine = DECIMALS.find((scale) => takes.every((mm) => isWhole(mm * scale)));
  if (fine !== undefined) {
    const cells = takes.map((mm) => Math.round(mm * fine));
    const step = cells.reduce(commonDivisor, 0);
    const most = Math.max(...rooms) * (fine / step);
    if (most <= mostCells) {
      return {
        sizes: cells.map((size) => size / step),
        rooms: rooms.map((mm) => Math.floor((mm * fine) / step + SAME)),
        isExact: true,
      };
    }
  }
  const cellMm = Math.max(...rooms) / mostCells;
  return {
    sizes: takes.map((mm) => Math.ceil(mm / cellMm - SAME)),
    rooms: rooms.map((mm) => Math.floor(mm / cellMm + SAME)),
    isExact: false,
  };
}

function isWhole(value: number): boolean {
  return Math.abs(value - Math.round(value)) < SAME;
}

/** The largest whole number that divides both. */
export function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
