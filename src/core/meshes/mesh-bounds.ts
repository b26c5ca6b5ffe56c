import type { Triangles, Vec3 } from './mesh';

export interface MeshBounds {
  readonly min: Vec3;
  readonly max: Vec3;
}

/**
 * The smallest box along the axes that holds a mesh, in its own unit.
 *
 * @example meshBounds([0, 0, 0, 1, 0, 0, 0, 2, 0]) // { min: [0, 0, 0], max: [1, 2, 0] }
 */
export function meshBounds(triangles: Triangles): MeshBounds {
  let [x0, y0, z0, x1, y1, z1] = [Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity];
  for (let i = 0; i + 2 < triangles.length; i += 3) {
    const [x, y, z] = [triangles[i] ?? 0, triangles[i + 1] ?? 0, triangles[i + 2] ?? 0];
    if (x < x0) x0 = x;
    if (y < y0) y0 = y;
    if (z < z0) z0 = z;
    if (x > x1) x1 = x;
    if (y > y1) y1 = y;
    if (z > z1) z1 = z;
  }
  return { min: [x0, y0, z0], max: [x1, y1, z1] };
}
