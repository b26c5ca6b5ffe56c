/**
 * The sum of finite numbers, compensated (Neumaier 1974) so that long ledgers of small takings do not drift.
 *
 * @example sum([0.1, 0.2, 0.3]) // 0.6
 */
export function sum(values: Iterable<number>): number {
  let total = 0;
  let lost = 0;
  for (const value of values) {
    const next = total + value;
    lost += Math.abs(total) >= Math.abs(value) ? total - next + value : value - next + total;
    total = next;
  }
  const compensated = total + lost;
  return Number.isNaN(compensated) ? total : compensated;
}
