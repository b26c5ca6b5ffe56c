import type { Triangles } from './mesh';

/**
 * A mesh that stands along z turned to lie along x, its foot to the left: x of it becomes down.
 *
 * @example alongX([0, 0, 5, ...])[0] // 5
 */
export function alongX(triangles: Triangles): Float32Array {
  const laid = new Float32Array(triangles.length);
  for (let at = 0; at + 2 < laid.length; at += 3) {
    laid[at] = triangles[at + 2] ?? 0;
    laid[at + 1] = triangles[at + 1] ?? 0;
    laid[at + 2] = -(triangles[at] ?? 0);
  }
  return laid;
}
