import { meltingRange, type ListedAlloy, type MeltingRange } from '@/core/metals/melting-range';
import { REFERENCE_METALS } from './metals';

const LISTED: readonly ListedAlloy[] = REFERENCE_METALS.map(({ key, composition, solidusC, liquidusC }) => ({
  key,
  composition,
  solidusC: solidusC.value,
  liquidusC: liquidusC.value,
}));

/**
 * About where a mix melts; null where nothing on the list speaks for it.
 *
 * @example rangeOf({ Bi: 0.58, Sn: 0.42 })?.solidusC // 138.5
 */
export function rangeOf(composition: Readonly<Record<string, number>> | null): MeltingRange | null {
  return composition === null ? null : meltingRange(composition, LISTED);
}
