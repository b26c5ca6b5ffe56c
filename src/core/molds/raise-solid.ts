import type { Manifold } from 'manifold-3d';
import { loftMesh } from '../meshes/loft-mesh';
import { RING_SHARE } from '../solids/ring-share';
import { shapeOf, type Part, type Solid } from '../solids/solid';
import type { Workbench } from './kernel';

function widestRadius({ parts }: Solid): number {
  return Math.max(
    ...parts.flatMap((part) =>
      shapeOf(part)
        .loft(part)
        .profile.map(([r]) => r),
    ),
  );
}

/**
 * A solid as one body in the kernel, standing along z: parts joined, cuts taken away. Several parts alike stand
 * evenly on a ring. `around` is how many corners a full round has.
 *
 * @example raiseSolid(bench, { parts: [{ shape: 'box', xMm: 1, yMm: 1, zSizeMm: 1 }] }).volume() // 1
 */
export function raiseSolid(
  { kernel, keep, fromTriangles }: Workbench,
  solid: Solid,
  around?: number,
): Manifold {
  const ringMm = widestRadius(solid) * RING_SHARE;
  const raise = (part: Part): Manifold[] => {
    const one = fromTriangles(loftMesh(shapeOf(part).loft(part), around));
    const count = part.count ?? 1;
    return Array.from({ length: count }, (_, index) => {
      const angle = (2 * Math.PI * index) / count;
      const off = count > 1 ? ringMm : 0;
      return keep(one.translate([off * Math.cos(angle), off * Math.sin(angle), part.zMm ?? 0]));
    });
  };
  const joined = keep(kernel.Manifold.union(solid.parts.filter(({ sign }) => sign !== -1).flatMap(raise)));
  const cuts = solid.parts.filter(({ sign }) => sign === -1).flatMap(raise);
  return cuts.length > 0 ? keep(kernel.Manifold.difference([joined, ...cuts])) : joined;
}
