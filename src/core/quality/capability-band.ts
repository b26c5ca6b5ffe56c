import { normalZ } from '../numeric/normal-z';

/** From fewer castings than this a process capability is noise. */
const LEAST_CASTINGS = 10;
const CONFIDENCE = 0.9;

/** A process capability, and between what it lies nine times in ten. */
export interface Capability {
  readonly cpk: number;
  readonly low: number;
  readonly high: number;
}

/**
 * How far a process capability found from so many castings is to be believed; null under ten, and where nothing spread.
 *
 * Source: Bissell 1990, the normal approximation: cpk +/- z sqrt(1/(9n) + cpk^2/(2(n - 1))).
 *
 * @example capabilityBand(1.33, 30) // { cpk: 1.33, low: 1.03, high: 1.63 }
 */
export function capabilityBand(cpk: number | null, castings: number): Capability | null {
  if (cpk === null || castings < LEAST_CASTINGS) return null;
  const off = normalZ(CONFIDENCE) * Math.sqrt(1 / (9 * castings) + cpk ** 2 / (2 * (castings - 1)));
  return { cpk, low: cpk - off, high: cpk + off };
}
