import { HAND_POUR } from './hand-pour';
import type { BeatSchool } from './school';
import { SPIN_POUR } from './spin-pour';
import { TALLY_ONLY } from './tally-only';

/** Every way to keep the beat. */
export const BEAT_SCHOOLS: readonly BeatSchool[] = [HAND_POUR, TALLY_ONLY, SPIN_POUR];

/**
 * The school by which a mold is worked: a disc spins, whatever the maker likes; the rest follows the maker.
 *
 * @example schoolFor('spun', 'tally').id // 'spin'
 */
export function schoolFor(kind: string, liked: 'hand' | 'tally'): BeatSchool {
  if (kind === 'spun') return SPIN_POUR;
  return liked === 'tally' ? TALLY_ONLY : HAND_POUR;
}
