import { forgivingFloor } from '../numeric/forgiving-floor';
import type { PlasticShot } from './scale-batch';

export interface CupYield {
  readonly baits: number;
  readonly shots: number;
  /** What is left in the cup: it sets as a block and is melted again. */
  readonly blockCm3: number;
}

/**
 * How many baits a cup gives from a mold, shot by whole shots and then one short shot of what still fills whole baits.
 * Volumes in cm3; `lossShare` under 1 stays in cup and injector and counts to the block.
 *
 * @example baitsACup(100, 0.1, { pieceCm3: 4, cavities: 4, runnerCm3: 2 }) // { baits: 20, shots: 5, blockCm3: 10 }
 */
export function baitsACup(
  cupCm3: number,
  lossShare: number,
  { pieceCm3, cavities, runnerCm3 }: Pick<PlasticShot, 'pieceCm3' | 'cavities' | 'runnerCm3'>,
): CupYield {
  const usable = cupCm3 * (1 - lossShare);
  const fullShot = pieceCm3 * cavities + runnerCm3;
  const full = forgivingFloor(usable / fullShot);
  const rest = Math.max(0, usable - full * fullShot);
  const over = rest > runnerCm3 ? Math.min(cavities, forgivingFloor((rest - runnerCm3) / pieceCm3)) : 0;
  const baits = full * cavities + over;
  const shots = full + (over > 0 ? 1 : 0);
  return { baits, shots, blockCm3: Math.max(0, cupCm3 - baits * pieceCm3 - shots * runnerCm3) };
}
