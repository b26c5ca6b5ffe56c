import { GRAVITY } from '../units/gravity';
import { findRoot } from '../numeric/find-root';

/** Of a compact sinker, near that of a ball on the ground. */
const SINKER_DRAG = 0.6;
const WATER_KG_M3 = 1000;
const POINTS = 33;

export interface LineQuestion {
  readonly depthM: number;
  /** Over ground from rod tip to sinker. */
  readonly castM: number;
  readonly currentMs: number;
  readonly lineMm: number;
  /** Of what the sinker is cast of. */
  readonly metalGcm3: number;
  /** How well it sticks to the bottom: pull it bears over its weight there. */
  readonly grip: number;
  /** How fast it may go with the water, m/s; 0 to hold. */
  readonly driftMs?: number | undefined;
  /** How much longer the line is than straight: 0.05 for a twentieth. Over 0. */
  readonly bowShare?: number | undefined;
  readonly waterC?: number | undefined;
}

export interface LineAnswer {
  /** The least weight that holds, or goes no faster than wanted, g in air; 0 where nothing pulls. */
  readonly massG: number;
  /** In the line, N. */
  readonly tensionN: number;
  /** How far the middle of the line is carried off, m. */
  readonly sagM: number;
  /** The line from sinker to tip: m along the straight way, and m carried off. */
  readonly curve: readonly { readonly along: number; readonly off: number }[];
}

/** A maker's usual bow, and water as it mostly is when one fishes. */
const USUAL_BOW = 0.05;
export const USUAL_WATER_C = 15;

/** How easily water shears, m2/s (Poiseuille). */
const viscosityOf = (waterC: number): number =>
  1.787e-6 / (1 + 0.03368 * waterC + 0.00022099 * waterC * waterC);

/** Of a thin cylinder across the flow: the slower and the thinner, the more, for what it is (White, Viscous Fluid Flow). */
const dragOfLine = (speed: number, lineM: number, waterC: number): number =>
  1 + 10 * ((speed * lineM) / viscosityOf(waterC)) ** (-2 / 3);

/** Where sinh(u)/u comes to so much over 1. */
function bowOf(share: number): number {
  const over = (u: number) => Math.sinh(u) / u - 1 - share;
  let high = 1;
  while (over(high) < 0) high *= 2;
  return findRoot(over, 1e-9, high) ?? high;
}

/**
 * The least weight that a sinker needs so that a current across the line does not carry it off. The line is pushed by
 * 1/2 rho Cd d v^2 a meter of what it stands across the flow, Cd = 1 + 10 Re^(-2/3), under one tension, so that it hangs in a
 * catenary on its side; both ends bear half. The sinker holds while what pulls it along the bottom is under grip times what
 * weighs on it. The current is taken as even from top to bottom and square across the cast: the worst case. Line weighs nothing.
 *
 * Source: calculation contract, `water.hold`: cross-flow principle; catenary under even load; Coulomb's friction; viscosity of
 * water after Poiseuille.
 *
 * @throws where depth or cast is under 0 or both are 0, or where line, bow, grip or density over 1 are not over 0
 * @example
 * holdInCurrent({ depthM: 4, castM: 20, currentMs: 0.3, lineMm: 0.2, metalGcm3: 11.1, grip: 0.5 }).massG // 69.6
 */
export function holdInCurrent(question: LineQuestion): LineAnswer {
  const { depthM, castM, currentMs, lineMm, metalGcm3, grip } = question;
  const { driftMs = 0, bowShare = USUAL_BOW, waterC = USUAL_WATER_C } = question;
  const straightM = Math.hypot(depthM, castM);
  const isAsked = depthM >= 0 && castM >= 0 && straightM > 0 && lineMm > 0 && metalGcm3 > 1;
  if (!(isAsked && grip > 0 && bowShare > 0)) {
    throw new Error(
      'holdInCurrent requires a depth or a cast, line, grip and bow over 0, metal denser than water',
    );
  }
  const speed = Math.max(0, currentMs - driftMs);
  const lineM = lineMm / 1000;
  const pushNm = speed > 0 ? 0.5 * WATER_KG_M3 * dragOfLine(speed, lineM, waterC) * lineM * speed ** 2 : 0;
  const u = bowOf(bowShare);
  const tensionN = (pushNm * straightM) / (2 * u);
  const straightN = tensionN / Math.cosh(u);
  const upN = (straightN * depthM) / straightM;
  const alongN = (straightN * castM) / straightM;
  const asideN = tensionN * Math.tanh(u);
  const massKg = speed > 0 ? solveMass({ upN, alongN, asideN, speed, grip, metalGcm3 }) : 0;
  const scale = straightM / (2 * u);
  const curve = Array.from({ length: POINTS }, (_, nth) => {
    const at = (2 * nth) / (POINTS - 1) - 1;
    return { along: ((at + 1) / 2) * straightM, off: scale * (Math.cosh(u) - Math.cosh(u * at)) };
  });
  return {
    massG: massKg * 1000,
    tensionN,
    sagM: speed > 0 ? scale * (Math.cosh(u) - 1) : 0,
    curve: speed > 0 ? curve : curve.map((point) => ({ ...point, off: 0 })),
  };
}

interface Pulls {
  readonly upN: number;
  readonly alongN: number;
  readonly asideN: number;
  readonly speed: number;
  readonly grip: number;
  readonly metalGcm3: number;
}

/** The mass whose grip on the bottom bears the line and the drag on itself, kg. */
function solveMass({ upN, alongN, asideN, speed, grip, metalGcm3 }: Pulls): number {
  const wet = GRAVITY * (1 - 1 / metalGcm3);
  const spare = (massKg: number) => {
    const radiusM = ((3 * massKg) / (4 * Math.PI * metalGcm3 * 1000)) ** (1 / 3);
    const dragN = 0.5 * WATER_KG_M3 * SINKER_DRAG * Math.PI * radiusM ** 2 * speed ** 2;
    return grip * (massKg * wet - upN) - Math.hypot(asideN + dragN, alongN);
  };
  let high = 1e-4;
  while (spare(high) < 0) high *= 2;
  // Near nothing a speck's own drag outweighs it: the root sought lies under the first mass that holds.
  return findRoot(spare, high / 2, high) ?? high;
}
