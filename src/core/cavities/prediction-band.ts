/** How a density came about. */
type Basis = 'weighed' | 'reference' | 'guess';

export interface BandFacts {
  /** Metal of the predicted casting, g. */
  readonly metalG: number;
  readonly cavityVolumeCm3: number;
  /** Null where the cavity was not weighed twice. */
  readonly standardErrorCm3: number | null;
  /** Weighings that the standard error comes from. */
  readonly samples: number;
  readonly densityBasis: Basis;
  /** The hook's mass and how it is known; null for a bare casting. */
  readonly hook: { readonly massG: number; readonly massBasis: Basis } | null;
}

/** Two-sided 95 % of Student's t by degrees of freedom, from 1. */
const T95 = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228];
const T95_MANY = 2;

/** How far a density, a volume or a hook's mass lies off in 19 of 20 cases, as a share, where nobody weighed twice. */
const DENSITY_OFF: Readonly<Record<Basis, number>> = { weighed: 0.003, reference: 0.01, guess: 0.04 };
const VOLUME_OFF = 0.06;
const HOOK_OFF: Readonly<Record<Basis, number>> = { weighed: 0.01, reference: 0.05, guess: 0.15 };

/**
 * How far a casting may lie from its predicted weight in 19 of 20 cases, g to either side: the cavity's error by
 * Student's t for its few weighings, the metal's density and the hook's mass by how they are known, as squares.
 *
 * @example
 * predictionBand({ metalG: 10, cavityVolumeCm3: 1, standardErrorCm3: 0.002, samples: 5, densityBasis: 'weighed', hook: null })
 * // 0.0631...: 10 x hypot(2.776 x 0.002, 0.003)
 */
export function predictionBand(facts: BandFacts): number {
  const { metalG, cavityVolumeCm3, standardErrorCm3, samples, densityBasis, hook } = facts;
  const t = samples >= 2 ? (T95[samples - 2] ?? T95_MANY) : T95_MANY;
  const volumeOff = standardErrorCm3 === null ? VOLUME_OFF : (t * standardErrorCm3) / cavityVolumeCm3;
  const metalOffG = metalG * Math.hypot(volumeOff, DENSITY_OFF[densityBasis]);
  return Math.hypot(metalOffG, hook ? hook.massG * HOOK_OFF[hook.massBasis] : 0);
}
