import { pouredMetal } from '@/reference/poured-metal';
import type { MetalBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';

interface Lot {
  readonly id: string;
  readonly name: string;
  readonly metal: string;
  readonly place: string;
  readonly lowAt: number | null;
  readonly note: string;
  readonly costPerKg: number;
  /** A weighing in air and water, g/cm3; else the density follows from the composition. */
  readonly weighedGcm3?: number;
}

const LOTS: readonly Lot[] = [
  {
    id: 'lot-9',
    name: 'Lot 9, soft lead',
    metal: 'soft-lead',
    costPerKg: 2.1,
    place: 'Ingot shelf, left',
    lowAt: 2000,
    note: 'Roof flashing, melted twice.',
  },
  {
    id: 'lot-12',
    name: 'Lot 12, lead 2 % antimony',
    metal: 'lead-2',
    costPerKg: 2.7,
    place: 'Ingot shelf, left',
    lowAt: 2000,
    note: '',
  },
  {
    id: 'lot-14',
    name: 'Lot 14, hard lead',
    metal: 'lead-4',
    costPerKg: 2.9,
    place: 'Ingot shelf, middle',
    lowAt: 3000,
    note: 'Lead with 4 % antimony, the house mix.',
    weighedGcm3: 11.02,
  },
  {
    id: 'lot-15',
    name: 'Lot 15, lead 6 % antimony',
    metal: 'lead-6',
    costPerKg: 3.2,
    place: 'Ingot shelf, middle',
    lowAt: 1500,
    note: '',
  },
  {
    id: 'lot-17',
    name: 'Lot 17, type metal',
    metal: 'type-metal',
    costPerKg: 5.5,
    place: 'Ingot shelf, right',
    lowAt: null,
    note: 'For hardening soft lots.',
  },
  {
    id: 'lot-18',
    name: 'Lot 18, pewter',
    metal: 'pewter',
    costPerKg: 31,
    place: 'Lead-free box',
    lowAt: 1500,
    note: 'Lead-free. Own pot, own ladle.',
    weighedGcm3: 7.26,
  },
  {
    id: 'lot-19',
    name: 'Lot 19, bismuth-tin',
    metal: 'bismuth-tin',
    costPerKg: 26,
    place: 'Lead-free box',
    lowAt: 800,
    note: 'Melts at 138 C: never in the powder oven.',
  },
];

/** The metal lots of the made-up bench. The last is scrap that nobody knows. */
export function demoMetals(): MetalBin[] {
  const known = LOTS.map((lot): MetalBin => {
    const metal = pouredMetal(lot.metal);
    return {
      id: lot.id,
      kind: 'metal',
      unit: 'g',
      name: lot.name,
      place: lot.place,
      lowAt: lot.lowAt,
      retired: false,
      ...PLAIN_BIN,
      note: lot.note,
      composition: { ...metal.composition },
      compositionBasis: 'known',
      costPerKg: lot.costPerKg,
      densityGcm3: lot.weighedGcm3 ?? Math.round(metal.densityGcm3 * 1000) / 1000,
      densityBasis: lot.weighedGcm3 === undefined ? 'reference' : 'weighed',
      shrinkLinear: metal.shrinkLinear.value,
      shrinkBasis: 'reference',
    };
  });
  const scrap: MetalBin = {
    id: 'lot-21',
    kind: 'metal',
    unit: 'g',
    name: 'Lot 21, unknown scrap',
    place: 'Under the bench',
    lowAt: null,
    retired: false,
    ...PLAIN_BIN,
    note: 'Old window weights from the quay. Not yet weighed in water.',
    composition: null,
    compositionBasis: 'guess',
    costPerKg: 0.8,
    densityGcm3: 11.1,
    densityBasis: 'guess',
    shrinkLinear: 0.008,
    shrinkBasis: 'guess',
  };
  return [...known, scrap];
}
