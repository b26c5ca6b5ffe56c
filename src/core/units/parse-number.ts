/** A number as people write it: `12`, `0.5`, `0,5`, `.5`, `1/2`, `2 1/2`, `2-1/2`. */
const WHOLE_AND_PART = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;
const DECIMAL = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)$/;
/** What may stand before a number that is money. */
const SIGN = /^[$€£]\s*/;

/**
 * Reads a number without a unit, or null where it is none. A sign of money before it is passed over; there are no
 * thousands separators.
 *
 * @example parseNumber('2 1/2') // 2.5
 * @example parseNumber('$4.99') // 4.99
 */
export function parseNumber(text: string): number | null {
  const plain = text.trim().replace(SIGN, '');
  const fraction = WHOLE_AND_PART.exec(plain);
  if (fraction) {
    const [, whole = '0', top = '0', bottom = '0'] = fraction;
    return Number(bottom) === 0 ? null : Number(whole) + Number(top) / Number(bottom);
  }
  return DECIMAL.test(plain) ? Number(plain.replace(',', '.')) : null;
}
