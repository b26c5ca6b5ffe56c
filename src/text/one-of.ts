import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { ScreenUnits } from './written-in';

interface OneOf {
  readonly word: string;
  /** How many of what its bin is kept in. */
  readonly holds: number;
}

const PIECE: OneOf = { word: 'piece', holds: 1 };

/**
 * By what metal is bought, and how many kilograms it is.
 *
 * @example bulkOf('oz-fraction') // { word: 'lb', holds: 0.45359237 }
 */
export const bulkOf = (mass: ScreenUnits['mass']): OneOf =>
  mass === 'g' ? { word: 'kg', holds: 1 } : { word: 'lb', holds: (16 * GRAMS_PER_OUNCE) / 1000 };

/**
 * What a price is said for, of something kept by the piece, by weight or by length.
 *
 * @example oneOf('mm', { length: 'in' }) // { word: 'foot', holds: 304.8 }
 */
export function oneOf(
  unit: 'pieces' | 'g' | 'mm',
  { mass, length }: Pick<ScreenUnits, 'mass' | 'length'>,
): OneOf {
  if (unit === 'pieces') return PIECE;
  if (unit === 'g')
    return mass === 'g' ? { word: 'gram', holds: 1 } : { word: 'ounce', holds: GRAMS_PER_OUNCE };
  return length === 'mm' ? { word: 'meter', holds: 1000 } : { word: 'foot', holds: 304.8 };
}
