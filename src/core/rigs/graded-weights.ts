import { cordLength, shotFor } from './kinds/shot-cord';

export interface GradedQuestion {
  readonly targetsG: readonly number[];
  readonly shotG: number;
  readonly shotMm: number;
  readonly sealMm: number;
  /** What hangs on each besides, g. */
  readonly besideG: number;
}

export interface GradedWeight {
  readonly targetG: number;
  readonly shots: number;
  readonly massG: number;
  /** Between its outer ends, mm. */
  readonly cordMm: number;
}

/**
 * A set of weights in cord, lightest first: so many shot for each, what it comes to, how long its cord is.
 *
 * @example gradedWeights({ targetsG: [20], shotG: 1.26, shotMm: 6, sealMm: 8, besideG: 0.2 })
 * // [{ targetG: 20, shots: 16, massG: 20.36, cordMm: 112 }]
 */
export function gradedWeights({ targetsG, shotG, shotMm, sealMm, besideG }: GradedQuestion): GradedWeight[] {
  return [...targetsG]
    .sort((a, b) => a - b)
    .map((targetG) => {
      const shots = shotFor(targetG, shotG, besideG);
      return { targetG, shots, massG: shots * shotG + besideG, cordMm: cordLength(shots, shotMm, sealMm) };
    });
}

/** Where a weight in cord usually holds, by how the water runs. */
export interface UsualWater {
  readonly bank: string;
  readonly boat: string;
}

/** Up to a weight, g; typical: the maker's own notes go before it. Source: practice. */
const USUAL_WATER: readonly (readonly [upToG: number, UsualWater])[] = [
  [12, { bank: 'still water', boat: 'still water, drifting' }],
  [22, { bank: 'slow run, near edge', boat: 'slow drift to 4 m' }],
  [35, { bank: 'steady run', boat: 'drift to 8 m' }],
  [55, { bank: 'strong run', boat: 'tide, drift to 14 m' }],
  [Infinity, { bank: 'flood, surf', boat: 'strong tide, deep' }],
];

/**
 * The water in which a weight is usually tried first.
 *
 * @example usualWater(30).bank // 'steady run'
 */
export function usualWater(massG: number): UsualWater {
  const found = USUAL_WATER.find(([upToG]) => massG <= upToG);
  if (!found) throw new RangeError('usualWater requires a weight');
  return found[1];
}
