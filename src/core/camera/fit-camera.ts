import { Matrix, pseudoInverse, solve } from 'ml-matrix';
import { done, fail, type Outcome } from '../problems/problem';
import { median } from '../numeric/median';
import { sightOf, type Camera, type Pixel } from './camera';

/** A place known on the mat, mm, and the pixel it is seen at. */
export interface SeenPoint {
  readonly mm: readonly [number, number];
  readonly px: Pixel;
}

/** A camera as it was found. */
export interface FittedCamera {
  readonly camera: Camera;
  /** Root mean square of how far the points it was told by lie from where it sees them, mm on the mat. */
  readonly offMm: number;
  /** How far its height is known, as a share of it: 1.96 times its spread. */
  readonly heightShare: number;
  /** The points that were believed, by their place in the list. */
  readonly believed: readonly number[];
}

/** Usual of phones: the focal length as a share of the picture's longer side, and how far theirs lie from it. */
const USUAL_FOCAL = 0.76;
const FOCAL_SPREAD = 0.18;
/** How far lenses bend, typically. */
const BEND_SPREAD = 0.2;
/** How well a corner is found, pixels. */
const CORNER_PX = 0.25;
const FEWEST = 16;
const ROUNDS = 40;
/** Points farther off than so many usual ones are not believed. */
const BELIEVED = 5;

type Numbers = readonly number[];

/**
 * The camera that saw these places of a flat mat where it did: least squares with a usual lens as the first guess,
 * twice, the second time without what cannot be. `size` is the picture's width and height in pixels.
 *
 * Problems: `picture.few-markers` where fewer than sixteen points are told.
 *
 * Source: Zhang, A flexible new technique for camera calibration, 2000, for one view; Levenberg and Marquardt's steps.
 *
 * @example fitCamera(seen, { width: 1600, height: 1200 }).value.camera.focalPx // 1216
 */
export function fitCamera(
  seen: readonly SeenPoint[],
  size: { readonly width: number; readonly height: number },
): Outcome<FittedCamera> {
  if (seen.length < FEWEST) return fail('picture.few-markers', { seen: Math.floor(seen.length / 4) });
  const first = fitThrough(seen, size);
  const offs = offsOf(first.camera, seen);
  const limit = BELIEVED * Math.max(median(offs), 0.02);
  const believed = seen.flatMap((_, index) => ((offs[index] ?? 0) <= limit ? [index] : []));
  if (believed.length < FEWEST) return fail('picture.few-markers', { seen: Math.floor(believed.length / 4) });
  const kept = believed.flatMap((index) => seen[index] ?? []);
  const { camera, heightShare } =
    believed.length === seen.length ? first : fitThrough(kept, size, first.camera);
  const squares = offsOf(camera, kept).map((off) => off * off);
  return done({
    camera,
    heightShare,
    believed,
    offMm: Math.sqrt(squares.reduce((total, square) => total + square, 0) / squares.length),
  });
}

/** How far each point lies from where the camera sees it, mm. */
function offsOf(camera: Camera, seen: readonly SeenPoint[]): number[] {
  const { lookDown } = sightOf(camera);
  return seen.map(({ mm: [x, y], px: [u, v] }) => {
    const [seenX, seenY] = lookDown(u, v);
    return Math.hypot(seenX - x, seenY - y);
  });
}

function cameraOf(numbers: Numbers, middle: Pixel): Camera {
  const [logFocal = 0, ax = 0, ay = 0, az = 0, tx = 0, ty = 0, tz = 0, k1 = 0, k2 = 0] = numbers;
  return { focalPx: Math.exp(logFocal), middle, turn: [ax, ay, az], shift: [tx, ty, tz], k1, k2 };
}

function fitThrough(
  seen: readonly SeenPoint[],
  { width, height }: { readonly width: number; readonly height: number },
  start?: Camera,
): { camera: Camera; heightShare: number } {
  const middle: Pixel = [width / 2, height / 2];
  const usual = Math.log(USUAL_FOCAL * Math.max(width, height));
  const offs = (numbers: Numbers): number[] => {
    const camera = cameraOf(numbers, middle);
    const { project } = sightOf(camera);
    return [
      ...seen.flatMap(({ mm, px }) => {
        const [u, v] = project(mm[0], mm[1]);
        return [(u - px[0]) / CORNER_PX, (v - px[1]) / CORNER_PX];
      }),
      ((numbers[0] ?? 0) - usual) / FOCAL_SPREAD,
      camera.k1 / BEND_SPREAD,
      camera.k2 / BEND_SPREAD,
    ];
  };
  const begin = start ?? firstCamera(seen, middle, Math.exp(usual));
  const { numbers, spreads } = leastSquares(offs, [
    Math.log(begin.focalPx),
    ...begin.turn,
    ...begin.shift,
    begin.k1,
    begin.k2,
  ]);
  const camera = cameraOf(numbers, middle);
  const farMm = Math.abs(sightOf(camera).eye[2]);
  return { camera, heightShare: (1.96 * (spreads[6] ?? 0)) / farMm };
}

/** A first guess: the plane's own picture of itself taken apart by a usual lens. */
function firstCamera(seen: readonly SeenPoint[], [cu, cv]: Pixel, focalPx: number): Camera {
  const [a, b, c, d, e, f, g, h] = planeOf(
    seen.map(({ mm, px }) => ({ mm, px: [(px[0] - cu) / focalPx, (px[1] - cv) / focalPx] })),
  );
  const columns: [number, number, number][] = [
    [a, d, g],
    [b, e, h],
  ];
  const lengths = columns.map((column) => Math.hypot(...column));
  const scale = 2 / ((lengths[0] ?? 1) + (lengths[1] ?? 1));
  const [p = [1, 0, 0], q0 = [0, 1, 0]] = columns.map((column, index) =>
    column.map((value) => value / (lengths[index] ?? 1)),
  );
  const dot = p.reduce((total, value, index) => total + value * (q0[index] ?? 0), 0);
  const leaning = q0.map((value, index) => value - dot * (p[index] ?? 0));
  const long = Math.hypot(...leaning);
  const q = leaning.map((value) => value / long);
  const [p0 = 0, p1 = 0, p2 = 0] = p;
  const [q00 = 0, q1 = 0, q2 = 0] = q;
  const r = [p1 * q2 - p2 * q1, p2 * q00 - p0 * q2, p0 * q1 - p1 * q00];
  const [r0 = 0, r1 = 0, r2 = 0] = r;
  const angle = Math.acos(Math.max(-1, Math.min(1, (p0 + q1 + r2 - 1) / 2)));
  const axis = [q2 - r1, r0 - p2, p1 - q00];
  const axisLong = Math.hypot(...axis);
  // Half a turn has no axis by this rule; the mat then lies upside down in the picture.
  const turn = axisLong < 1e-6 ? [0, 0, angle] : axis.map((value) => (value / axisLong) * angle);
  return {
    focalPx,
    middle: [cu, cv],
    turn: [turn[0] ?? 0, turn[1] ?? 0, turn[2] ?? 0],
    shift: [c * scale, f * scale, scale],
    k1: 0,
    k2: 0,
  };
}

type Eight = [number, number, number, number, number, number, number, number];

/** The projective map from the mat to the picture, by least squares; its ninth number is 1. */
function planeOf(seen: readonly SeenPoint[]): Eight {
  const rows = seen.flatMap(({ mm: [x, y], px: [u, v] }) => [
    [x, y, 1, 0, 0, 0, -u * x, -u * y],
    [0, 0, 0, x, y, 1, -v * x, -v * y],
  ]);
  const right = Matrix.columnVector(seen.flatMap(({ px }) => px));
  return solve(new Matrix(rows), right, true).to1DArray() as Eight;
}

/** Gauss and Newton's steps, held back where they overshoot, to the least sum of squares; with each number's spread. */
function leastSquares(
  offs: (numbers: Numbers) => number[],
  start: Numbers,
): { numbers: Numbers; spreads: number[] } {
  let numbers = start;
  let now = offs(numbers);
  let total = sumOfSquares(now);
  let damping = 1e-3;
  for (let round = 0; round < ROUNDS; round += 1) {
    const slopes = slopesOf(offs, numbers, now);
    const across = slopes.transpose();
    const normal = across.mmul(slopes);
    const right = across.mmul(Matrix.columnVector(now));
    let isBetter = false;
    for (let held = 0; held < 8 && !isBetter; held += 1) {
      const damped = normal.clone();
      for (let at = 0; at < numbers.length; at += 1) damped.set(at, at, normal.get(at, at) * (1 + damping));
      const step = solve(damped, right, true);
      const tried = numbers.map((value, at) => value - step.get(at, 0));
      const then = offs(tried);
      const sum = sumOfSquares(then);
      isBetter = sum < total;
      if (!isBetter) damping *= 8;
      else {
        const isDone = total - sum < 1e-9 * total;
        [numbers, now, total, damping] = [tried, then, sum, damping / 8];
        if (isDone) round = ROUNDS;
      }
    }
    if (!isBetter) break;
  }
  const slopes = slopesOf(offs, numbers, now);
  const spread = pseudoInverse(slopes.transpose().mmul(slopes));
  return { numbers, spreads: numbers.map((_, at) => Math.sqrt(Math.max(0, spread.get(at, at)))) };
}

function slopesOf(offs: (numbers: Numbers) => number[], numbers: Numbers, now: readonly number[]): Matrix {
  const slopes = new Matrix(now.length, numbers.length);
  for (const [column, value] of numbers.entries()) {
    const step = 1e-6 * Math.max(1, Math.abs(value));
    const moved = offs(numbers.map((each, at) => (at === column ? value + step : each)));
    for (const [row, off] of moved.entries()) slopes.set(row, column, (off - (now[row] ?? 0)) / step);
  }
  return slopes;
}

const sumOfSquares = (values: readonly number[]) => values.reduce((total, value) => total + value * value, 0);
