/** Pieces of tab alike: how much of a whole tab each is (1 for a whole one), and how many. */
export interface TabPieces {
  readonly share: number;
  readonly count: number;
}

export interface TabPull {
  /** What is taken off the shelf, largest pieces first. */
  readonly pulled: readonly TabPieces[];
  /** What of it is left once all is cut. */
  readonly left: readonly TabPieces[];
  /** Whole tabs that are missing. */
  readonly shortTabs: number;
}

/** Pieces nearer to each other than this are one size. */
const SAME = 1e-6;

/**
 * Cuts tabs for a run: each skirt takes its cuts, and what was cut before and lies loose is used first - a piece that
 * fits, else the smallest that is larger, else several together - before a whole tab is opened. Opens no more whole tabs
 * than must be.
 *
 * @example pullTabs([0.5], 3, [{ share: 1, count: 9 }, { share: 0.5, count: 1 }])
 * // pulled: 1 whole, 1 half; left: none
 */
export function pullTabs(cuts: readonly number[], skirts: number, shelf: readonly TabPieces[]): TabPull {
  const loose = shelf.filter(({ share }) => share < 1 - SAME).flatMap(unfold);
  let wholes = shelf.filter(({ share }) => share >= 1 - SAME).reduce((so, { count }) => so + count, 0);
  const onShelf = new Set(loose);
  const pulled: number[] = [];
  let shortTabs = 0;
  const open = (): number => {
    if (wholes > 0) {
      wholes -= 1;
      pulled.push(1);
    } else shortTabs += 1;
    return 1;
  };
  const take = (piece: Loose) => {
    loose.splice(loose.indexOf(piece), 1);
    if (onShelf.has(piece)) pulled.push(piece.share);
  };
  const wanted = Array.from({ length: skirts }, () => cuts.flatMap(wholesAndRest)).flat();
  for (const cut of wanted.sort((a, b) => b - a)) {
    let missing = cut;
    const fits = [...loose]
      .filter(({ share }) => share >= missing - SAME)
      .sort((a, b) => a.share - b.share)[0];
    const together = loose.reduce((so, { share }) => so + share, 0);
    if (!fits && together >= missing - SAME) {
      for (const piece of [...loose].sort((a, b) => b.share - a.share)) {
        if (piece.share > missing + SAME) continue;
        take(piece);
        missing -= piece.share;
        if (missing <= SAME) break;
      }
    }
    if (missing <= SAME) continue;
    const piece =
      [...loose].filter(({ share }) => share >= missing - SAME).sort((a, b) => a.share - b.share)[0] ?? null;
    if (piece) take(piece);
    const rest = (piece ? piece.share : open()) - missing;
    if (rest > SAME) loose.push({ share: rest });
  }
  return {
    pulled: gather(pulled),
    left: gather(loose.filter((piece) => !onShelf.has(piece)).map(({ share }) => share)),
    shortTabs,
  };
}

interface Loose {
  readonly share: number;
}

function unfold({ share, count }: TabPieces): Loose[] {
  return Array.from({ length: count }, () => ({ share }));
}

/** Two and a half tabs are two whole ones and a half. */
function wholesAndRest(tabs: number): number[] {
  const whole = Math.floor(tabs + SAME);
  const rest = tabs - whole;
  return [...Array.from({ length: whole }, () => 1), ...(rest > SAME ? [rest] : [])];
}

/**
 * Pieces alike put together, largest first.
 *
 * @example gather([0.5, 1, 0.5]) // [{ share: 1, count: 1 }, { share: 0.5, count: 2 }]
 */
export function gather(shares: readonly number[]): TabPieces[] {
  const counts = new Map<number, number>();
  for (const share of shares) {
    const rounded = Math.round(share / SAME) * SAME;
    const size = Number(rounded.toFixed(6));
    counts.set(size, (counts.get(size) ?? 0) + 1);
  }
  return [...counts].map(([share, count]) => ({ share, count })).sort((a, b) => b.share - a.share);
}
