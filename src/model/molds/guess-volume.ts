import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { mixMetal } from '@/core/metals/mix-metal';
import { ELEMENTS } from '@/reference/elements';
import { REFERENCE_METALS } from '@/reference/metals';

/** The volume of a cavity whose mark holds for soft lead, hook and all, cm³: where every unweighed block begins. */
export function guessVolume(nominalG: number): number {
  const soft = REFERENCE_METALS.find((metal) => metal.key === 'soft-lead');
  const mixed = soft && mixMetal(soft.composition, ELEMENTS);
  if (!soft || !mixed?.ok) throw new Error('guessVolume requires soft lead in the reference list');
  return nominalG / castGramsPerCm3({ ...mixed.value, shrinkLinear: soft.shrinkLinear.value });
}
