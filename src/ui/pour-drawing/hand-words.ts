import type { MassUnit } from '@/core/units/write-mass';
import { cavityWords } from '@/text/cavity-words';
import { pressureText } from '@/text/quantity-text';
import { lotText } from '@/text/words';
import type { HandBlock, RunHands } from './hand-block';

/** Which pour the hands are at: `Pour 4 of 12`. */
export function titleOf(hand: HandBlock, hands: RunHands): string {
  if (hands.now === null) {
    const isOnly = hands.blocks.length === 1;
    return hands.waiting || isOnly ? `${hand.mold.name} has cast its share` : 'All is cast';
  }
  const { poured, ahead } = hand.count;
  if (ahead.length === 0) return `Pour ${poured} of ${poured}, the last`;
  const isPoured = !hand.stand.isDue || AFTER_POUR.has(hand.stand.step.id);
  const no = hand.school.id !== 'tally' && isPoured && poured > 0 ? poured : poured + 1;
  return `Pour ${no} of ${poured + ahead.length}`;
}

const AFTER_POUR: ReadonlySet<string> = new Set(['freeze', 'open', 'warm-work', 'spinning', 'stop', 'cool']);

/** What stands under the word to press: how it is clamped or spun, the warm-up, or how many are left. */
export function underOf({ mold, count, stand, school, facts }: HandBlock, length: 'mm' | 'in'): string {
  if (stand.step.id === 'clamp' && mold.spin) {
    return `${pressureText(mold.spin.clampBar, length)}, ${mold.spin.mark}`;
  }
  if (stand.step.id === 'spin' && mold.spin) return `${mold.spin.rpm} rpm`;
  const isCold = count.warmUps < mold.warmUpPours && count.warmUps === count.poured;
  if (isCold) return `warm-up ${count.warmUps + 1} of ${mold.warmUpPours}`;
  // Where only pours are counted, nothing else calls what is done before the next.
  const warm =
    school.id === 'tally' && facts.warmWork ? `, ${facts.warmWork.what.toLowerCase()} while warm` : '';
  return `${count.ahead.length} left${warm}`;
}

/** The block, its metal, and what is poured into it now. */
export function subOf(hand: HandBlock, hands: RunHands, metal: string, mass: MassUnit): string {
  const block = `${hand.mold.name}, ${lotText(metal)}`;
  if (hands.now === null) return block;
  const slots = hand.count.next.map(({ cavity }) => cavity);
  return `${block} · this pour: ${cavityWords(hand.mold, slots, mass)}`;
}
