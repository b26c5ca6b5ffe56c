import { GRAVITY } from '../units/gravity';
import { fillMesh, placeOn, type Lattice } from '../meshes/fill-mesh';
import type { Vec3 } from '../meshes/mesh';
import { meshBounds } from '../meshes/mesh-bounds';
import { gateRun, isInRun } from '../molds/gate-run';
import type { Casting, PourSetting } from './casting';
import { chokeS } from './choke-time';
import { localThickness } from './local-thickness';
import { stood, wireOf } from './lay-casting';
import { skinPa } from './skin-pressure';
import { sweepPaths } from './sweep-paths';

/** A cavity cut into cubes, with how thick it is at each and how the metal gets there. */
export interface FilledCavity {
  readonly counts: readonly [number, number, number];
  readonly middles: Lattice;
  readonly stepMm: number;
  /** The cells of the cavity, those at the way in, and those on the parting plane's rim. */
  readonly cells: readonly number[];
  readonly isEntry: (cell: number) => boolean;
  readonly isRim: (cell: number) => boolean;
  /** Room over skin at a cell, mm. */
  readonly modulusOf: (cell: number) => number;
  /** How much of its time to flow is gone when metal gets there: from 1 on it stopped before. Infinity where its skin holds it back for good. */
  readonly spent: Float64Array;
  /** When a cell is full, s from the first metal. */
  readonly fullAtS: (cell: number) => number;
  readonly pressedPa: (cell: number) => number;
  readonly placeOf: (cell: number) => Vec3;
}

/** Of the speed that falling gives, metal keeps this in channels (typical). */
const KEPT_SPEED = 0.6;
const MM_PER_M = 1000;
/** How high a puddle of metal stands that does not wet what it lies on (typical), mm. */
const DOME_MM = 3.5;
/** A level poured by hand is no calmer than this, mm. */
const CALM_MM = 3;
const FINEST_MM = 0.1;

/**
 * Follows metal into a cavity: its level rises from the lowest place as the gate or the maker's stream brings it; into thin
 * places it goes once it presses more than its skin withstands, at the speed of what presses, until its time to flow there is
 * gone. How thick a place is tell the three straight lines through it.
 *
 * Source: fluidity by sections (see `chokeS`), shortest way by sweeping (Zhao, A fast sweeping method for eikonal equations,
 * 2005).
 *
 * @example fillCavity(casting, setting, 80_000).spent[cell] // 0.4
 */
export function fillCavity(casting: Casting, setting: PourSetting, mostCells: number): FilledCavity {
  const isOpen = casting.gate.side === 'open';
  const body = isOpen ? stood(casting.body) : casting.body;
  const { min, max } = meshBounds(body);
  const sizes = max.map((high, axis) => high - (min[axis] ?? 0));
  const stepMm = Math.max(FINEST_MM, Math.cbrt(sizes.reduce((so, size) => so * size, 1) / mostCells));
  const [xs, ys, zs] = sizes.map((size, axis) => {
    const count = Math.max(1, Math.ceil(size / stepMm));
    const from = ((min[axis] ?? 0) + (max[axis] ?? 0) - count * stepMm) / 2;
    return Float64Array.from({ length: count }, (_, at) => from + (at + 0.5) * stepMm);
  });
  if (!xs || !ys || !zs) throw new RangeError('fillCavity requires three axes');
  const middles: Lattice = [xs, ys, zs];
  const counts = [xs.length, ys.length, zs.length] as const;
  const [across, deep, high] = counts;
  const placeOf = placeOn(middles);
  const inside = fillMesh(body, middles);
  const isWire = wireOf(casting, isOpen);
  for (let cell = 0; cell < inside.length; cell += 1) {
    if (inside[cell] === 1 && isWire(...placeOf(cell))) inside[cell] = 0;
  }
  const cells = Array.from(inside.keys()).filter((cell) => inside[cell] === 1);
  const thick = localThickness(body, middles, inside, stepMm);
  const modulusOf = (cell: number) => thick.modulusMm[cell] ?? 0;

  const run = gateRun(casting.body, casting.gate);
  const topOfCavity = zs.at(-1) ?? 0;
  // Poured from its face, metal stands over the edge before it runs off.
  const mouthMm = run[0]?.zMm ?? topOfCavity + DOME_MM;
  const { metal, spinPa } = setting;
  const pressedPa = (cell: number) =>
    (metal.densityKgM3 * GRAVITY * Math.max(0, mouthMm - placeOf(cell)[2])) / MM_PER_M + spinPa;
  const skinOf = (cell: number) => skinPa(metal.surfaceNm, 1 / (thick.bend[cell] ?? 1));

  const levelS = levelTimes(cells, setting, {
    stepMm,
    counts,
    zs,
    gateMm2: gateArea(casting),
    headMm: mouthMm - topOfCavity,
  });
  /** Metal over a cell before it goes in, mm. */
  const waitsMm = (cell: number) => {
    const mm = ((skinOf(cell) - spinPa) * MM_PER_M) / metal.densityKgM3 / GRAVITY;
    // Less than a level's own unrest, or than the lattice is coarse, is no wait.
    return mm > Math.max(2 * stepMm, CALM_MM) ? mm : 0;
  };
  const fullAtS = (cell: number) => levelS(placeOf(cell)[2] + waitsMm(cell));

  const slowness = new Float64Array(inside.length).fill(Infinity);
  for (const cell of cells) {
    const pa = pressedPa(cell) - skinOf(cell);
    if (pa <= 0) continue;
    const mmS = KEPT_SPEED * Math.sqrt((2 * pa) / metal.densityKgM3) * MM_PER_M;
    slowness[cell] = 1 / mmS / chokeS(setting, modulusOf(cell));
  }
  const isEntry = entryOf({ isOpen, run, stepMm, high, across, deep, placeOf });
  const spent = sweepPaths({
    counts,
    stepMm,
    slowness,
    from: cells.filter(isEntry).map((cell) => [cell, 0] as const),
  });
  const flowsInBulk = chokeS(
    setting,
    cells.reduce((most, cell) => Math.max(most, modulusOf(cell)), 0),
  );
  for (const cell of cells) {
    const rises = levelS(placeOf(cell)[2]);
    const waits = fullAtS(cell) - rises;
    // While the level rises to here the metal under it cools too, and so does what waits before a thin place.
    spent[cell] =
      (spent[cell] ?? Infinity) +
      rises / flowsInBulk +
      (waits > 0 ? waits / chokeS(setting, modulusOf(cell)) : 0);
  }
  const isRim = (cell: number) =>
    placeOf(cell)[1] >= 0 &&
    placeOf(cell)[1] < stepMm &&
    [1, -1, across * deep, -across * deep].some((next) => inside[cell + next] !== 1);
  return { counts, middles, stepMm, cells, isEntry, isRim, modulusOf, spent, fullAtS, pressedPa, placeOf };
}

/** The room of the way in where it meets the body, mm2. */
const gateArea = ({ gate }: Casting) => (gate.side === 'open' ? Infinity : (Math.PI / 4) * gate.wideMm ** 2);

/** Where metal comes in: by the gate, or over all of an open face. */
function entryOf(of: {
  readonly isOpen: boolean;
  readonly run: ReturnType<typeof gateRun>;
  readonly stepMm: number;
  readonly high: number;
  readonly across: number;
  readonly deep: number;
  readonly placeOf: (cell: number) => Vec3;
}): (cell: number) => boolean {
  if (of.isOpen) return (cell) => Math.floor(cell / (of.across * of.deep)) === of.high - 1;
  // A way in may be narrower than the cells are wide.
  const wide = of.run.map((point) => ({ ...point, radiusMm: Math.max(point.radiusMm, of.stepMm) }));
  return (cell) => isInRun(wide, ...of.placeOf(cell));
}

/** When the metal stands as high as a place, s: what lies under it, over what comes in. */
function levelTimes(
  cells: readonly number[],
  { streamCm3s, spinPa, metal }: PourSetting,
  of: {
    readonly stepMm: number;
    readonly counts: readonly [number, number, number];
    readonly zs: Float64Array;
    readonly gateMm2: number;
    readonly headMm: number;
  },
): (zMm: number) => number {
  const layer = of.counts[0] * of.counts[1];
  const under = new Float64Array(of.zs.length + 1);
  for (const cell of cells) {
    const level = Math.floor(cell / layer);
    under[level + 1] = (under[level + 1] ?? 0) + of.stepMm ** 3;
  }
  for (let level = 1; level < under.length; level += 1)
    under[level] = (under[level] ?? 0) + (under[level - 1] ?? 0);
  const fallM = of.headMm / MM_PER_M + spinPa / metal.densityKgM3 / GRAVITY;
  const gateMm3s = of.gateMm2 * KEPT_SPEED * Math.sqrt(2 * GRAVITY * fallM) * MM_PER_M;
  const mm3s = Math.min(streamCm3s * 1000, gateMm3s);
  const foot = (of.zs[0] ?? 0) - of.stepMm / 2;
  return (zMm) => {
    const level = Math.max(0, Math.min(of.zs.length, (zMm - foot) / of.stepMm));
    const whole = Math.floor(level);
    const room =
      (under[whole] ?? 0) + (level - whole) * ((under[whole + 1] ?? under[whole] ?? 0) - (under[whole] ?? 0));
    return room / mm3s;
  };
}
