import { NUMBERS_PER_TRIANGLE, type Triangles, type Vec3 } from './mesh';
import { meshBounds, type MeshBounds } from './mesh-bounds';

export interface SkinMeasure {
  readonly volumeCm3: number;
  readonly areaCm2: number;
  readonly centroidMm: Vec3;
  readonly boundsMm: MeshBounds;
  readonly triangles: number;
}

const MM3_PER_CM3 = 1000;
const MM2_PER_CM2 = 100;

/**
 * Volume, area, center and bounds of a mesh, by signed tetrahedra from the middle of its bounds (so that
 * an open mesh measures too, and a far-off one keeps its digits). An inward mesh gives its absolute volume. Where
 * there is no volume, the middle of the bounds stands for the center.
 *
 * Throws without a whole triangle.
 *
 * @example measureSkin(unitCube).volumeCm3 // 0.001
 */
export function measureSkin(triangles: Triangles): SkinMeasure {
  const count = Math.floor(triangles.length / NUMBERS_PER_TRIANGLE);
  if (count === 0) throw new RangeError('measureSkin requires at least one triangle');
  const { min, max } = meshBounds(triangles);
  const middle: Vec3 = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2];
  const at = (index: number, axis: number) => (triangles[index] ?? 0) - (middle[axis] ?? 0);
  let [volume6, area2, momentX, momentY, momentZ] = [0, 0, 0, 0, 0];
  for (let i = 0; i < count * NUMBERS_PER_TRIANGLE; i += NUMBERS_PER_TRIANGLE) {
    const [ax, ay, az] = [at(i, 0), at(i + 1, 1), at(i + 2, 2)];
    const [bx, by, bz] = [at(i + 3, 0), at(i + 4, 1), at(i + 5, 2)];
    const [cx, cy, cz] = [at(i + 6, 0), at(i + 7, 1), at(i + 8, 2)];
    const six = ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
    volume6 += six;
    momentX += six * (ax + bx + cx);
    momentY += six * (ay + by + cy);
    momentZ += six * (az + bz + cz);
    const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    area2 += Math.sqrt(nx * nx + ny * ny + nz * nz);
  }
  const offset = (moment: number) => (volume6 === 0 ? 0 : moment / (4 * volume6));
  return {
    volumeCm3: Math.abs(volume6) / 6 / MM3_PER_CM3,
    areaCm2: area2 / 2 / MM2_PER_CM2,
    centroidMm: [middle[0] + offset(momentX), middle[1] + offset(momentY), middle[2] + offset(momentZ)],
    boundsMm: { min, max },
    triangles: count,
  };
}
