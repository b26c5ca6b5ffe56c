import type { MoldThermal, PouredThermal } from '../../freezing/casting';
import { chokeS } from '../../freezing/choke-time';

/** A metal as it runs, and the mold it runs in. */
export interface RunningMetal {
  readonly metal: PouredThermal;
  readonly mold: MoldThermal;
}

export interface Pouring {
  readonly potC: number;
  readonly moldC: number;
  /** How fast the metal runs in the cavity, m/s. */
  readonly speedMs: number;
  /** The thinnest part that must fill, its volume over its area, mm. */
  readonly thinModulusMm: number;
}

/**
 * How far metal runs in a thin part before it stops, in mm: as far as its speed carries it while it can flow. Metal under its
 * liquidus does not run; a mold as hot as the metal stops nothing (Infinity).
 *
 * Source: M. C. Flemings, Solidification Processing (1974), on fluidity; see `chokeS`.
 *
 * @example runLength({ metal: lead, mold: aluminum }, { potC: 400, moldC: 120, speedMs: 0.25, thinModulusMm: 0.5 }) // 48 mm, about
 */
export function runLength({ metal, mold }: RunningMetal, pouring: Pouring): number {
  const { potC, moldC, speedMs, thinModulusMm } = pouring;
  if (potC < metal.melting.liquidusC) return 0;
  return speedMs * 1000 * chokeS({ metal, mold, pouredC: potC, blockC: moldC }, thinModulusMm);
}
