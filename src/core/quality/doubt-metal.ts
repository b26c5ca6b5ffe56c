import { studentT } from '../numeric/student-t';
import { sum } from '../numeric/sum';

/** A later weighing held against what was predicted for it: metal alone, a piece, g. */
export interface MetalCheck {
  readonly weighedMetalG: number;
  readonly predictedMetalG: number;
}

export interface MetalDoubt {
  /** Weighed over predicted, the mean of the checks. */
  readonly ratio: number;
  readonly standardError: number;
  /** The metal is probably not what it is called. */
  readonly isDoubtful: boolean;
}

/** Fewer cavities than this may all be wrong together. */
const LEAST_CHECKS = 3;
/** A weight this near is within what a block does from pour to pour. */
const LEAST_OFF = 0.006;
/** How sure it is to be before a metal is doubted. */
const CONFIDENCE = 0.99;

/**
 * Whether castings from several cavities in one metal are all light or all heavy by the same share: then it is the
 * metal that is not what it is called, not the cavities. Null with fewer than three checks.
 *
 * @example doubtMetal([{ weighedMetalG: 9.86, predictedMetalG: 10 }]) // null: one cavity says nothing
 */
export function doubtMetal(checks: readonly MetalCheck[]): MetalDoubt | null {
  if (checks.length < LEAST_CHECKS) return null;
  const ratios = checks.map(({ weighedMetalG, predictedMetalG }) => weighedMetalG / predictedMetalG);
  const ratio = sum(ratios) / ratios.length;
  const squares = sum(ratios.map((each) => (each - ratio) ** 2));
  const standardError = Math.sqrt(squares / (ratios.length - 1) / ratios.length);
  const off = Math.abs(ratio - 1);
  return {
    ratio,
    standardError,
    isDoubtful: off > LEAST_OFF && off > studentT(CONFIDENCE, ratios.length - 1) * standardError,
  };
}
