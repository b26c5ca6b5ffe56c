/**
 * What makers commonly put behind a head of a weight: from the shorter trailer, for cold or clear water, to the longer one,
 * for bulk. Weights in g, lengths in mm.
 *
 * Source: common practice, by the trailers that are sold for heads of 1/8 to 1 oz.
 */
const COMMON: readonly (readonly [headG: number, fromMm: number, toMm: number])[] = [
  [3.5, 45, 64],
  [7, 57, 76],
  [10.6, 70, 89],
  [14, 76, 102],
  [21, 89, 114],
  [28, 95, 127],
];

/** As the table runs between two of its rows. */
function between(headG: number, of: 1 | 2): number {
  const above = COMMON.findIndex(([g]) => g >= headG);
  const last = COMMON.at(-1);
  const [high, low] = [above < 0 ? last : COMMON[above], above < 0 ? last : COMMON[Math.max(0, above - 1)]];
  if (!high || !low) return 0;
  const span = high[0] - low[0];
  return span === 0 ? high[of] : low[of] + ((high[of] - low[of]) * (headG - low[0])) / span;
}

export interface TrailerSuits {
  readonly fromMm: number;
  readonly toMm: number;
  /** Whether a trailer so long is shorter, longer, or as is common; null where its length is not known. */
  readonly is: 'short' | 'common' | 'long' | null;
}

/**
 * How long a trailer commonly is behind a head of a weight, and how one compares. A rule of thumb: how it swims decides.
 *
 * @param headG The head, g; over the table's ends its last row stands.
 * @param trailerMm The trailer as it is put on, mm; null where nobody measured it.
 * @example trailerSuits(10.6, 76) // { fromMm: 70, toMm: 89, is: 'common' }
 */
export function trailerSuits(headG: number, trailerMm: number | null): TrailerSuits {
  const [fromMm, toMm] = [between(headG, 1), between(headG, 2)];
  if (trailerMm === null) return { fromMm, toMm, is: null };
  return { fromMm, toMm, is: trailerMm < fromMm ? 'short' : trailerMm > toMm ? 'long' : 'common' };
}
