import { projectedCm2 } from '@/core/cavities/projected-area';
import { sum } from '@/core/numeric/sum';
import { spinForce } from '@/core/pours/spin-force';
import { GRAVITY } from '@/core/units/gravity';
import type { Mold } from '@/records/mold';

export type DiscMeasure = 'reachMm' | 'poolMm' | 'pistonMm';

/** What a disc is pressed with, and what the metal in it presses back with. */
export type DiscForce =
  | { readonly is: 'unmeasured'; readonly lacks: readonly DiscMeasure[] }
  /** The cavities are said to lie within the pool. */
  | { readonly is: 'inside-pool' }
  | {
      readonly is: 'known';
      readonly partingKgf: number;
      readonly clampKgf: number;
      readonly holds: boolean;
      /** Up to here the clamp bears it. */
      readonly mostRpm: number;
      readonly pressureKpa: number;
      readonly projectedCm2: number;
    };

const PASCAL_PER_BAR = 100_000;

/**
 * Whether a spun disc is held together at its speed, in a metal of this density, with every cavity full and as far out as
 * the outermost: the safe side. Null for what is no disc.
 *
 * @example discForce(disc, 11.1) // { is: 'known', holds: true, ... }
 */
export function discForce(
  { spin, cavities }: Pick<Mold, 'spin' | 'cavities'>,
  densityGcm3: number,
): DiscForce | null {
  if (!spin) return null;
  const { reachMm, poolMm, pistonMm, rpm, clampBar } = spin;
  if (reachMm === undefined || poolMm === undefined || pistonMm === undefined) {
    const lacks = (['reachMm', 'poolMm', 'pistonMm'] as const).filter((each) => spin[each] === undefined);
    return { is: 'unmeasured', lacks };
  }
  const shownCm2 = sum(cavities.map((cavity) => projectedCm2(cavity) ?? 0));
  const clampKgf = (clampBar * PASCAL_PER_BAR * Math.PI * (pistonMm / 2000) ** 2) / GRAVITY;
  const found = spinForce({
    densityGcm3,
    rpm,
    poolRadiusMm: poolMm,
    cavities: [{ radiusMm: reachMm, projectedCm2: shownCm2, count: 1 }],
    clampKgf,
  });
  if (!found.ok) return { is: 'inside-pool' };
  const { partingKgf, holds } = found.value;
  return {
    is: 'known',
    partingKgf,
    clampKgf,
    holds,
    mostRpm: partingKgf > 0 ? rpm * Math.sqrt(clampKgf / partingKgf) : Infinity,
    pressureKpa: found.value.cavities[0]?.pressureKpa ?? 0,
    projectedCm2: shownCm2,
  };
}
