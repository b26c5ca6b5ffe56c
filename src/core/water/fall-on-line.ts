import { GRAVITY } from '../units/gravity';
import { findRoot } from '../numeric/find-root';
import { done, fail, type Outcome } from '../problems/problem';

/** What falls, and on what line. */
export interface FallingBait {
  readonly massG: number;
  readonly volumeCm3: number;
  readonly lineMm: number;
  readonly depthM: number;
  readonly waterGcm3?: number | undefined;
  /** What a line drawn lengthwise through water is held back with, of its own surface. */
  readonly lineFriction?: number | undefined;
}

export interface Fall {
  /** From the top to the depth. */
  readonly seconds: number;
  readonly meanMs: number;
  /** At the depth. */
  readonly endMs: number;
}

const USUAL_FRICTION = 0.01;

interface Pull {
  /** Weight in water over half the water's density: what v^2 times the drag area comes to. */
  readonly perDrag: number;
  /** What the line adds to the drag area, m2 a meter. */
  readonly lineM: number;
}

function pullOf({
  massG,
  volumeCm3,
  lineMm,
  waterGcm3 = 1,
  lineFriction = USUAL_FRICTION,
}: FallingBait): Outcome<Pull> {
  const displacedG = waterGcm3 * volumeCm3;
  if (massG <= displacedG) return fail('water.floats', { massG, displacedG }, ['massG']);
  return done({
    perDrag: (2 * (massG - displacedG) * GRAVITY) / (waterGcm3 * 1_000_000),
    lineM: (lineFriction * Math.PI * lineMm) / 1000,
  });
}

/**
 * The time of a fall over 2/3 of a meter of it times the root of what pulls: (a^2 + ab + b^2)/(a + b) of the roots of the
 * drag areas at the end and at the top. So written it holds for the thinnest line too.
 */
const fallOf = (areaM2: number, addedM2: number): number => {
  const [b, a] = [Math.sqrt(areaM2), Math.sqrt(areaM2 + addedM2)];
  return a + b === 0 ? 0 : (a * a + a * b + b * b) / (a + b);
};

/**
 * How long a bait falls on a line that trails straight above it: at each depth its weight in water bears its own drag and
 * that of the line let out so far. `dragAreaCm2` is drag coefficient times frontal area, over 0; depth over 0.
 *
 * Problem: `water.floats`.
 *
 * Source: W = rho v^2 (CdA + Cf pi d z)/2, in steady fall.
 *
 * @example fallOnLine({ massG: 7, volumeCm3: 0.65, lineMm: 0.25, depthM: 3 }, 0.6).value.seconds // 2.25
 */
export function fallOnLine(bait: FallingBait, dragAreaCm2: number): Outcome<Fall> {
  const pull = pullOf(bait);
  if (!pull.ok) return pull;
  const { perDrag, lineM } = pull.value;
  const { depthM } = bait;
  const areaM2 = dragAreaCm2 / 10_000;
  const addedM2 = lineM * depthM;
  const seconds = ((2 / 3) * depthM * fallOf(areaM2, addedM2)) / Math.sqrt(perDrag);
  return done({ seconds, meanMs: depthM / seconds, endMs: Math.sqrt(perDrag / (areaM2 + addedM2)) });
}

/**
 * The drag area of a bait, cm2, from one timed drop on its line. Depth and seconds over 0.
 *
 * Problems: `water.floats`; `water.fell-too-fast` where its line alone would not let it fall so fast.
 *
 * @example dragFromFall({ massG: 7, volumeCm3: 0.65, lineMm: 0.25, depthM: 3 }, 2.25).value // 0.6
 */
export function dragFromFall(bait: FallingBait, seconds: number): Outcome<number> {
  const pull = pullOf(bait);
  if (!pull.ok) return pull;
  const { perDrag, lineM } = pull.value;
  const addedM2 = lineM * bait.depthM;
  const wanted = (seconds * Math.sqrt(perDrag)) / ((2 / 3) * bait.depthM);
  const leastS = ((2 / 3) * bait.depthM * Math.sqrt(addedM2)) / Math.sqrt(perDrag);
  if (seconds <= leastS) return fail('water.fell-too-fast', { seconds, leastS }, ['seconds']);
  const root = findRoot((each) => fallOf(each * each, addedM2) - wanted, 0, wanted) ?? 0;
  return done(root * root * 10_000);
}
