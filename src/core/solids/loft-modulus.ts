import { loftMesh } from '../meshes/loft-mesh';
import { measureSkin } from '../meshes/measure-skin';
import type { Loft } from './loft';

const AROUND = 32;
/** cm3 over cm2 in mm. */
const MM_PER_CM = 10;

/**
 * A casting's modulus in mm, volume over area: the thicker, the slower it freezes and the cooler it may be poured.
 *
 * @example loftModulus({ section: 'square', depth: 1, profile: [[5, 0], [5, 10]] }) // 1.666..., a sixth of a cube's edge
 */
export function loftModulus(loft: Loft): number {
  const { volumeCm3, areaCm2 } = measureSkin(loftMesh(loft, AROUND));
  return (volumeCm3 / areaCm2) * MM_PER_CM;
}
