/** How a density came about. */
type Basis = 'weighed' | 'reference' | 'guess';

export interface BandFacts {
  /** Metal of the predicted casting, g. */
  readonly metalG: number;
  readonly densityBasis: Basis;
  /** The hook's mass and how it is known; null for a bare casting. */
  readonly hook: { readonly massG: number; readonly massBasis: Basis } | null;
}

/** How far a density, a volume or a hook's mass lies off in 19 of 20 cases, as a share, where nobody weighed twice. */
const DENSITY_OFF: Readonly<Record<Basis, number>> = { weighed: 0.003, reference: 0.01, guess: 0.04 };
const VOLUME_OFF = 0.06;
const Z95 = 1.959964;
const HOOK_OFF: Readonly<Record<Basis, number>> = { weighed: 0.01, reference: 0.05, guess: 0.15 };

/**
 * How far a metal's density lies off, one standard deviation as a share, by how it is known.
 *
 * @example densityShareSd('weighed') // 0.0015
 */
export const densityShareSd = (basis: Basis): number => DENSITY_OFF[basis] / Z95;

/**
 * How far a hook's mass lies off, one standard deviation, g, by how it is known.
 *
 * @example hookSdG({ massG: 1, massBasis: 'reference' }) // 0.0255
 */
export const hookSdG = (hook: BandFacts['hook']): number =>
  hook ? (hook.massG * HOOK_OFF[hook.massBasis]) / Z95 : 0;

/**
 * How far a casting may lie from its predicted weight in 19 of 20 cases, g to either side, where its cavity was not weighed
 * twice: its volume is a guess, the metal's density and the hook's mass by how they are known, as squares.
 *
 * @example guessedBand({ metalG: 10, densityBasis: 'weighed', hook: null }) // 0.6007...: 10 x hypot(0.06, 0.003)
 */
export function guessedBand({ metalG, densityBasis, hook }: BandFacts): number {
  const metalOffG = metalG * Math.hypot(VOLUME_OFF, DENSITY_OFF[densityBasis]);
  return Math.hypot(metalOffG, hook ? hook.massG * HOOK_OFF[hook.massBasis] : 0);
}
