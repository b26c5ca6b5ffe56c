import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import type { CutPiece, CutStock } from '../../src/core/rigs/cuts/cut-facts';

export interface BigCut {
  readonly stock: readonly CutStock[];
  readonly pieces: readonly CutPiece[];
  readonly kerfMm: number;
}

const LENGTHS = 12;
const PIECES = 200;
const SHORTEST_MM = 45;
const LONGEST_MM = 620;

/** Two hundred pieces of twelve lengths from five stocks, the same for the same start. */
export function bigCut(start: number): BigCut {
  const random = repeatableRandom(start);
  const lengths = new Set<number>();
  while (lengths.size < LENGTHS) {
    lengths.add(SHORTEST_MM + Math.floor(random() * (LONGEST_MM - SHORTEST_MM)));
  }
  const counts = Array.from({ length: LENGTHS }, () => 1);
  for (let left = PIECES - LENGTHS; left > 0; left -= 1) {
    const at = Math.floor(random() * LENGTHS);
    counts[at] = (counts[at] ?? 0) + 1;
  }
  const odd = (least: number, most: number) => least + Math.floor(random() * (most - least));
  return {
    stock: [
      { id: 'roll', lengthMm: 5000, count: null },
      { id: 'stick', lengthMm: 1000, count: 6 },
      { id: 'roll end', lengthMm: odd(2000, 4000), count: 1 },
      { id: 'offcut', lengthMm: odd(640, 900), count: 3 },
      { id: 'short offcut', lengthMm: odd(400, 620), count: 1 },
    ],
    pieces: [...lengths].map((lengthMm, nth) => ({
      id: `piece ${nth + 1}`,
      lengthMm,
      count: counts[nth] ?? 0,
    })),
    kerfMm: 1,
  };
}
