import { meshBounds } from '../meshes/mesh-bounds';
import type { Triangles } from '../meshes/mesh';

/**
 * A mesh from a file laid as bodies lie here: its longest side along x from 0, its middle on the axis, `scale` times
 * as large. mm.
 *
 * @example layMesh(boxOf(10, 20, 30), 1) // from 0 to 30 along x, the other sides about the axis
 */
export function layMesh(triangles: Triangles, scale: number): Float32Array {
  const { min: low, max: high } = meshBounds(triangles);
  const sizes = high.map((value, axis) => value - (low[axis] ?? 0));
  const longest = sizes.indexOf(Math.max(...sizes));
  const order = [longest, (longest + 1) % 3, (longest + 2) % 3];
  const origin = [
    low[order[0] ?? 0] ?? 0,
    ((low[order[1] ?? 0] ?? 0) + (high[order[1] ?? 0] ?? 0)) / 2,
    ((low[order[2] ?? 0] ?? 0) + (high[order[2] ?? 0] ?? 0)) / 2,
  ];
  const laid = new Float32Array(triangles.length);
  for (let at = 0; at < laid.length; at += 1) {
    const axis = at % 3;
    const value = triangles[at - axis + (order[axis] ?? 0)] ?? 0;
    laid[at] = (value - (origin[axis] ?? 0)) * scale;
  }
  return laid;
}
