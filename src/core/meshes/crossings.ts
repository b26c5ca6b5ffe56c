import { NUMBERS_PER_TRIANGLE, type Triangles } from './mesh';

/** Off the lattice by so little that no line runs along an edge of a mesh drawn in round figures. */
const ASIDE_MM = 1.7e-7;

/**
 * Where straight lines along an axis go through a mesh: one line for each pair of places on the other two axes, taken in
 * turn (along y: z, then x), its crossings from low to high, mm. Of a closed mesh they are even: in, out, in, out.
 *
 * @example crossings(unitCube, 2, [0.5], [0.5])[0] // [0, 1]
 */
export function crossings(
  triangles: Triangles,
  axis: 0 | 1 | 2,
  us: ArrayLike<number>,
  vs: ArrayLike<number>,
): number[][] {
  const [u, v] = [(axis + 1) % 3, (axis + 2) % 3];
  const lines = Array.from({ length: us.length * vs.length }, (): number[] => []);
  const at = (from: number, corner: number, along: number) => triangles[from + corner * 3 + along] ?? 0;
  for (let from = 0; from + NUMBERS_PER_TRIANGLE <= triangles.length; from += NUMBERS_PER_TRIANGLE) {
    const [au, bu, cu] = [at(from, 0, u), at(from, 1, u), at(from, 2, u)];
    const [av, bv, cv] = [at(from, 0, v), at(from, 1, v), at(from, 2, v)];
    const whole = (bu - au) * (cv - av) - (cu - au) * (bv - av);
    if (whole === 0) continue;
    const [lowU, highU] = [Math.min(au, bu, cu), Math.max(au, bu, cu)];
    const [lowV, highV] = [Math.min(av, bv, cv), Math.max(av, bv, cv)];
    for (let i = firstFrom(us, lowU); i < us.length && (us[i] ?? 0) <= highU; i += 1) {
      const pu = (us[i] ?? 0) + ASIDE_MM;
      for (let j = firstFrom(vs, lowV); j < vs.length && (vs[j] ?? 0) <= highV; j += 1) {
        const pv = (vs[j] ?? 0) + ASIDE_MM * 0.618;
        const b = ((pu - au) * (cv - av) - (cu - au) * (pv - av)) / whole;
        const c = ((bu - au) * (pv - av) - (pu - au) * (bv - av)) / whole;
        if (b < 0 || c < 0 || b + c > 1) continue;
        const along = at(from, 0, axis) * (1 - b - c) + at(from, 1, axis) * b + at(from, 2, axis) * c;
        lines[i * vs.length + j]?.push(along);
      }
    }
  }
  for (const line of lines) line.sort((a, b) => a - b);
  return lines;
}

/** The first of rising places that is not under a bound. */
function firstFrom(places: ArrayLike<number>, bound: number): number {
  let [low, high] = [0, places.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((places[middle] ?? 0) + ASIDE_MM < bound) low = middle + 1;
    else high = middle;
  }
  return low;
}
