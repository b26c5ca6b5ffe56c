import type { BladeFormId } from '../builds/blades/definition';

/** Up to so many times as long as wide a blade is round, up to the second one a drop; longer it is a leaf. */
const [ROUND_UP_TO, DROP_UP_TO] = [1.45, 2.1];

/**
 * What form a blade is by how slender it is. Wings and plates lie flat like these: the maker says so where it is one.
 *
 * Source: catalogs of blades; the three forms' ratios of length to width do not overlap in the common sizes.
 *
 * @example bladeFormOf(48, 20) // 'leaf'
 */
export function bladeFormOf(lengthMm: number, widthMm: number): BladeFormId {
  const slender = lengthMm / widthMm;
  if (slender <= ROUND_UP_TO) return 'round';
  return slender <= DROP_UP_TO ? 'drop' : 'leaf';
}
