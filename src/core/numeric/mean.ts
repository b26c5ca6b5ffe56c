import { sum } from './sum';

/**
 * The mean of numbers. Throws where there are none.
 *
 * @example mean([1, 2, 6]) // 3
 */
export function mean(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('mean requires at least one number');
  return sum(values) / values.length;
}
