import { powderUsage } from './powder-usage';

export interface UsedPowder {
  readonly id: string;
  readonly densityGcm3: number;
  readonly filmUm: number;
  readonly utilization: number;
}

/** A layer of a recipe: a powder over part of the head. */
export interface CoatLayer {
  readonly powder: UsedPowder;
  /** Of the head's skin, over 0 to 1. */
  readonly coverShare: number;
}

/**
 * What a recipe takes of each powder for some heads, g by powder. A powder in two layers is summed.
 *
 * @example coatUse([{ powder, coverShare: 1 }], 5, 20).get(powder.id) // as powderUsage of 5 cm2 and 20 heads
 */
export function coatUse(layers: readonly CoatLayer[], areaCm2: number, count: number): Map<string, number> {
  const use = new Map<string, number>();
  for (const { powder, coverShare } of layers) {
    const { totalG } = powderUsage({ ...powder, areaCm2: areaCm2 * coverShare, count });
    use.set(powder.id, (use.get(powder.id) ?? 0) + totalG);
  }
  return use;
}
