import { numberText } from './number-text';
import { lengthText } from './words';

/** From here on a length is said in meters or feet. */
const LONG_MM = 2000;
const MM_PER_FOOT = 304.8;

/**
 * A length of a roll, no millimeter lost: `465 mm`, `46.2 m`; `18.31 in`, `32.81 ft`.
 *
 * @example rollText(46_200, 'mm') // '46.2 m'
 */
export function rollText(mm: number, unit: 'mm' | 'in'): string {
  if (mm < LONG_MM) return unit === 'mm' ? `${numberText(mm, 7)} mm` : lengthText(mm, unit);
  return unit === 'mm' ? `${numberText(mm / 1000, 8)} m` : `${(mm / MM_PER_FOOT).toFixed(2)} ft`;
}
