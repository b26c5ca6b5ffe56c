import type { MeltingRange } from '@/core/metals/melting-range';
import type { CastAlloy } from '@/core/metals/rank-castings';
import type { KnownAlloy } from '@/core/metals/rank-alloys';
import { pouredMetal } from '@/reference/poured-metal';
import { REFERENCE_METALS, UNPOURED_METALS } from '@/reference/metals';
import { nearestMetal } from '@/reference/nearest-metal';

/** What a density can point to: what is poured, and what is only bought. */
export const KNOWN_ALLOYS: readonly (KnownAlloy & { readonly name: string })[] = [
  ...REFERENCE_METALS.map(({ key, name }) => ({ key, name, densityGcm3: pouredMetal(key).densityGcm3 })),
  ...UNPOURED_METALS.filter(({ isToldByDensity }) => isToldByDensity).map(
    ({ key, name, densityGcm3: { value } }) => ({
      key,
      name,
      densityGcm3: (value[0] + value[1]) / 2,
      halfRangeGcm3: (value[1] - value[0]) / 2,
    }),
  ),
];

/** What a casting can be of: what is poured, each as it shrinks. */
export const CAST_ALLOYS: readonly CastAlloy[] = REFERENCE_METALS.map(({ key, shrinkLinear }) => ({
  key,
  densityGcm3: pouredMetal(key).densityGcm3,
  shrinkLinear: shrinkLinear.value,
}));

/** What all of tin would add, Brinell: 0.29 for each percent in lead. Source: the usual rule of cast lead alloys; typical. */
const BRINELL_PER_TIN = 29;

/** Brinell hardness between the antimony shares of the list and by the tin in it; typical, for lead alloys. */
export function hardnessOf(composition: Readonly<Record<string, number>> | null): number | null {
  const near = nearestMetal(composition);
  if (!near || !composition) return null;
  const leads = REFERENCE_METALS.filter((metal) => metal.isLead && metal.key !== 'type-metal').map(
    (metal) => ({ sb: metal.composition.Sb ?? 0, hb: metal.brinell.value }),
  );
  const antimony = composition.Sb ?? 0;
  const above = leads.findIndex(({ sb }) => sb >= antimony - 1e-9);
  const [to, from] = [leads[above], leads[Math.max(0, above - 1)]];
  if (!near.isLead || !to || !from) return near.brinell.value;
  const part = to.sb === from.sb ? 0 : (antimony - from.sb) / (to.sb - from.sb);
  // Tin hardens lead too, on top of the antimony.
  return from.hb + part * (to.hb - from.hb) + BRINELL_PER_TIN * (composition.Sn ?? 0);
}

/** `96 % lead, 4 % antimony`. */
export function compositionText(composition: Readonly<Record<string, number>> | null): string {
  if (composition === null) return 'unknown';
  return Object.entries(composition)
    .filter(([, share]) => share >= 0.0005)
    .sort((a, b) => b[1] - a[1])
    .map(([element, share]) => `${Number((share * 100).toFixed(1))} % ${ELEMENT_NAMES[element] ?? element}`)
    .join(', ');
}

export const ELEMENT_NAMES: Readonly<Record<string, string>> = {
  Pb: 'lead',
  Sn: 'tin',
  Sb: 'antimony',
  Bi: 'bismuth',
  Zn: 'zinc',
  Cu: 'copper',
  Ag: 'silver',
  As: 'arsenic',
  W: 'tungsten',
  Fe: 'iron',
};

/** One color an element, from the look's own. */
export const ELEMENT_DYES: Readonly<Record<string, string>> = {
  Pb: 'var(--lead)',
  Sn: 'var(--quench)',
  Sb: 'var(--ember)',
  Bi: 'var(--brass)',
  Zn: 'var(--alarm)',
  Cu: '#8a5a3c',
};

/**
 * Whose mixture melts first, where that is less than all of it: what a trace does.
 *
 * @example traceText({ firstLiquid: ['Pb', 'Sn'] }) // ', where lead and tin meet'
 */
export function traceText({ firstLiquid }: Pick<MeltingRange, 'firstLiquid'>): string {
  if (firstLiquid === null) return '';
  const names = firstLiquid.map((element) => ELEMENT_NAMES[element] ?? element);
  return `, where ${names.slice(0, -1).join(', ')} and ${names.at(-1)} meet`;
}
