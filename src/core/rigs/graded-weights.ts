import { cordLength, shotFor } from './kinds/shot-cord';

/** What a set in cord is made of: its shot, its seals, what hangs on each besides. */
export interface GradedOf {
  readonly shotG: number;
  readonly shotMm: number;
  readonly sealMm: number;
  /** What hangs on each besides, g. */
  readonly besideG: number;
}

export interface GradedWeight {
  /** What was asked for, g; of a count of shot what it comes to. */
  readonly targetG: number;
  readonly shots: number;
  readonly massG: number;
  /** Between its outer ends, mm. */
  readonly cordMm: number;
}

/**
 * A set of weights in cord, lightest first: so many shot for each, what it comes to, how long its cord is.
 *
 * @example gradedWeights([20], { shotG: 1.26, shotMm: 6, sealMm: 8, besideG: 0.2 })
 * // [{ targetG: 20, shots: 16, massG: 20.36, cordMm: 112 }]
 */
export function gradedWeights(targetsG: readonly number[], of: GradedOf): GradedWeight[] {
  return [...targetsG]
    .sort((a, b) => a - b)
    .map((targetG) => ({ ...ofShot(shotFor(targetG, of.shotG, of.besideG), of), targetG }));
}

/**
 * A set by so many shot in each, fewest first: what each weighs, and how long its cord is.
 *
 * @example gradedCounts([5, 6], { shotG: 4, shotMm: 9, sealMm: 8, besideG: 1 })[0] // 21 g in 61 mm of cord
 */
export function gradedCounts(counts: readonly number[], of: GradedOf): GradedWeight[] {
  return [...counts].sort((a, b) => a - b).map((shots) => ofShot(shots, of));
}

function ofShot(shots: number, { shotG, shotMm, sealMm, besideG }: GradedOf): GradedWeight {
  const massG = shots * shotG + besideG;
  return { targetG: massG, shots, massG, cordMm: cordLength(shots, shotMm, sealMm) };
}
