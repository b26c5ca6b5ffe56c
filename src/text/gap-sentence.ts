import type { GapReason } from '@/core/pours/explain-gap';

const SENTENCES: Record<GapReason, string> = {
  scale: 'The scale itself: this is within what its last digit and so many weighings leave.',
  drips: 'Drops on the bench and on the block. Sweep them up cold and weigh them in.',
  dross: 'Dross that was not weighed: look on the rim, the wall and in the skimming tin.',
  castings: 'A few castings that nobody counted: under the bench, in the glove, in the cooling tray.',
  sprues: 'Sprues that were not weighed, or went back into the pot and count twice.',
  'heel-missed': "The heel that no ladle reaches was left out of the pot's weight.",
  'hooks-as-metal': 'Castings were weighed with their hooks, and the hooks counted as metal.',
  'heel-not-counted': 'A heel stood in the pot from the last time and was not counted as charged.',
  charge: 'The charge or a top-up was weighed short, or one was not written down.',
};

/**
 * The usual reason for a gap in a run's books, with what to do about it.
 *
 * @example gapSentence('drips') // 'Drops on the bench ...'
 */
export function gapSentence(reason: GapReason): string {
  return SENTENCES[reason];
}
