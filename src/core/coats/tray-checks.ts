/** What is looked at on a rack, and when. */
export const TRAY_CHECK_IDS = ['eyes', 'drips', 'bare', 'clumps', 'gloss', 'adhesion'] as const;

export type TrayCheckId = (typeof TRAY_CHECK_IDS)[number];

export interface TrayCheck {
  readonly id: TrayCheckId;
  readonly when: 'before' | 'after';
  readonly name: string;
  readonly how: string;
}

/** Checked off rod by rod, in this order. */
export const TRAY_CHECKS: readonly TrayCheck[] = [
  {
    id: 'eyes',
    when: 'before',
    name: 'Eyes and hooks clean',
    how: 'Wipe powder off eye, shank and point now: after the cure it is hard.',
  },
  { id: 'drips', when: 'before', name: 'No drips', how: 'Touch a drop off the nose with a wire.' },
  { id: 'bare', when: 'before', name: 'No bare spots', how: 'Heat the head again and dust the spot.' },
  {
    id: 'clumps',
    when: 'before',
    name: 'No clumps',
    how: 'Tap them off; aerate the powder or shake the jar. Do not grind the head in it.',
  },
  { id: 'gloss', when: 'after', name: 'Gloss', how: 'Flowed out and even all round, once it is cold.' },
  {
    id: 'adhesion',
    when: 'after',
    name: 'Holds',
    how: 'One of ten: cut a small cross and tape it, or tap it on the bench. Nothing may flake.',
  },
];

/** Of so many heads one is tried for adhesion. */
const ONE_OF = 10;

/**
 * How many heads of a load are tried for adhesion: one of ten, one at least.
 *
 * @example adhesionTrials(24) // 3
 */
export function adhesionTrials(count: number): number {
  return Math.max(1, Math.ceil(count / ONE_OF));
}
