import type { Vec3 } from '@/core/meshes/mesh';
import { cross, dot, minus, unit } from '@/core/meshes/vectors';

/** A body as a still picture: facets of like light together, those behind first; mm, y down. */
export interface BodyStill {
  readonly shades: readonly { readonly light: number; readonly path: string }[];
  readonly viewBox: readonly [number, number, number, number];
}

const SHADES = 8;
const MARGIN_MM = 3;
/** Seen from the front, a little from above and the left; the light comes from the upper left. */
const EYE: Vec3 = unit([-0.45, -1, 0.55]);
const LIGHT: Vec3 = unit([-0.6, -0.7, 0.9]);
const mm = (value: number) => Number(value.toFixed(2));

/**
 * A still of a body, for where nothing turns: facets that face the eye, from the farthest to the nearest, each as light as it
 * lies to the light.
 *
 * @example bodyStill(cube).shades.length // 3: a cube shows three sides
 */
export function bodyStill(triangles: ArrayLike<number>): BodyStill {
  const right = unit(cross([0, 0, 1], [-EYE[0], -EYE[1], -EYE[2]]));
  const rightward: Vec3 = [-right[0], -right[1], -right[2]];
  const up = unit(cross(EYE, rightward));
  let [left, most, top, foot] = [Infinity, -Infinity, Infinity, -Infinity];
  const facets: { readonly depth: number; readonly light: number; readonly path: string }[] = [];
  const corner = (at: number): Vec3 => [triangles[at] ?? 0, triangles[at + 1] ?? 0, triangles[at + 2] ?? 0];
  for (let at = 0; at + 8 < triangles.length; at += 9) {
    const corners = [corner(at), corner(at + 3), corner(at + 6)] as const;
    const [a, b, c] = corners;
    const normal = unit(cross(minus(b, a), minus(c, a)));
    if (dot(normal, EYE) <= 0) continue;
    const flat = corners.map((point) => ({ x: dot(point, rightward), y: -dot(point, up) }));
    for (const { x, y } of flat) {
      left = Math.min(left, x);
      most = Math.max(most, x);
      top = Math.min(top, y);
      foot = Math.max(foot, y);
    }
    facets.push({
      depth: dot(a, EYE) + dot(b, EYE) + dot(c, EYE),
      light: Math.round(Math.max(0, dot(normal, LIGHT)) * (SHADES - 1)) / (SHADES - 1),
      path: `M${flat.map(({ x, y }) => `${mm(x)} ${mm(y)}`).join('L')}Z`,
    });
  }
  const shades: { light: number; path: string }[] = [];
  for (const { light, path } of facets.toSorted((a, b) => a.depth - b.depth)) {
    const last = shades.at(-1);
    if (last?.light === light) last.path += path;
    else shades.push({ light, path });
  }
  return {
    shades,
    viewBox: [left - MARGIN_MM, top - MARGIN_MM, most - left + 2 * MARGIN_MM, foot - top + 2 * MARGIN_MM],
  };
}
