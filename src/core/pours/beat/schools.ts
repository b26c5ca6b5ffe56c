import { BOARD_POUR } from './board-pour';
import { HAND_POUR } from './hand-pour';
import type { BeatSchool } from './school';
import { SPIN_POUR } from './spin-pour';
import { TALLY_ONLY } from './tally-only';

/** Every way to keep the beat. */
export const BEAT_SCHOOLS: readonly BeatSchool[] = [HAND_POUR, BOARD_POUR, TALLY_ONLY, SPIN_POUR];

/**
 * The school by which a mold is worked: a disc spins, whatever the maker likes; the rest follows the
 * maker, and an open board is never closed.
 *
 * @example schoolFor('spun', 'tally').id // 'spin'
 */
export function schoolFor(kind: string, liked: 'hand' | 'tally'): BeatSchool {
  if (kind === 'spun') return SPIN_POUR;
  if (liked === 'tally') return TALLY_ONLY;
  return kind === 'board' ? BOARD_POUR : HAND_POUR;
}
