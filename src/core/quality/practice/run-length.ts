/** A metal as it runs: what its elements make of it. */
export interface RunningMetal {
  readonly densityGcm3: number;
  readonly specificHeatJkgK: number;
  readonly latentJkg: number;
  readonly liquidusC: number;
}

export interface Pouring {
  readonly potC: number;
  readonly moldC: number;
  /** How fast the metal runs in the cavity, m/s. */
  readonly speedMs: number;
  /** The thinnest part that must fill, its volume over its area, mm. */
  readonly thinModulusMm: number;
}

/** From metal to mold, W/(m2 K): a smoked aluminum block, about (guess in the middle of what is measured). */
const CONTACT_WM2K = 2200;
/** The share of the latent heat that is out when a stream of alloy stops (Flemings: 0.2 to 0.5). */
const STOPPED_SHARE = 0.3;

/**
 * How far metal runs in a thin part before it stops, in mm: the fluidity length, rho v M (c dT + k L) / (h (Tm -
 * Tmold)). Metal under its liquidus does not run; a mold as hot as the metal stops nothing (Infinity).
 *
 * Source: M. C. Flemings, Solidification Processing (1974), on fluidity, in terms of the modulus.
 *
 * @example runLength(lead, { potC: 400, moldC: 120, speedMs: 0.25, thinModulusMm: 0.5 }) // 48 mm, about
 */
export function runLength(metal: RunningMetal, pouring: Pouring): number {
  const { potC, moldC, speedMs, thinModulusMm } = pouring;
  const superheatK = potC - metal.liquidusC;
  if (superheatK < 0) return 0;
  if (moldC >= metal.liquidusC) return Infinity;
  const heatJkg = metal.specificHeatJkgK * superheatK + STOPPED_SHARE * metal.latentJkg;
  const meters =
    (metal.densityGcm3 * 1000 * speedMs * (thinModulusMm / 1000) * heatJkg) /
    (CONTACT_WM2K * (metal.liquidusC - moldC));
  return meters * 1000;
}
