import type { CutCounts } from './cut-facts';

/** Asked for one stock: the most that its cells can be worth, and the pieces that are worth it. */
export interface BestCuts {
  readonly worthAt: (room: number) => number;
  readonly cutsAt: (room: number) => CutCounts;
}

const NOTHING = 1e-12;

/**
 * What every length of stock is worth at best when each piece has a worth: a bounded knapsack by dynamic programming, all
 * rooms up to `mostRoom` in one go. `sizes` are cells a piece, `mosts` how many of it can be used.
 *
 * Source: Martello and Toth, Knapsack Problems, 1990, bounded knapsack with a sliding maximum for each remainder.
 *
 * @example bestCuts([3, 5], [3, 6], [9, 1], 11).cutsAt(11) // [2, 1]: worth 12
 */
export function bestCuts(
  sizes: readonly number[],
  worths: readonly number[],
  mosts: readonly number[],
  mostRoom: number,
): BestCuts {
  let best = new Float64Array(mostRoom + 1);
  const picked = sizes.map(() => new Uint16Array(mostRoom + 1));
  sizes.forEach((size, piece) => {
    const worth = worths[piece] ?? 0;
    const most = Math.min(mosts[piece] ?? 0, Math.floor(mostRoom / size), 65_535);
    const counts = picked[piece];
    if (!counts || worth <= NOTHING || most === 0) return;
    const next = new Float64Array(mostRoom + 1);
    // For each remainder, the best of the last `most` places, each less what its pieces are worth there.
    const places = new Int32Array(Math.floor(mostRoom / size) + 2);
    for (let rest = 0; rest < Math.min(size, mostRoom + 1); rest += 1) {
      let [head, tail] = [0, 0];
      for (let nth = 0, room = rest; room <= mostRoom; nth += 1, room += size) {
        const here = (best[room] ?? 0) - nth * worth;
        while (tail > head && valueOf(best, places[tail - 1] ?? 0, rest, size, worth) <= here) tail -= 1;
        places[tail] = nth;
        tail += 1;
        if ((places[head] ?? 0) < nth - most) head += 1;
        const from = places[head] ?? 0;
        next[room] = valueOf(best, from, rest, size, worth) + nth * worth;
        counts[room] = nth - from;
      }
    }
    best = next;
  });
  return {
    worthAt: (room) => best[Math.min(room, mostRoom)] ?? 0,
    cutsAt: (room) => {
      const counts = sizes.map(() => 0);
      let left = Math.min(room, mostRoom);
      for (let piece = sizes.length - 1; piece >= 0; piece -= 1) {
        const count = picked[piece]?.[left] ?? 0;
        counts[piece] = count;
        left -= count * (sizes[piece] ?? 0);
      }
      return counts;
    },
  };
}

function valueOf(best: Float64Array, nth: number, rest: number, size: number, worth: number): number {
  return (best[rest + nth * size] ?? 0) - nth * worth;
}
