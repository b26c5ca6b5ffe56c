/** Zinc from which a lot counts as zinc, a share of its mass: a tenth of a percent already spoils lead (typical). */
export const ZINC_SHARE = 0.001;
/** Lead from which a metal is lead-free no more: a tenth of a percent, as the strictest rules have it. */
const LEAD_SHARE = 0.001;
/** Bismuth from which its low melting counts, as all traces do. */
const BISMUTH_SHARE = 0.005;
/** Tin from which a metal that has none of these is one of tin. */
const TIN_SHARE = 0.05;

/** What spoils which: a metal may go into one of its own family; into another it is a spoiled batch, or meant. */
export type MetalFamily = 'lead' | 'tin' | 'bismuth' | 'zinc' | 'other';

/**
 * Of which family a metal is, by what of it does harm in another's pot: the one set of thresholds for the pot, the shelf and
 * the order of an evening. Null where nobody knows what is in it.
 *
 * @example metalFamily({ Sn: 0.973, Pb: 0.027 }) // 'lead': it is lead-free no more
 */
export function metalFamily(composition: Readonly<Record<string, number>> | null): MetalFamily | null {
  if (composition === null) return null;
  const shareOf = (element: string) => composition[element] ?? 0;
  if (shareOf('Zn') > ZINC_SHARE) return 'zinc';
  if (shareOf('Pb') >= LEAD_SHARE) return 'lead';
  if (shareOf('Bi') >= BISMUTH_SHARE) return 'bismuth';
  return shareOf('Sn') >= TIN_SHARE ? 'tin' : 'other';
}
