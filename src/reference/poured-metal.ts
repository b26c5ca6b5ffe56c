import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { mixMetal } from '@/core/metals/mix-metal';
import { ELEMENTS } from './elements';
import { REFERENCE_METALS, type ReferenceMetal } from './metals';

/** A metal of the list with what follows from its elements. */
export interface PouredMetal extends ReferenceMetal {
  readonly densityGcm3: number;
  readonly specificHeatJkgK: number;
  /** What a cubic centimeter of cavity gives of it, g. */
  readonly gPerCm3: number;
}

const POURED: ReadonlyMap<string, PouredMetal> = new Map(
  REFERENCE_METALS.map((metal) => {
    const mixed = mixMetal(metal.composition, ELEMENTS);
    if (!mixed.ok) throw new RangeError(`The shares of ${metal.key} in the list do not add up`);
    const { densityGcm3, specificHeatJkgK } = mixed.value;
    const gPerCm3 = castGramsPerCm3({ densityGcm3, shrinkLinear: metal.shrinkLinear.value });
    return [metal.key, { ...metal, densityGcm3, specificHeatJkgK, gPerCm3 }];
  }),
);

/**
 * A metal of the list by its key, as it is poured.
 *
 * @example pouredMetal('soft-lead').gPerCm3 // 11.04
 */
export function pouredMetal(key: string): PouredMetal {
  const metal = POURED.get(key);
  if (!metal) throw new RangeError(`pouredMetal requires a metal of the list; '${key}' is none`);
  return metal;
}
