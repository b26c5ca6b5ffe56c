import type { LaidBait } from './place-parts';

/**
 * Where on the arm something is dropped: before which part, from the eye. `x` and `y` in the bait's millimeters.
 *
 * @example dropIndex(laid, 10, -9) // 0
 */
export function dropIndex({ arm, parts }: Pick<LaidBait, 'arm' | 'parts'>, x: number, y: number): number {
  if (!arm) return 0;
  const along = (x - arm.from.x) * arm.along.x + (y - arm.from.y) * arm.along.y;
  return parts.filter(({ fromMm, toMm }) => (fromMm + toMm) / 2 < along).length;
}
