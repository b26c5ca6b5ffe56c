/**
 * A number as a person reads it: up to `digits` significant digits, no exponent for everyday sizes.
 *
 * @example numberText(0.30000000000000004) // '0.3'
 * @example numberText(1234.5678, 6) // '1234.57'
 */
export function numberText(value: number, digits = 5): string {
  if (!Number.isFinite(value)) return String(value);
  if (Number.isInteger(value) && Math.abs(value) < 1e15) return String(value);
  return String(Number(value.toPrecision(digits)));
}
