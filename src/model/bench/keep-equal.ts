import { isEqual } from 'es-toolkit/predicate';

/**
 * Gives what it is given, or what it gave last where that says the same: who compares by identity then sees no change.
 *
 * @example
 * const keep = keepEqual<number[]>();
 * keep([1, 2]) === keep([1, 2]) // true
 */
export function keepEqual<T>(): (next: T) => T {
  let last: { readonly value: T } | null = null;
  return (next) => {
    if (!last || !isEqual(last.value, next)) last = { value: next };
    return last.value;
  };
}
