/** A stretch of pours that fill the same cavities. */
export interface PourStretch {
  readonly from: number;
  readonly to: number;
  readonly cavities: readonly number[];
}

/**
 * Gathers pours that fill the same cavities into stretches, numbered from `first`.
 *
 * @example stretches([[0, 1], [0, 1], [0]]) // 1 to 2 fill [0, 1]; 3 to 3 fills [0]
 */
export function stretches(pours: readonly (readonly number[])[], first = 1): PourStretch[] {
  const found: PourStretch[] = [];
  for (const [index, cavities] of pours.entries()) {
    const last = found.at(-1);
    if (last && last.cavities.join() === cavities.join()) {
      found[found.length - 1] = { ...last, to: first + index };
    } else {
      found.push({ from: first + index, to: first + index, cavities });
    }
  }
  return found;
}
