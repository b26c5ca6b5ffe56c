import type { Loft, LoftSection } from '../solids/loft';

const CORNERS_ROUND = 64;

/** The rim of a section of unit profile radius and unit depth, counterclockwise seen from above. */
function rimOf(section: LoftSection, around: number): readonly (readonly [number, number])[] {
  if (section === 'square') {
    return [
      [1, -1],
      [1, 1],
      [-1, 1],
      [-1, -1],
    ];
  }
  const arc = section === 'half' ? Math.PI : 2 * Math.PI;
  const steps = section === 'half' ? around / 2 + 1 : around;
  const divisions = section === 'half' ? around / 2 : around;
  return Array.from({ length: steps }, (_, step) => {
    const angle = (arc * step) / divisions;
    return [Math.cos(angle), Math.sin(angle)] as const;
  });
}

/**
 * A loft as a closed mesh, standing along z, facing outward: nine numbers a triangle, mm. The rim of a round section
 * is drawn a trace large, so that its polygon has the area of the circle and the mesh the volume of the body.
 * `around` is even: corners of a full round.
 *
 * @example measureMesh(loftMesh({ section: 'square', depth: 1, profile: [[5, 0], [5, 10]] })).volumeCm3 // 1
 */
export function loftMesh({ section, depth, profile }: Loft, around = CORNERS_ROUND): Float64Array {
  const rim = rimOf(section, around);
  const fairness =
    section === 'square' ? 1 : Math.sqrt((2 * Math.PI) / around / Math.sin((2 * Math.PI) / around));
  const triangles: number[] = [];
  type Point = readonly [number, number, number];
  const point = (ring: number, step: number): Point => {
    const [r, z] = profile[ring] ?? [0, 0];
    const [x, y] = rim[step % rim.length] ?? [0, 0];
    return [x * r * fairness, y * r * fairness * depth, z];
  };
  const same = (a: Point, b: Point) => a[0] === b[0] && a[1] === b[1] && a[2] === b[2];
  const add = (a: Point, b: Point, c: Point) => {
    if (!same(a, b) && !same(b, c) && !same(c, a)) triangles.push(...a, ...b, ...c);
  };
  for (let ring = 0; ring + 1 < profile.length; ring += 1) {
    for (let step = 0; step < rim.length; step += 1) {
      const [a, b] = [point(ring, step), point(ring, step + 1)];
      const [d, c] = [point(ring + 1, step), point(ring + 1, step + 1)];
      add(a, b, c);
      add(a, c, d);
    }
  }
  for (let step = 1; step + 1 < rim.length; step += 1) {
    add(point(0, 0), point(0, step + 1), point(0, step));
    const top = profile.length - 1;
    add(point(top, 0), point(top, step), point(top, step + 1));
  }
  return Float64Array.from(triangles);
}
