/**
 * The middle of numbers: half lie under it, half over; of an even count, the mean of the two in the middle.
 * Throws where there are none.
 *
 * @example median([9, 1, 5]) // 5
 */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('median requires at least one number');
  const sorted = [...values].sort((a, b) => a - b);
  const upper = sorted[Math.floor(sorted.length / 2)] ?? 0;
  const lower = sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;
  return (lower + upper) / 2;
}
