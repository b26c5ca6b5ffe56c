import { isEqual } from 'es-toolkit/predicate';

/**
 * Whether two records say the same: in whatever order their keys stand, and whether what nobody said is left out or stands
 * there as undefined, as it does before a file was written of it.
 *
 * @example sameValue({ a: 1, b: undefined }, { a: 1 }) // true
 */
export function sameValue(one: unknown, other: unknown): boolean {
  return isEqual(said(one), said(other));
}

/** A value without what is undefined in it. */
function said(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(said);
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype)
    return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, each]) => (each === undefined ? [] : [[key, said(each)]])),
  );
}
