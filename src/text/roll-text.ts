import { inchText } from './inch-text';
import { numberText } from './number-text';

/** From here on a length is said in meters or feet. */
const LONG_MM = 2000;
const MM_PER_FOOT = 304.8;
const MM_PER_YARD = 914.4;
/** From so many yards on, spools are sold by the yard. */
const YARDS_FROM = 10;

/**
 * A length of a roll, no millimeter lost: `465 mm`, `46.2 m`; `18.31 in`, `32.81 ft`.
 *
 * @example rollText(46_200, 'mm') // '46.2 m'
 */
export function rollText(mm: number, unit: 'mm' | 'in'): string {
  if (mm < LONG_MM) return unit === 'mm' ? `${numberText(mm, 7)} mm` : inchText(mm);
  return unit === 'mm' ? `${numberText(mm / 1000, 8)} m` : `${numberText(mm / MM_PER_FOOT, 4)} ft`;
}

/**
 * A length as a spool is sold by it: `100 m`, `150 yd`.
 *
 * @example spoolText(137_160, 'in') // '150 yd'
 */
export function spoolText(mm: number, unit: 'mm' | 'in'): string {
  const yards = mm / MM_PER_YARD;
  return unit === 'in' && yards >= YARDS_FROM ? `${numberText(yards, 5)} yd` : rollText(mm, unit);
}
