import type { RoleSize } from '@/core/parts/part-roles';
import type { Quantity } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import { numberText } from './number-text';
import { massText, sizeText } from './words';
import type { WrittenIn } from './written-in';

/** Kilograms in a pound, exact. */
const KG_PER_POUND = 0.45359237;

/**
 * A strain in the maker's unit: pounds with ounces, kilograms with grams.
 *
 * @example strengthText(127, 'oz') // '280 lb'
 */
export function strengthText(kgf: number, mass: MassUnit): string {
  return mass === 'g' ? `${numberText(kgf, 3)} kg` : `${numberText(kgf / KG_PER_POUND, 3)} lb`;
}

/**
 * A measure of a part in the maker's unit.
 *
 * @example measureText('mm', 12.7, { mass: 'oz', length: 'in' }) // '0.50 in'
 */
export function measureText(unit: RoleSize['unit'], value: number, { mass, length }: WrittenIn): string {
  switch (unit) {
    case 'mm':
      return sizeText(value, length);
    case 'g':
      return massText(value, mass);
    case 'kgf':
      return strengthText(value, mass);
    case 'deg':
      return `${numberText(value, 3)}°`;
    case 'cm3':
      return mass === 'g' ? `${numberText(value, 3)} cm³` : `${numberText(value / 29.5735, 2)} fl oz`;
    case 'times':
      return `${numberText(value, 3)} times`;
    case 'pieces':
      return numberText(value);
  }
}

interface Assumed {
  readonly quantity: Quantity;
  readonly unit: string;
}

/**
 * In which unit a bare number is read; null where a measure has none: pieces, times, degrees of an angle.
 *
 * @example unitToAssume('kgf', { mass: 'oz', length: 'in' }) // { quantity: 'strength', unit: 'lb' }
 */
export function unitToAssume(unit: RoleSize['unit'], { mass, length }: WrittenIn): Assumed | null {
  switch (unit) {
    case 'mm':
      return { quantity: 'length', unit: length };
    case 'g':
      return { quantity: 'mass', unit: mass === 'g' ? 'g' : 'oz' };
    case 'kgf':
      return { quantity: 'strength', unit: mass === 'g' ? 'kg' : 'lb' };
    case 'cm3':
      return { quantity: 'volume', unit: mass === 'g' ? 'cm3' : 'fl oz' };
    default:
      return null;
  }
}
