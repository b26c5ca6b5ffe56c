import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { sum } from '../numeric/sum';
import { GRAVITY } from '../units/gravity';
import { done, fail, type Outcome } from '../problems/problem';

/** Cavities of a disc alike: how far out they reach, what they show to the parting plane. */
export interface SpunCavity {
  /** From the axis to the cavity's outermost point, mm. */
  readonly radiusMm: number;
  readonly projectedCm2: number;
  readonly count: number;
}

export interface SpinQuestion {
  readonly densityGcm3: number;
  readonly rpm: number;
  /** Where the pool of metal in the middle ends, mm. */
  readonly poolRadiusMm: number;
  readonly cavities: readonly SpunCavity[];
  /** How hard the disc is held together. */
  readonly clampKgf: number;
}

export interface SpinForce {
  readonly cavities: readonly { readonly pressureKpa: number }[];
  /** How hard the metal pushes the halves apart. */
  readonly partingKgf: number;
  /** The clamp is as strong; else it flashes. */
  readonly holds: boolean;
}

/**
 * How hard the metal in a spun disc presses, and whether the clamp bears it: p = rho omega^2 (r^2 - r0^2)/2 at the
 * cavity's outermost, taken over all that it shows to the parting plane: the safe side.
 *
 * Problem: `spin.inside-pool` where a cavity lies within the pool.
 *
 * Source: hydrostatics of a liquid turning as a body.
 *
 * @example spinForce({ densityGcm3: 11, rpm: 600, poolRadiusMm: 20, cavities: [{ radiusMm: 80, projectedCm2: 2, count: 10 }], clampKgf: 50 })
 * // partingKgf: 266, holds: false
 */
export function spinForce({
  densityGcm3,
  rpm,
  poolRadiusMm,
  cavities,
  clampKgf,
}: SpinQuestion): Outcome<SpinForce> {
  const inside = cavities.findIndex(({ radiusMm }) => radiusMm < poolRadiusMm);
  const within = cavities[inside];
  if (within) {
    return fail('spin.inside-pool', { radiusMm: within.radiusMm, poolRadiusMm }, [
      'cavities',
      inside,
      'radiusMm',
    ]);
  }
  const omega = (2 * Math.PI * rpm) / 60;
  const pressures = cavities.map(
    ({ radiusMm }) =>
      (densityGcm3 * 1000 * omega ** 2 * ((radiusMm / 1000) ** 2 - (poolRadiusMm / 1000) ** 2)) / 2,
  );
  const newtons = sum(
    cavities.map(({ projectedCm2, count }, at) => ((pressures[at] ?? 0) * projectedCm2 * count) / 10_000),
  );
  const partingKgf = newtons / GRAVITY;
  return done({
    cavities: pressures.map((pascal) => ({ pressureKpa: pascal / 1000 })),
    partingKgf,
    holds: partingKgf <= clampKgf * (1 + RELATIVE_SLACK),
  });
}
