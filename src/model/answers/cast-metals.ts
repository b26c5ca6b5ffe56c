import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { mixMetal } from '@/core/metals/mix-metal';
import { ELEMENTS } from '@/reference/elements';
import { REFERENCE_METALS } from '@/reference/metals';

/** The metals of the list as they are chosen among. */
export const METAL_OPTIONS = REFERENCE_METALS.map(({ key, name }) => ({ value: key, label: name }));

/** A metal of the list as it is cast: typical figures. */
export function castMetal(key: string) {
  const metal = REFERENCE_METALS.find((each) => each.key === key);
  if (!metal) throw new RangeError(`castMetal requires a metal of the list; ${key} is none`);
  const mixed = mixMetal(metal.composition, ELEMENTS);
  if (!mixed.ok) throw new RangeError(`castMetal requires ${key} to add up`);
  const { densityGcm3, specificHeatJkgK } = mixed.value;
  const gPerCm3 = castGramsPerCm3({ densityGcm3, shrinkLinear: metal.shrinkLinear.value });
  return { ...metal, densityGcm3, specificHeatJkgK, gPerCm3 };
}
