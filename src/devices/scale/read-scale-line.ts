import { GRAMS_PER_OUNCE } from '@/core/units/quantities';

const UNITS: Readonly<Record<string, number>> = {
  g: 1,
  kg: 1000,
  oz: GRAMS_PER_OUNCE,
  lb: 16 * GRAMS_PER_OUNCE,
  gr: 0.06479891,
};

/**
 * A line as bench scales send them, in g: a number with its unit somewhere in it, such as `ST,GS,+  12.34 g` or
 * `   0.435 oz`. A bare number is grams. Null for lines without a weight: headers, errors, overloads.
 *
 * @example readScaleLine('ST,GS,+00012.34 g') // 12.34
 */
export function readScaleLine(line: string): number | null {
  const found = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|gr|g|oz|lb)?\s*$/i.exec(line.trim());
  if (!found) return null;
  const [, sign, digits, unit = 'g'] = found;
  const value = Number((digits ?? '').replace(',', '.')) * (UNITS[unit.toLowerCase()] ?? 1);
  return sign === '-' ? -value : value;
}
