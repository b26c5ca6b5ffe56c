import { CHECKS, type Check } from './checks';
import type { Answer, WeighedCause } from './weigh-causes';

/** A check that would tell less than this, in bits, is not worth the walk. */
const LEAST_BITS = 0.04;

const bits = (share: number) => (share > 0 ? -share * Math.log2(share) : 0);

/**
 * The check that would best tell the causes apart: the one whose answer is expected to take the most doubt away
 * (information gain, in bits), of those not yet answered. Null where none would say much.
 *
 * @example nextCheck(weighCauses(TRADE_TABLE, 'flash', NO_CLUES))?.id // 'seam'
 */
export function nextCheck(causes: readonly WeighedCause[], answers: readonly Answer[] = []): Check | null {
  const doubt = (shares: readonly number[]) => shares.reduce((so, share) => so + bits(share), 0);
  const before = doubt(causes.map(({ share }) => share));
  let best: { readonly check: Check; readonly gain: number } | null = null;
  for (const check of CHECKS) {
    if (answers.some((answer) => answer.check === check.id)) continue;
    const after = [true, false].reduce((so, isYes) => {
      const joint = causes.map(
        ({ cause, share }) => share * (isYes ? check.yes[cause] : 1 - check.yes[cause]),
      );
      const chance = joint.reduce((sum, each) => sum + each, 0);
      return chance > 0 ? so + chance * doubt(joint.map((each) => each / chance)) : so;
    }, 0);
    const gain = before - after;
    if (gain >= LEAST_BITS && gain > (best?.gain ?? 0)) best = { check, gain };
  }
  return best?.check ?? null;
}
