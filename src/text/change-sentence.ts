import type { BatchChange, BatchState } from '@/core/metals/change-of-batch';
import type { MetalFamily } from '@/core/metals/metal-family';
import type { Writer } from './writer';

const FAMILY_WORDS: Record<MetalFamily, string> = {
  lead: 'a metal with lead in it',
  tin: 'a lead-free metal of tin',
  bismuth: 'a metal with bismuth in it',
  zinc: 'zinc',
  other: 'another metal',
};

const meltsFrom = ({ solidusC }: BatchState, { temperature }: Writer): string =>
  solidusC === null ? 'at a heat that nobody knows' : `from ${temperature(solidusC)}`;

/**
 * What a charge would make of the batch, what that could then no longer bear, and what to do.
 *
 * @example changeSentence(change, write)
 * // 'Lot 14 makes another metal of Pewter: with lead in it, and it melts from 183 °C, not from 227 °C. ...'
 */
export function changeSentence({ into, added, from, to }: BatchChange, write: Writer): string {
  const becomes =
    to.family !== null && to.family !== from.family
      ? `would make ${into} ${FAMILY_WORDS[to.family]}; it would melt`
      : `would make ${into} melt`;
  const bears =
    to.bearsC === null
      ? 'Its castings could go into no oven.'
      : from.bearsC !== null && to.bearsC < from.bearsC
        ? `Its castings would bear no oven over ${write.temperature(to.bearsC)}, where they bear ${write.temperature(from.bearsC)} now.`
        : `Its castings would bear an oven up to ${write.temperature(to.bearsC)}.`;
  return `${added.join(' and ')} ${becomes} ${meltsFrom(to, write)}, not ${meltsFrom(from, write)}. ${bears} It cannot be taken out again: leave it out, or say that you mean it.`;
}
