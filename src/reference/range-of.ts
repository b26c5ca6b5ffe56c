import { meltingRange, type MeltingFacts, type MeltingRange } from '@/core/metals/melting-range';
import { FIRST_LIQUIDS, HELD_BY_LEAD, MELTING_POINTS } from './eutectics';
import { REFERENCE_METALS } from './metals';

const FACTS: MeltingFacts = {
  pointsC: MELTING_POINTS,
  firstLiquids: FIRST_LIQUIDS,
  heldByLead: HELD_BY_LEAD,
  alloys: REFERENCE_METALS.map(({ composition, liquidusC }) => ({ composition, liquidusC: liquidusC.value })),
};

/**
 * Up to where a mix stays wholly solid, and from where on it is all melted; null where its composition is not known.
 *
 * @example rangeOf({ Bi: 0.58, Sn: 0.42 })?.solidusC // 138.5
 */
export function rangeOf(composition: Readonly<Record<string, number>> | null): MeltingRange | null {
  return composition === null ? null : meltingRange(composition, FACTS);
}
