import type { RoleSize } from '@/core/parts/part-roles';
import type { Quantity } from '@/core/units/quantities';
import { numberText } from './number-text';
import { ASSUMED_VOLUME, strengthText, volumeText } from './quantity-text';
import { massText, sizeText } from './words';
import type { WrittenIn } from './written-in';

/**
 * A measure of a part in the maker's unit.
 *
 * @example measureText('mm', 12.7, INCHES) // '1/2 in'
 */
export function measureText(unit: RoleSize['unit'], value: number, units: WrittenIn): string {
  switch (unit) {
    case 'mm':
      return sizeText(value, units.length);
    case 'g':
      return massText(value, units.mass);
    case 'kgf':
      return strengthText(value, units.strength);
    case 'deg':
      return `${numberText(value, 3)}°`;
    case 'cm3':
      return volumeText(value, units.volume);
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
 * @example unitToAssume('kgf', INCHES) // { quantity: 'strength', unit: 'lb' }
 */
export function unitToAssume(
  unit: RoleSize['unit'],
  { mass, length, strength, volume }: WrittenIn,
): Assumed | null {
  switch (unit) {
    case 'mm':
      return { quantity: 'length', unit: length };
    case 'g':
      return { quantity: 'mass', unit: mass === 'g' ? 'g' : 'oz' };
    case 'kgf':
      return { quantity: 'strength', unit: strength };
    case 'cm3':
      return { quantity: 'volume', unit: ASSUMED_VOLUME[volume] };
    default:
      return null;
  }
}
