import { loftMesh } from '@/core/meshes/loft-mesh';

/** A closed box from the origin, 12 triangles, facing outward. */
export function boxMesh(x: number, y: number, z: number): number[] {
  const faces = [
    [
      [0, 0, 0],
      [0, y, 0],
      [x, y, 0],
      [x, 0, 0],
    ],
    [
      [0, 0, z],
      [x, 0, z],
      [x, y, z],
      [0, y, z],
    ],
    [
      [0, 0, 0],
      [x, 0, 0],
      [x, 0, z],
      [0, 0, z],
    ],
    [
      [x, 0, 0],
      [x, y, 0],
      [x, y, z],
      [x, 0, z],
    ],
    [
      [x, y, 0],
      [0, y, 0],
      [0, y, z],
      [x, y, z],
    ],
    [
      [0, y, 0],
      [0, 0, 0],
      [0, 0, z],
      [0, y, z],
    ],
  ] as const;
  return faces.flatMap(([a, b, c, d]) => [a, b, c, a, c, d].flat());
}

/** A ball of `around` by `around / 2` facets of radius `rMm`, corners on the ball, its foot at the origin. */
export function ballMesh(rMm: number, around: number): Float64Array {
  const profile = Array.from({ length: around / 2 + 1 }, (_, step) => {
    const latitude = Math.PI * (step / (around / 2) - 0.5);
    const isPole = step === 0 || step === around / 2;
    return [isPole ? 0 : rMm * Math.cos(latitude), rMm + rMm * Math.sin(latitude)] as const;
  });
  return loftMesh({ section: 'round', depth: 1, profile }, around);
}

/** A mesh moved. */
export function moved(triangles: ArrayLike<number>, by: readonly [number, number, number]): number[] {
  return Array.from(triangles, (value, index) => value + (by[index % 3] ?? 0));
}

/** A text STL as programs write it. */
export function textStl(triangles: ArrayLike<number>, newline = '\n'): string {
  const lines = ['solid part'];
  for (let at = 0; at < triangles.length; at += 9) {
    const corner = (from: number) =>
      `      vertex ${triangles[at + from]} ${triangles[at + from + 1]} ${triangles[at + from + 2]}`;
    lines.push('  facet normal 0 0 0', '    outer loop', corner(0), corner(3), corner(6));
    lines.push('    endloop', '  endfacet');
  }
  lines.push('endsolid part', '');
  return lines.join(newline);
}
