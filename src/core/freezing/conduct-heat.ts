import { brickRooms, GRID_SIDES, type GridSideName, type ThermalGrid } from './grid';
import { heatCurve } from './heat-content';

/** What is held of a moment. */
export interface HeatMoment {
  readonly seconds: number;
  /** J/m3 and C, brick by brick. Read now: they are written over by the next step. */
  readonly heat: Float64Array;
  readonly temperature: Float64Array;
  /** Left through the sides so far, J. */
  readonly leftJ: number;
}

export interface Conduction {
  /** Goes on by so many seconds. */
  readonly step: (seconds: number) => HeatMoment;
  readonly now: () => HeatMoment;
  /** All the heat in the grid, J over 0 C. */
  readonly wholeJ: () => number;
}

/** Damping of the stages: none of what does not belong is kept up. */
const DAMPING = 0.1;
const MOST_STAGES = 400;

interface Faces {
  /** From each brick to its neighbor across, behind, above, W/K. */
  readonly along: readonly [Float64Array, Float64Array, Float64Array];
  readonly sides: readonly {
    readonly bricks: Int32Array;
    readonly film: Float64Array;
    readonly ambientC: number;
  }[];
  /** The fastest any brick gives its heat away, 1/s. */
  readonly fastest: number;
}

/**
 * Heat running through a grid of bricks, melting and freezing on its way: what leaves a brick enters its neighbor, so that none
 * is lost. `heat` is what each holds at the start, J/m3, and is written over.
 *
 * Source: enthalpy method (Voller and Cross, 1981) on finite volumes; stages by Chebyshev's polynomials (Verwer,
 * Hundsdorfer and Sommeijer, Convergence properties of the Runge-Kutta-Chebyshev method, 1990), so that one step may be
 * some hundred times as long as a plain one.
 *
 * @example conductHeat(grid, heat).step(0.5).seconds // 0.5
 */
export function conductHeat(grid: ThermalGrid, heat: Float64Array): Conduction {
  const { counts, of, materials } = grid;
  const size = of.length;
  if (size !== counts[0] * counts[1] * counts[2] || heat.length !== size) {
    throw new RangeError('conductHeat requires a material and a heat for each brick of the grid');
  }
  const curves = materials.map(heatCurve);
  const capacity = Float64Array.from(curves, (curve) => curve.capacity);
  const solidJ = Float64Array.from(curves, (curve) => curve.solidJm3);
  const liquidJ = Float64Array.from(curves, (curve) => curve.liquidJm3);
  const solidusC = Float64Array.from(curves, (curve) => curve.solidusC);
  const liquidusC = Float64Array.from(curves, (curve) => curve.liquidusC);
  const rooms = brickRooms(grid);
  const perRoom = rooms.map((room) => 1 / room);
  const faces = facesOf(grid, capacity, rooms);
  const layer = counts[0] * counts[1];
  // A layer of nothing on either side, so that no brick need be asked whether it has a neighbor.
  const padded = new Float64Array(size + 2 * layer);
  const temperature = padded.subarray(layer, layer + size);
  const [acrossW, deepW, highW] = faces.along.map((along) => {
    const wide = new Float64Array(size + 2 * layer);
    wide.set(along, layer);
    return wide;
  });
  if (!acrossW || !deepW || !highW) throw new RangeError('conductHeat requires three axes');
  let seconds = 0;
  let leftJ = 0;

  const warm = (held: Float64Array) => {
    for (let at = 0; at < size; at += 1) {
      const material = of[at] as number;
      const joules = held[at] as number;
      if (joules <= (solidJ[material] as number)) temperature[at] = joules / (capacity[material] as number);
      else if (joules >= (liquidJ[material] as number)) {
        temperature[at] =
          (liquidusC[material] as number) +
          (joules - (liquidJ[material] as number)) / (capacity[material] as number);
      } else {
        const share =
          (joules - (solidJ[material] as number)) /
          ((liquidJ[material] as number) - (solidJ[material] as number));
        temperature[at] =
          (solidusC[material] as number) +
          share * ((liquidusC[material] as number) - (solidusC[material] as number));
      }
    }
  };
  /**
   * into = m held + n before + t x what each brick takes in, W/m3; gives what leaves through the sides, W. All in one pass:
   * the memory, not the sums, is what takes the time.
   */
  const take = (
    into: Float64Array,
    held: Float64Array,
    before: Float64Array,
    [m, n, t]: readonly [number, number, number],
  ): number => {
    warm(held);
    const deepStride = counts[0];
    for (let at = 0; at < size; at += 1) {
      const p = at + layer;
      const here = padded[p] as number;
      const takes =
        (acrossW[p] as number) * ((padded[p + 1] as number) - here) +
        (acrossW[p - 1] as number) * ((padded[p - 1] as number) - here) +
        (deepW[p] as number) * ((padded[p + deepStride] as number) - here) +
        (deepW[p - deepStride] as number) * ((padded[p - deepStride] as number) - here) +
        (highW[p] as number) * ((padded[p + layer] as number) - here) +
        (highW[p - layer] as number) * ((padded[p - layer] as number) - here);
      into[at] = m * (held[at] as number) + n * (before[at] as number) + t * takes * (perRoom[at] as number);
    }
    let leaves = 0;
    for (const { bricks, film, ambientC } of faces.sides) {
      for (let nth = 0; nth < bricks.length; nth += 1) {
        const at = bricks[nth] ?? 0;
        const flow = (film[nth] ?? 0) * ((temperature[at] ?? 0) - ambientC);
        into[at] = (into[at] ?? 0) - t * flow * (perRoom[at] ?? 0);
        leaves += flow;
      }
    }
    return leaves;
  };

  let [older, newer, next] = [new Float64Array(size), new Float64Array(size), new Float64Array(size)];
  const stride = (long: number) => {
    const stages = Math.max(2, Math.ceil(Math.sqrt((long * faces.fastest) / (2 - (4 / 3) * DAMPING)) + 1));
    const { first, mu, nu, tilde } = chebyshev(stages);
    let olderLeft = leftJ;
    older.set(heat);
    let newerLeft = leftJ + first * long * take(newer, older, older, [1, 0, first * long]);
    for (let stage = 2; stage <= stages; stage += 1) {
      const weights = [mu[stage] ?? 0, nu[stage] ?? 0, (tilde[stage] ?? 0) * long] as const;
      const leaves = take(next, newer, older, weights);
      const nextLeft = weights[0] * newerLeft + weights[1] * olderLeft + weights[2] * leaves;
      [older, newer, next] = [newer, next, older];
      [olderLeft, newerLeft] = [newerLeft, nextLeft];
    }
    heat.set(newer);
    leftJ = newerLeft;
    seconds += long;
  };

  /** A step of more stages than this is no longer exact: it is taken in parts. */
  const longest = (((MOST_STAGES - 1) ** 2 * (2 - (4 / 3) * DAMPING)) / faces.fastest) * 0.9;
  const moment = (): HeatMoment => ({ seconds, heat, temperature, leftJ });
  warm(heat);
  return {
    step: (long) => {
      const parts = Math.ceil(long / longest);
      for (let part = 0; part < parts; part += 1) stride(long / parts);
      warm(heat);
      return moment();
    },
    now: moment,
    wholeJ: () => {
      let whole = 0;
      for (let at = 0; at < size; at += 1) whole += (heat[at] ?? 0) * (rooms[at] ?? 0);
      return whole;
    },
  };
}

/** The weights of the stages. */
function chebyshev(stages: number) {
  const w0 = 1 + DAMPING / stages ** 2;
  const value = [1, w0];
  const slope = [0, 1];
  for (let at = 2; at <= stages; at += 1) {
    value.push(2 * w0 * (value[at - 1] ?? 0) - (value[at - 2] ?? 0));
    slope.push(2 * (value[at - 1] ?? 0) + 2 * w0 * (slope[at - 1] ?? 0) - (slope[at - 2] ?? 0));
  }
  const w1 = (value[stages] ?? 0) / (slope[stages] ?? 0);
  const b = value.map((each) => 1 / each);
  const mu = [0, 0];
  const nu = [0, 0];
  const tilde = [0, 0];
  for (let at = 2; at <= stages; at += 1) {
    mu.push((2 * w0 * (b[at] ?? 0)) / (b[at - 1] ?? 0));
    nu.push(-(b[at] ?? 0) / (b[at - 2] ?? 0));
    tilde.push((2 * w1 * (b[at] ?? 0)) / (b[at - 1] ?? 0));
  }
  return { first: w1 / w0, mu, nu, tilde };
}

function facesOf(grid: ThermalGrid, capacity: Float64Array, rooms: Float64Array): Faces {
  const { counts, of, materials, widthsMm, contactWm2K } = grid;
  const [across, deep, high] = counts;
  const size = of.length;
  const melts = materials.map(({ melting }) => melting !== null);
  const strides = [1, across, across * deep] as const;
  const total = new Float64Array(size);
  const placeOf = (at: number) => [
    at % across,
    Math.floor(at / across) % deep,
    Math.floor(at / (across * deep)),
  ];
  /** How wide a brick is along an axis, m. */
  const wide = (axis: number, place: number) => (widthsMm[axis]?.[place] ?? 0) / 1000;
  /** What holds heat back from a brick's middle to its face along an axis, m2K/W. */
  const half = (axis: number, place: number, at: number) =>
    wide(axis, place) / 2 / (materials[of[at] ?? 0]?.conductivityWmK ?? 1);
  const along = strides.map((stride, axis) => {
    const through = new Float64Array(size);
    for (let at = 0; at < size - stride; at += 1) {
      const place = placeOf(at)[axis] ?? 0;
      if (place === (counts[axis] ?? 0) - 1) continue;
      const isTouching = melts[of[at] ?? 0] !== melts[of[at + stride] ?? 0];
      const touching = isTouching && contactWm2K !== undefined ? 1 / contactWm2K : 0;
      const held = half(axis, place, at) + half(axis, place + 1, at + stride) + touching;
      const flow = (rooms[at] ?? 0) / wide(axis, place) / held;
      through[at] = flow;
      total[at] = (total[at] ?? 0) + flow;
      total[at + stride] = (total[at + stride] ?? 0) + flow;
    }
    return through;
  });
  const ends: Record<GridSideName, [axis: 0 | 1 | 2, at: number]> = {
    left: [0, 0],
    right: [0, across - 1],
    front: [1, 0],
    back: [1, deep - 1],
    foot: [2, 0],
    top: [2, high - 1],
  };
  const sides = GRID_SIDES.flatMap((name) => {
    const side = grid.sides[name];
    if (!side) return [];
    const [axis, end] = ends[name];
    const bricks = Int32Array.from(
      Array.from({ length: size }, (_, at) => at).filter((at) => placeOf(at)[axis] === end),
    );
    const film = Float64Array.from(bricks, (at) => {
      const flow = (rooms[at] ?? 0) / wide(axis, end) / (half(axis, end, at) + 1 / side.filmWm2K);
      total[at] = (total[at] ?? 0) + flow;
      return flow;
    });
    return [{ bricks, film, ambientC: side.ambientC }];
  });
  let fastest = 0;
  for (let at = 0; at < size; at += 1) {
    fastest = Math.max(fastest, (2 * (total[at] ?? 0)) / (capacity[of[at] ?? 0] ?? 0) / (rooms[at] ?? 0));
  }
  const [x, y, z] = along;
  if (!x || !y || !z) throw new RangeError('facesOf requires a grid of three axes');
  return { along: [x, y, z], sides, fastest };
}
