import { embeddedTotals } from '@/core/cavities/embedded-totals';
import { frameMass } from '@/core/tickets/marked-weight';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { Cavity } from '@/records/mold';
import { pouredMetal } from '@/reference/poured-metal';
import { typicalHook } from '../heads/typical-hook';

/** What is cast in may not be all of a casting: so much of its mark is metal, at least. */
const LEAST_METAL_SHARE = 0.3;

/**
 * The volume of a cavity whose mark holds for soft lead with the largest of its hooks and what is cast in, cm³; the wire frame
 * that it is cast on is no part of the mark: where
 * every unweighed block begins.
 *
 * @example guessVolume({ nominalG: 10, hookSizes: [], hookShare: 0, inserts: [] }) // 0.906
 */
export function guessVolume(
  cavity: Pick<Cavity, 'nominalG'> & Partial<Pick<Cavity, 'hookSizes' | 'hookShare' | 'inserts'>>,
): number {
  const { nominalG, hookSizes = [], hookShare = 0, inserts = [] } = cavity;
  const hook = typicalHook(hookSizes.at(-1) ?? null);
  const { displacedCm3, staysG } = embeddedTotals(embeddedIn({ hookShare, inserts }, hook));
  const inMarkG = staysG - frameMass({ inserts });
  const metalG = Math.max(nominalG * LEAST_METAL_SHARE, nominalG - inMarkG);
  return metalG / pouredMetal('soft-lead').gPerCm3 + displacedCm3;
}
