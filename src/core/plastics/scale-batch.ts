import { forgivingCeil } from '../numeric/forgiving-ceil';
import { sum } from '../numeric/sum';

/** Baits to be shot from one mold. */
export interface PlasticShot {
  readonly name: string;
  readonly pieceCm3: number;
  readonly count: number;
  /** Filled by one shot, with one runner. */
  readonly cavities: number;
  readonly runnerCm3: number;
}

export interface Additive {
  readonly name: string;
  readonly amount: number;
  readonly unit: string;
}

export interface PlasticRecipe {
  /** The plastic that the additives were counted into. */
  readonly baseCm3: number;
  readonly additives: readonly Additive[];
}

export interface PlasticBatch {
  readonly plasticCm3: number;
  readonly additives: readonly Additive[];
}

/**
 * How much plastic a batch takes, and its color and flake in the recipe's own proportions. Volumes in cm3; `lossShare`
 * 0..1, under 1: what stays in cup and injector; `splitShare` 0..1: this color's part of a laminate.
 *
 * Source: plastic = split x sum(piece x count + runner x shots) / (1 - loss); additives in proportion to the base.
 *
 * @example
 * scaleBatch([{ name: 'grub', pieceCm3: 3, count: 20, cavities: 4, runnerCm3: 2 }], 0.1,
 *   { baseCm3: 100, additives: [{ name: 'green', amount: 12, unit: 'drops' }] })
 * // 70 / 0.9: { plasticCm3: 77.8, additives: [{ name: 'green', amount: 9.33, unit: 'drops' }] }
 */
export function scaleBatch(
  shots: readonly PlasticShot[],
  lossShare: number,
  { baseCm3, additives }: PlasticRecipe,
  splitShare = 1,
): PlasticBatch {
  const shotCm3 = sum(
    shots.map(
      ({ pieceCm3, count, cavities, runnerCm3 }) =>
        pieceCm3 * count + runnerCm3 * forgivingCeil(count / cavities),
    ),
  );
  const plasticCm3 = (splitShare * shotCm3) / (1 - lossShare);
  return {
    plasticCm3,
    additives: additives.map(({ name, amount, unit }) => ({
      name,
      amount: amount * (plasticCm3 / baseCm3),
      unit,
    })),
  };
}
