import { findRoot } from '../numeric/find-root';

/** Of a cylinder across the flow at the speeds of fishing line (Hoerner, Fluid-Dynamic Drag, 1965). */
const LINE_DRAG = 1.1;
/** Of a compact sinker, near that of a ball on the ground. */
const SINKER_DRAG = 0.6;
const GRAVITY = 9.80665;
const WATER_KG_M3 = 1000;
const POINTS = 33;
/** A bow past this is a heap of line. */
const MOST_U = 12;

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

/** A maker's usual bow. */
const USUAL_BOW = 0.05;

/**
 * The least weight that a sinker needs so that a current across the line does not carry it off. The line is pushed by
 * 1/2 rho Cd d v^2 a meter of what it stands across the flow, under one tension, so that it hangs in a catenary on its
 * side; both ends bear half. The sinker holds while what pulls it along the bottom is under grip times what weighs on it.
 * The current is taken as even from top to bottom and square across the cast: the worst case. Line weighs nothing.
 *
 * Source: cross-flow principle, Hoerner 1965; catenary under even load; Coulomb's friction.
 *
 * @throws where depth, cast, line, density over 1 or grip are not over 0
 * @example
 * holdInCurrent({ depthM: 5, castM: 20, currentMs: 0.5, lineMm: 0.3, metalGcm3: 11.3, grip: 0.6 }).massG // 166.38
 */
export function holdInCurrent(question: LineQuestion): LineAnswer {
  const { depthM, castM, currentMs, lineMm, metalGcm3, grip, driftMs = 0, bowShare = USUAL_BOW } = question;
  if (!(depthM > 0 && castM > 0 && lineMm > 0 && metalGcm3 > 1 && grip > 0 && bowShare > 0)) {
    throw new Error('holdInCurrent requires depth, cast, line, grip and bow over 0, metal denser than water');
  }
  const speed = Math.max(0, currentMs - driftMs);
  const straightM = Math.hypot(depthM, castM);
  const pushNm = 0.5 * WATER_KG_M3 * LINE_DRAG * (lineMm / 1000) * speed ** 2;
  const u = findRoot((each) => Math.sinh(each) / each - 1 - bowShare, 1e-6, MOST_U) ?? MOST_U;
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
