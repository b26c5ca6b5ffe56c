import { crossings } from '../meshes/crossings';
import type { Lattice } from '../meshes/fill-mesh';
import { sweepPaths } from './sweep-paths';

/** How thick a cavity is about each of its cells. */
export interface LocalThickness {
  /** Room over skin of the widest place that the cell belongs to, mm. */
  readonly modulusMm: Float64Array;
  /** One over each of its two narrow sides, added, 1/mm: how sharply a liquid's skin must bend to go in. */
  readonly bend: Float64Array;
}

/**
 * How thick a body is at each cell of a lattice of cubes: three straight lines through it from wall to wall, of the widest
 * ball in the body that holds the cell, so that what lies at the wall of a thick place is not taken for thin.
 *
 * @example localThickness(ball, middles, inside, 0.5).modulusMm[middle] // a third of its radius
 */
export function localThickness(
  body: Float32Array,
  middles: Lattice,
  inside: Uint8Array,
  stepMm: number,
): LocalThickness {
  const counts = [middles[0].length, middles[1].length, middles[2].length] as const;
  const [x, y, z] = ([0, 1, 2] as const).map((axis) => spansAlong(axis, body, middles, inside, stepMm));
  const modulusMm = new Float64Array(inside.length);
  const bend = new Float64Array(inside.length);
  const narrow = new Float64Array(inside.length);
  for (let cell = 0; cell < inside.length; cell += 1) {
    if (inside[cell] !== 1) continue;
    const [a, b, c] = [x, y, z].map((span) => Math.max(stepMm / 4, span?.[cell] ?? 0));
    const [least = 0, middle = 0, most = 0] = [a ?? 0, b ?? 0, c ?? 0].sort((one, other) => one - other);
    modulusMm[cell] = 1 / (2 / least + 2 / middle + 2 / most);
    bend[cell] = 1 / least + 1 / middle;
    narrow[cell] = least / 2;
  }
  const off = wallDistance(counts, inside, stepMm);
  const reach = off.map((mm, cell) => Math.min(mm, narrow[cell] ?? 0));
  return spread({ counts, inside, stepMm, reach }, { modulusMm, bend });
}

/** How far each cell's middle is from the nearest wall, mm. */
function wallDistance(
  [across, deep, high]: readonly [number, number, number],
  inside: Uint8Array,
  stepMm: number,
): Float64Array {
  const layer = across * deep;
  const from: (readonly [number, number])[] = [];
  for (let cell = 0; cell < inside.length; cell += 1) {
    if (inside[cell] !== 1) continue;
    const place = [cell % across, Math.floor(cell / across) % deep, Math.floor(cell / layer)];
    const isAtWall = [1, across, layer].some((stride, axis) => {
      const last = ([across, deep, high][axis] ?? 1) - 1;
      return (
        place[axis] === 0 ||
        place[axis] === last ||
        inside[cell - stride] !== 1 ||
        inside[cell + stride] !== 1
      );
    });
    if (isAtWall) from.push([cell, stepMm / 2]);
  }
  const slowness = Float64Array.from(inside, (isIn) => (isIn === 1 ? 1 : Infinity));
  return sweepPaths({ counts: [across, deep, high], stepMm, slowness, from });
}

/** From so much more room a cell on, a place is on the way to a wider one: straight up a slope it is 1, aslant 0.58. */
const WIDENS = 0.4;

/** Gives each cell what the widest ball that holds it has. */
function spread(
  {
    counts: [across, deep, high],
    inside,
    stepMm,
    reach,
  }: {
    readonly counts: readonly [number, number, number];
    readonly inside: Uint8Array;
    readonly stepMm: number;
    readonly reach: Float64Array;
  },
  { modulusMm, bend }: LocalThickness,
): LocalThickness {
  const layer = across * deep;
  const strides = [1, across, layer];
  const told = { modulusMm: modulusMm.slice(), bend: bend.slice() };
  for (let cell = 0; cell < inside.length; cell += 1) {
    if (inside[cell] !== 1) continue;
    const here = reach[cell] ?? 0;
    // Where the body gets wider to one side, the ball there holds this cell too.
    const isCovered = strides.some((stride) =>
      [cell - stride, cell + stride].some(
        (next) => inside[next] === 1 && (reach[next] ?? 0) - here > WIDENS * stepMm,
      ),
    );
    if (isCovered) continue;
    const [x, y, z] = [cell % across, Math.floor(cell / across) % deep, Math.floor(cell / layer)];
    const cubes = Math.ceil(here / stepMm) + 1;
    // As far as the cells that its wall goes through.
    const within = (here / stepMm + 1) ** 2;
    for (let k = Math.max(0, z - cubes); k <= Math.min(high - 1, z + cubes); k += 1) {
      for (let j = Math.max(0, y - cubes); j <= Math.min(deep - 1, y + cubes); j += 1) {
        for (let i = Math.max(0, x - cubes); i <= Math.min(across - 1, x + cubes); i += 1) {
          const other = k * layer + j * across + i;
          if (inside[other] !== 1 || (i - x) ** 2 + (j - y) ** 2 + (k - z) ** 2 > within) continue;
          told.modulusMm[other] = Math.max(told.modulusMm[other] ?? 0, modulusMm[cell] ?? 0);
          told.bend[other] = Math.min(told.bend[other] ?? Infinity, bend[cell] ?? Infinity);
        }
      }
    }
  }
  return told;
}

/** How far the cavity reaches through each cell along an axis, mm: from wall to wall by its mesh, to a wire by its cells. */
function spansAlong(
  axis: 0 | 1 | 2,
  body: Float32Array,
  middles: Lattice,
  inside: Uint8Array,
  stepMm: number,
): Float32Array {
  const [across, deep] = [middles[0].length, middles[1].length];
  const strides = [1, across, across * deep];
  const [u, v] = [(axis + 1) % 3, (axis + 2) % 3];
  const [us, vs, along] = [middles[u] ?? middles[0], middles[v] ?? middles[0], middles[axis]];
  const lines = crossings(body, axis, us, vs);
  const spans = new Float32Array(inside.length);
  const [strideU = 1, strideV = 1, stride = 1] = [strides[u], strides[v], strides[axis]];
  for (let i = 0; i < us.length; i += 1) {
    for (let j = 0; j < vs.length; j += 1) {
      const line = lines[i * vs.length + j] ?? [];
      const foot = i * strideU + j * strideV;
      for (let pair = 0; pair + 1 < line.length; pair += 2) {
        const [from, to] = [line[pair] ?? 0, line[pair + 1] ?? 0];
        const within: number[] = [];
        for (let k = 0; k < along.length; k += 1) {
          if ((along[k] ?? 0) >= from && (along[k] ?? 0) < to) within.push(k);
        }
        // A wire on the way parts it: each side reaches from the wall to the wire.
        for (const stretch of stretches(within, (k) => inside[foot + k * stride] === 1)) {
          const isWhole = stretch.length === within.length;
          for (const k of stretch) spans[foot + k * stride] = isWhole ? to - from : stretch.length * stepMm;
        }
      }
    }
  }
  return spans;
}

/** Runs of places that hold, one after the other. */
function stretches(places: readonly number[], holds: (place: number) => boolean): number[][] {
  const found: number[][] = [];
  let current: number[] = [];
  for (const place of places) {
    if (holds(place)) current.push(place);
    else if (current.length > 0) {
      found.push(current);
      current = [];
    }
  }
  if (current.length > 0) found.push(current);
  return found;
}
