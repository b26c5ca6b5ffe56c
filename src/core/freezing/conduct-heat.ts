import { GRID_SIDES, type GridSideName, type ThermalGrid } from './grid';
import { heatCurve } from './heat-content';

/** What is held of a moment. */
export interface HeatMoment {
  readonly seconds: number;
  /** J/m3 and C, cube by cube. Read now: they are written over by the next step. */
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
  /** From each cube to its neighbor across, behind, above: 1/s of a J/m3 a kelvin, so W/m3K. */
  readonly along: readonly [Float64Array, Float64Array, Float64Array];
  readonly sides: readonly {
    readonly cubes: Int32Array;
    readonly film: Float64Array;
    readonly ambientC: number;
  }[];
  /** The fastest any cube gives its heat away, 1/s. */
  readonly fastest: number;
}

/**
 * Heat running through a grid of cubes, melting and freezing on its way: what leaves a cube enters its neighbor, so that none
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
    throw new RangeError('conductHeat requires a material and a heat for each cube of the grid');
  }
  const curves = materials.map(heatCurve);
  const capacity = Float64Array.from(curves, (curve) => curve.capacity);
  const solidJ = Float64Array.from(curves, (curve) => curve.solidJm3);
  const liquidJ = Float64Array.from(curves, (curve) => curve.liquidJm3);
  const solidusC = Float64Array.from(curves, (curve) => curve.solidusC);
  const liquidusC = Float64Array.from(curves, (curve) => curve.liquidusC);
  const faces = facesOf(grid, capacity);
  const temperature = new Float64Array(size);
  const rate = new Float64Array(size);
  const cubeM3 = (grid.stepMm / 1000) ** 3;
  let seconds = 0;
  let leftJ = 0;

  const warm = (held: Float64Array) => {
    for (let at = 0; at < size; at += 1) {
      const material = of[at] ?? 0;
      const joules = held[at] ?? 0;
      if (joules <= (solidJ[material] ?? 0)) temperature[at] = joules / (capacity[material] ?? 0);
      else if (joules >= (liquidJ[material] ?? 0)) {
        temperature[at] =
          (liquidusC[material] ?? 0) + (joules - (liquidJ[material] ?? 0)) / (capacity[material] ?? 0);
      } else {
        const share =
          (joules - (solidJ[material] ?? 0)) / ((liquidJ[material] ?? 0) - (solidJ[material] ?? 0));
        temperature[at] =
          (solidusC[material] ?? 0) + share * ((liquidusC[material] ?? 0) - (solidusC[material] ?? 0));
      }
    }
  };
  const strides = [1, counts[0], counts[0] * counts[1]] as const;
  /** What each cube takes in, W/m3; gives what leaves through the sides, W. */
  const run = (held: Float64Array): number => {
    warm(held);
    rate.fill(0);
    for (let axis = 0; axis < 3; axis += 1) {
      const through = faces.along[axis] ?? rate;
      const stride = strides[axis] ?? size;
      for (let at = 0; at < size - stride; at += 1) {
        const flow = (through[at] ?? 0) * ((temperature[at + stride] ?? 0) - (temperature[at] ?? 0));
        rate[at] = (rate[at] ?? 0) + flow;
        rate[at + stride] = (rate[at + stride] ?? 0) - flow;
      }
    }
    let leaves = 0;
    for (const { cubes, film, ambientC } of faces.sides) {
      for (let nth = 0; nth < cubes.length; nth += 1) {
        const at = cubes[nth] ?? 0;
        const flow = (film[nth] ?? 0) * ((temperature[at] ?? 0) - ambientC);
        rate[at] = (rate[at] ?? 0) - flow;
        leaves += flow;
      }
    }
    return leaves * cubeM3;
  };

  let [older, newer, next] = [new Float64Array(size), new Float64Array(size), new Float64Array(size)];
  const stride = (long: number) => {
    const stages = Math.max(2, Math.ceil(Math.sqrt((long * faces.fastest) / (2 - (4 / 3) * DAMPING)) + 1));
    const { first, mu, nu, tilde } = chebyshev(stages);
    let olderLeft = leftJ;
    older.set(heat);
    let leaves = run(heat);
    for (let at = 0; at < size; at += 1) newer[at] = (heat[at] ?? 0) + first * long * (rate[at] ?? 0);
    let newerLeft = leftJ + first * long * leaves;
    for (let stage = 2; stage <= stages; stage += 1) {
      leaves = run(newer);
      const [m, n, t] = [mu[stage] ?? 0, nu[stage] ?? 0, (tilde[stage] ?? 0) * long];
      for (let at = 0; at < size; at += 1)
        next[at] = m * (newer[at] ?? 0) + n * (older[at] ?? 0) + t * (rate[at] ?? 0);
      const nextLeft = m * newerLeft + n * olderLeft + t * leaves;
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
      for (let at = 0; at < size; at += 1) whole += heat[at] ?? 0;
      return whole * cubeM3;
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

function facesOf(grid: ThermalGrid, capacity: Float64Array): Faces {
  const { counts, of, materials, stepMm, contactWm2K } = grid;
  const step = stepMm / 1000;
  const [across, deep, high] = counts;
  const size = of.length;
  const half = Float64Array.from(materials, ({ conductivityWmK }) => step / 2 / conductivityWmK);
  const melts = materials.map(({ melting }) => melting !== null);
  const strides = [1, across, across * deep] as const;
  const total = new Float64Array(size);
  const placeOf = (at: number) => [
    at % across,
    Math.floor(at / across) % deep,
    Math.floor(at / (across * deep)),
  ];
  const along = strides.map((stride, axis) => {
    const through = new Float64Array(size);
    for (let at = 0; at < size - stride; at += 1) {
      if (placeOf(at)[axis] === (counts[axis] ?? 0) - 1) continue;
      const one = of[at] ?? 0;
      const other = of[at + stride] ?? 0;
      const touching = melts[one] !== melts[other] && contactWm2K !== undefined ? 1 / contactWm2K : 0;
      const flow = 1 / ((half[one] ?? 0) + (half[other] ?? 0) + touching) / step;
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
    const cubes = Int32Array.from(
      Array.from({ length: size }, (_, at) => at).filter((at) => placeOf(at)[axis] === end),
    );
    const film = Float64Array.from(cubes, (at) => {
      const flow = 1 / ((half[of[at] ?? 0] ?? 0) + 1 / side.filmWm2K) / step;
      total[at] = (total[at] ?? 0) + flow;
      return flow;
    });
    return [{ cubes, film, ambientC: side.ambientC }];
  });
  let fastest = 0;
  for (let at = 0; at < size; at += 1)
    fastest = Math.max(fastest, (2 * (total[at] ?? 0)) / (capacity[of[at] ?? 0] ?? 0));
  const [x, y, z] = along;
  if (!x || !y || !z) throw new RangeError('facesOf requires a grid of three axes');
  return { along: [x, y, z], sides, fastest };
}
