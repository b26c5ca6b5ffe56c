import { crossings } from './crossings';
import type { Triangles, Vec3 } from './mesh';

/** Middles of the slices of a lattice along each axis, rising, mm. */
export type Lattice = readonly [x: Float64Array, y: Float64Array, z: Float64Array];

/**
 * Where each cell of a lattice lies, by its number: row by row, layer by layer.
 *
 * @example placeOn([xs, ys, zs])(0) // [xs[0], ys[0], zs[0]]
 */
export function placeOn([xs, ys, zs]: Lattice): (cell: number) => Vec3 {
  const [across, deep] = [xs.length, ys.length];
  return (cell) => [
    xs[cell % across] ?? 0,
    ys[Math.floor(cell / across) % deep] ?? 0,
    zs[Math.floor(cell / (across * deep))] ?? 0,
  ];
}

/**
 * Which points of a lattice lie inside a closed mesh, row by row, layer by layer: 1 for in.
 *
 * @example fillMesh(unitCube, [Float64Array.of(0.5, 1.5), Float64Array.of(0.5), Float64Array.of(0.5)]) // [1, 0]
 */
export function fillMesh(triangles: Triangles, [xs, ys, zs]: Lattice): Uint8Array {
  const inside = new Uint8Array(xs.length * ys.length * zs.length);
  const layer = xs.length * ys.length;
  // Along z the other two axes are x, then y.
  const lines = crossings(triangles, 2, xs, ys);
  for (let x = 0; x < xs.length; x += 1) {
    for (let y = 0; y < ys.length; y += 1) {
      const line = lines[x * ys.length + y] ?? [];
      for (let pair = 0; pair + 1 < line.length; pair += 2) {
        const [from, to] = [line[pair] ?? 0, line[pair + 1] ?? 0];
        for (let z = 0; z < zs.length; z += 1) {
          const height = zs[z] ?? 0;
          if (height >= from && height < to) inside[z * layer + y * xs.length + x] = 1;
        }
      }
    }
  }
  return inside;
}
