import type { Manifold } from 'manifold-3d';
import type { Triangles } from '../meshes/mesh';
import { splitMesh } from '../meshes/split-mesh';
import { trianglesOf, type Workbench } from './kernel';

/** A wall has corners at the parting plane and so many times on the way to its depth. */
const LEVELS = 4;
const HALF_TURN = 180;

/**
 * A cavity whose walls lean: wider at the parting plane y = 0, narrower at its depth, by the draft angle on every side; as
 * large as before, so that it casts as heavy.
 *
 * @example draftCavity(bench, box, 2).volume() // as box.volume()
 */
export function draftCavity({ keep, fromTriangles }: Workbench, head: Manifold, degrees: number): Manifold {
  const { min, max } = head.boundingBox();
  const deepMm = Math.max(max[1], -min[1]);
  if (degrees === 0 || !(deepMm > 0)) return head;
  const slope = Math.tan((degrees * Math.PI) / HALF_TURN);
  const middle = [(min[0] + max[0]) / 2, (min[2] + max[2]) / 2] as const;
  const reach = [(max[0] - min[0]) / 2, (max[2] - min[2]) / 2] as const;
  let triangles: Triangles = trianglesOf(head);
  for (let level = -LEVELS; level <= LEVELS; level += 1) {
    triangles = splitMesh(triangles, 1, (level * deepMm) / (LEVELS + 1));
  }
  const leaning = Float32Array.from(triangles);
  for (let at = 0; at + 2 < leaning.length; at += 3) {
    const wider = slope * (deepMm / 2 - Math.abs(leaning[at + 1] ?? 0));
    const moved = (axis: 0 | 1, value: number) =>
      middle[axis] + (value - middle[axis]) * (1 + wider / reach[axis]);
    leaning[at] = moved(0, leaning[at] ?? 0);
    leaning[at + 2] = moved(1, leaning[at + 2] ?? 0);
  }
  const body = fromTriangles(leaning);
  const times = Math.cbrt(head.volume() / body.volume());
  const about = keep(body.translate([-middle[0], 0, -middle[1]]));
  return keep(keep(about.scale(times)).translate([middle[0], 0, middle[1]]));
}
