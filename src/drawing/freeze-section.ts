import { contours, type ContourMultiPolygon } from 'd3-contour';
import { CAST_ROLES } from '@/core/freezing/casting';
import type { FreezeSection, FrozenPicture, PlaneSection } from '@/core/freezing/picture-freeze';
import type { GatePoint } from '@/core/molds/gate-run';

/** A picture's box in a drawing: mm to the right and down, the body's axis at 0. */
export interface SectionBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A lattice of even steps over a box: what stands at each of its points, row by row from the top. */
export interface Raster {
  readonly wide: number;
  readonly tall: number;
  readonly values: Float64Array;
  readonly leftMm: number;
  readonly topMm: number;
  readonly stepMm: number;
}

/** What a freezing looks like, cut through its parting plane; all paths in mm, up is up. */
export interface FreezeDrawing {
  readonly box: SectionBox;
  /** The hollow of the body, and the way in. */
  readonly body: string;
  /** Stretch by stretch: together they are the way in. */
  readonly gate: readonly string[];
  /** What stays empty. */
  readonly empty: string;
  /** From cool to hot: what is solid only after so many seconds. */
  readonly bands: readonly { readonly fromS: number; readonly path: string }[];
  /** When each place is solid, s: what is liquid at a moment is drawn of it. */
  readonly times: Raster;
}

/** Mold shown round what is cast, mm. */
const ROUND_MM = 5;
const COLUMNS = 150;
const MOST_BANDS = 7;
const round = (mm: number) => Number(mm.toFixed(2));

/**
 * The drawing of a freezing: outlines by the cavity's own fine cells, bands between seconds by lines of equal time.
 *
 * @example freezeDrawing(picture).bands.map(({ fromS }) => fromS) // [0, 1, 2, 3, 4, 5]
 */
export function freezeDrawing({ bounds, run, section, shape, spent }: FrozenPicture): FreezeDrawing {
  const [mouth] = run;
  const right = Math.max(bounds.max[0], ...run.map(({ xMm, radiusMm }) => xMm + radiusMm));
  const left = Math.min(bounds.min[0], ...run.map(({ xMm, radiusMm }) => xMm - radiusMm));
  const top = mouth ? mouth.zMm : bounds.max[2];
  const foot = Math.min(bounds.min[2], ...run.map(({ zMm, radiusMm }) => zMm - radiusMm));
  const box = {
    x: left - ROUND_MM,
    y: -top,
    width: right - left + 2 * ROUND_MM,
    height: top - foot + ROUND_MM,
  };
  const times = timesOver(section, box);
  const stepS = evenStep(Math.max(...times.values.filter(Number.isFinite), 0));
  const whole = Math.max(0, ...times.values);
  const marks = Array.from({ length: Math.ceil(whole / stepS) }, (_, nth) => nth * stepS);
  return {
    box,
    body: planePath(shape, 0.5),
    gate: runPaths(run),
    empty: planePath(spent, 1),
    bands: marks.map((fromS) => ({ fromS, path: liquidPath(times, fromS) })),
    times,
  };
}

/** Even marks for a whole: 0.1, 0.2, 0.5 and their tens, some five of them. */
function evenStep(whole: number): number {
  const rough = Math.max(whole, 1e-3) / MOST_BANDS;
  const ten = 10 ** Math.floor(Math.log10(rough));
  return ([1, 2, 5, 10].find((step) => step * ten >= rough) ?? 10) * ten;
}

/** Times of what melts over even points; off it, those of the metal nearest by, so that lines run out to its edge. */
function timesOver({ xsMm, zsMm, roles, solidAtS }: FreezeSection, box: SectionBox): Raster {
  const metal = new Set(['body', 'gate'].map((role) => CAST_ROLES.indexOf(role as 'body')));
  const across = xsMm.length;
  const step = box.width / COLUMNS;
  const tall = Math.max(2, Math.round(box.height / step));
  const values = new Float64Array(COLUMNS * tall).fill(-1);
  for (let row = 0; row < tall; row += 1) {
    const z = -(box.y + (row + 0.5) * step);
    const [low, share] = between(zsMm, z);
    for (let column = 0; column < COLUMNS; column += 1) {
      const [left, part] = between(xsMm, box.x + (column + 0.5) * step);
      let [sum, weights] = [0, 0];
      for (const [i, wi] of [
        [left, 1 - part],
        [left + 1, part],
      ] as const) {
        for (const [k, wk] of [
          [low, 1 - share],
          [low + 1, share],
        ] as const) {
          const cell = k * across + i;
          const seconds = solidAtS[cell] ?? Infinity;
          if (!metal.has(roles[cell] ?? 0) || !Number.isFinite(seconds)) continue;
          sum += wi * wk * seconds;
          weights += wi * wk;
        }
      }
      if (weights > 1e-6) values[row * COLUMNS + column] = sum / weights;
    }
  }
  return {
    wide: COLUMNS,
    tall,
    values: spreadOut(values, COLUMNS, tall),
    leftMm: box.x,
    topMm: box.y,
    stepMm: step,
  };
}

/** Twice gives points without a value the mean of their neighbors with one. */
function spreadOut(values: Float64Array, wide: number, tall: number): Float64Array {
  let told = values;
  for (let time = 0; time < 3; time += 1) {
    const from = told;
    told = from.map((value, at) => {
      if (value >= 0) return value;
      const x = at % wide;
      const around = [
        x > 0 ? (from[at - 1] ?? -1) : -1,
        x < wide - 1 ? (from[at + 1] ?? -1) : -1,
        from[at - wide] ?? -1,
        at < wide * (tall - 1) ? (from[at + wide] ?? -1) : -1,
      ].filter((each) => each >= 0);
      return around.length > 0 ? around.reduce((so, each) => so + each, 0) / around.length : -1;
    });
  }
  return told;
}

/** The place before a value among rising ones, and how far on to the next it lies. */
function between(rising: Float64Array, value: number): readonly [at: number, share: number] {
  let at = 0;
  while (at < rising.length - 2 && (rising[at + 1] ?? Infinity) <= value) at += 1;
  const [low, high] = [rising[at] ?? 0, rising[at + 1] ?? 1];
  return [at, Math.max(0, Math.min(1, (value - low) / (high - low)))];
}

/**
 * What of a casting is still liquid after so many seconds, as a path in mm.
 *
 * @example liquidPath(drawing.times, 2) // 'M3.1 -4.2L…Z'
 */
export function liquidPath({ wide, tall, values, leftMm, topMm, stepMm }: Raster, seconds: number): string {
  return pathOfShape(
    contours()
      .size([wide, tall])
      .contour([...values], seconds),
    (x, y) => [round(leftMm + x * stepMm), round(topMm + y * stepMm)],
  );
}

function pathOfShape(
  { coordinates }: ContourMultiPolygon,
  toMm: (x: number, y: number) => readonly [number, number],
): string {
  return coordinates
    .flatMap((polygon) =>
      polygon.map((ring) => `M${ring.map(([x, y]) => toMm(x ?? 0, y ?? 0).join(' ')).join('L')}Z`),
    )
    .join('');
}

/** Where a plane reaches a value, with a rim of nothing so that every ring is closed. */
function planePath({ xsMm, zsMm, values }: PlaneSection, from: number): string {
  const [across, high] = [xsMm.length, zsMm.length];
  const step = (xsMm[1] ?? 1) - (xsMm[0] ?? 0);
  const [wide, tall] = [across + 2, high + 2];
  const rimmed = Array.from({ length: wide * tall }, (_, at) => {
    const [x, y] = [(at % wide) - 1, high - Math.floor(at / wide)];
    return x >= 0 && x < across && y >= 0 && y < high ? (values[y * across + x] ?? 0) : 0;
  });
  const [left, top] = [(xsMm[0] ?? 0) - 1.5 * step, -(zsMm.at(-1) ?? 0) - 1.5 * step];
  return pathOfShape(contours().size([wide, tall]).contour(rimmed, from), (x, y) => [
    round(left + x * step),
    round(top + y * step),
  ]);
}

/** A way of round sections seen from the side: each stretch with its bends. */
function runPaths(run: readonly GatePoint[]): string[] {
  return run.slice(1).flatMap((to, nth) => {
    const from = run[nth];
    if (!from) return [];
    const [dx, dz] = [to.xMm - from.xMm, to.zMm - from.zMm];
    const long = Math.hypot(dx, dz) || 1;
    const [nx, nz] = [-dz / long, dx / long];
    const side = ({ xMm, zMm, radiusMm }: GatePoint, way: 1 | -1) =>
      `${round(xMm + way * nx * radiusMm)} ${round(-(zMm + way * nz * radiusMm))}`;
    const r = round(to.radiusMm);
    return [
      `M${side(from, 1)}L${side(to, 1)}L${side(to, -1)}L${side(from, -1)}Z`,
      `M${round(to.xMm - r)} ${round(-to.zMm)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`,
    ];
  });
}
