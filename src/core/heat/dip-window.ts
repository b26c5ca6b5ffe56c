import { done, fail, type Outcome } from '../problems/problem';
import { timeConstantS, type LumpedPiece } from './lumped';

export interface DipWindowInput extends LumpedPiece {
  readonly ambientC: number;
  /** How hot it leaves the heat. */
  readonly releaseC: number;
  /** Down to this powder still fuses to it. */
  readonly fuseC: number;
}

/**
 * How long after leaving the heat a piece still fuses powder, s: cooling by Newton's law from release to fuse. `hWm2K`
 * is to the still air of the shed, not to the source.
 *
 * Problems: `heat.not-over-fuse` where it leaves no hotter than the powder fuses; `heat.air-fuses` where the air
 * itself is that warm, so that the window has no end.
 *
 * @example
 * dipWindow({ massG: 10, specificHeatJkgK: 129, areaCm2: 4, hWm2K: 15, ambientC: 20, releaseC: 220, fuseC: 120 })
 * // 215 s times ln(200 / 100): { seconds: 149.0 }
 */
export function dipWindow(input: DipWindowInput): Outcome<{ readonly seconds: number }> {
  const { ambientC, releaseC, fuseC } = input;
  if (releaseC <= fuseC) return fail('heat.not-over-fuse', { releaseC, fuseC }, ['releaseC']);
  if (fuseC <= ambientC) return fail('heat.air-fuses', { ambientC, fuseC }, ['fuseC']);
  return done({ seconds: timeConstantS(input) * Math.log((releaseC - ambientC) / (fuseC - ambientC)) });
}
