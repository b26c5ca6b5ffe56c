import { done, fail, type Outcome } from '../problems/problem';
import { timeConstantS, type LumpedPiece } from './lumped';

export interface HeatTimeInput extends LumpedPiece {
  readonly sourceC: number;
  readonly startC: number;
  readonly targetC: number;
  /** Through the thickest part; null where nobody measured it. */
  readonly thicknessMm?: number | null;
  readonly conductivityWmK?: number;
}

export interface HeatTime {
  readonly seconds: number;
  /** h (thickness / 2) / k: how far the skin runs ahead of the middle; null without a thickness. */
  readonly biot: number | null;
  /** Whether one temperature for the whole piece is good enough: biot under 0.1; null without a thickness. */
  readonly lumpedValid: boolean | null;
}

/** Lead, near room temperature, W/(m K) (CRC Handbook, typical). */
const LEAD_CONDUCTIVITY = 35;
/** Textbook bound for taking a body as one temperature. */
const LUMPED_BELOW = 0.1;
const M_PER_MM = 1e-3;

/**
 * How long a piece takes to come to a temperature in a source that holds its own, in s; cooling too. One
 * temperature for the whole piece (Newton's law): t = m c / (h A) ln((Tsource - Tstart) / (Tsource - Ttarget)).
 * Temperatures in C.
 *
 * Problems: `heat.already-passed` where the source takes it away from the target; `heat.never-reached` where the
 * source is no hotter (cooling: no colder) than the target.
 *
 * @example
 * // 10 g of lead, 4 cm2, 60 W/m2K, from 20 to 200 C in 230 C
 * heatTime({ massG: 10, specificHeatJkgK: 129, areaCm2: 4, hWm2K: 60, sourceC: 230, startC: 20, targetC: 200 })
 * // m c / (h A) = 53.75 s, times ln(210 / 30) = 1.946: 104.6 s
 */
export function heatTime(input: HeatTimeInput): Outcome<HeatTime> {
  const { hWm2K, sourceC, startC, targetC, thicknessMm } = input;
  const biot =
    thicknessMm === undefined || thicknessMm === null
      ? null
      : (hWm2K * (thicknessMm / 2) * M_PER_MM) / (input.conductivityWmK ?? LEAD_CONDUCTIVITY);
  const lumpedValid = biot === null ? null : biot < LUMPED_BELOW;
  if (startC === targetC) return done({ seconds: 0, biot, lumpedValid });
  const facts = { sourceC, startC, targetC };
  const driven = sourceC - startC;
  const asked = targetC - startC;
  if (driven * asked < 0) return fail('heat.already-passed', facts, ['targetC']);
  if (Math.abs(driven) <= Math.abs(asked)) return fail('heat.never-reached', facts, ['sourceC']);
  return done({ seconds: timeConstantS(input) * Math.log(driven / (sourceC - targetC)), biot, lumpedValid });
}
