import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { embeddedTotals } from '@/core/cavities/embedded-totals';
import { mixMetal } from '@/core/metals/mix-metal';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { Cavity } from '@/records/mold';
import { ELEMENTS } from '@/reference/elements';
import { REFERENCE_METALS } from '@/reference/metals';
import { typicalHook } from '../heads/typical-hook';

/** What is cast in may not be all of a casting: so much of its mark is metal, at least. */
const LEAST_METAL_SHARE = 0.3;

/**
 * The volume of a cavity whose mark holds for soft lead with the largest of its hooks and its inserts, all told, cm³: where
 * every unweighed block begins.
 *
 * @example guessVolume({ nominalG: 10, hookSizes: [], hookShare: 0, inserts: [] }) // 0.906
 */
export function guessVolume(
  cavity: Pick<Cavity, 'nominalG'> & Partial<Pick<Cavity, 'hookSizes' | 'hookShare' | 'inserts'>>,
): number {
  const { nominalG, hookSizes = [], hookShare = 0, inserts = [] } = cavity;
  const soft = REFERENCE_METALS.find((metal) => metal.key === 'soft-lead');
  const mixed = soft && mixMetal(soft.composition, ELEMENTS);
  if (!soft || !mixed?.ok) throw new Error('guessVolume requires soft lead in the reference list');
  const hook = typicalHook(hookSizes.at(-1) ?? null);
  const { displacedCm3, staysG } = embeddedTotals(embeddedIn({ hookShare, inserts }, hook));
  const metalG = Math.max(nominalG * LEAST_METAL_SHARE, nominalG - staysG);
  return metalG / castGramsPerCm3({ ...mixed.value, shrinkLinear: soft.shrinkLinear.value }) + displacedCm3;
}
