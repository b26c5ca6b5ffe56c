import { fillMesh, placeOn, type Lattice } from '../meshes/fill-mesh';
import { meshBounds } from '../meshes/mesh-bounds';
import { gateRun, isInRun, type GatePoint } from '../molds/gate-run';
import { CAST_ROLES, type Casting, type PourSetting } from './casting';
import type { GridSide, ThermalGrid } from './grid';

export interface LaidCasting {
  readonly grid: ThermalGrid;
  /** Middles of the slices, mm, in the casting's own places. */
  readonly middles: Lattice;
  readonly run: readonly GatePoint[];
  /** The body as it lies in the grid: a hollow poured from its face stands on its nose. */
  readonly body: Float32Array;
}

/** Mold round the body, mm. */
const WALL_MM = 14;
/** Slices grow so much from one to the next, and no wider than this, mm. */
const GROWTH = 1.35;
const WIDEST_MM = 5;
/** Fine round the body by so many slices. */
const RIM = 1;
/** Still air and what shines off, W/m2K: off a block, and off liquid metal. */
const [BLOCK_FILM, METAL_FILM] = [12, 35];
const FINEST_MM = 0.15;
const COARSENING = 1.06;

/**
 * Cuts a casting in its mold into at most so many bricks: fine in the body, growing off it. A hollow in a board stands
 * with its face open to the air.
 *
 * @example layCasting(casting, setting, 100_000).grid.of.length // 97_632
 */
export function layCasting(casting: Casting, setting: PourSetting, mostBricks: number): LaidCasting {
  const isOpen = casting.gate.side === 'open';
  const body = isOpen ? stood(casting.body) : casting.body;
  const run = gateRun(casting.body, casting.gate);
  const axes = axesOf(body, run, isOpen);
  let stepMm = FINEST_MM;
  while (axes.reduce((so, axis) => so * slicesOf(axis, stepMm).length, 1) > mostBricks) stepMm *= COARSENING;
  const [across, deep, high] = axes.map((axis) => slicesOf(axis, stepMm));
  if (!across || !deep || !high) throw new RangeError('layCasting requires three axes');
  const [x, y, z] = axes;
  const middles: Lattice = [
    middlesOf(across, x?.from ?? 0),
    middlesOf(deep, y?.from ?? 0),
    middlesOf(high, z?.from ?? 0),
  ];
  const { mold, metal, wire, airC } = setting;
  const off = (filmWm2K: number): GridSide => ({ filmWm2K, ambientC: airC });
  const block = off(BLOCK_FILM);
  return {
    grid: {
      counts: [across.length, deep.length, high.length],
      widthsMm: [across, deep, high],
      materials: [mold, metal, metal, wire],
      of: rolesOf({ ...casting, body }, run, middles, isOpen),
      sides: {
        left: block,
        right: block,
        front: block,
        back: block,
        foot: block,
        top: isOpen ? off(METAL_FILM) : block,
      },
      contactWm2K: mold.contactWm2K,
    },
    middles,
    run,
    body,
  };
}

/** A body on its nose: what lay along x stands along z. */
export function stood(body: Float32Array): Float32Array {
  const up = new Float32Array(body.length);
  for (let at = 0; at + 2 < body.length; at += 3) {
    up[at] = body[at + 2] ?? 0;
    up[at + 1] = body[at + 1] ?? 0;
    up[at + 2] = body[at] ?? 0;
  }
  return up;
}

interface Axis {
  /** The block, and within it what is cut fine, mm. */
  readonly from: number;
  readonly to: number;
  readonly fineFrom: number;
  readonly fineTo: number;
}

function axesOf(body: Float32Array, run: readonly GatePoint[], isOpen: boolean): readonly Axis[] {
  const { min, max } = meshBounds(body);
  const low = [...min];
  const high = [...max];
  const mouth = run[0]?.zMm ?? max[2];
  // All of the way in but its funnel is as narrow as a body's thin places.
  for (const { xMm, zMm, radiusMm } of run.slice(1)) {
    low[0] = Math.min(low[0] ?? 0, xMm - radiusMm);
    high[0] = Math.max(high[0] ?? 0, xMm + radiusMm);
    low[2] = Math.min(low[2] ?? 0, zMm - radiusMm);
  }
  return [0, 1, 2].map((axis): Axis => {
    const [fineFrom, fineTo] = [low[axis] ?? 0, high[axis] ?? 0];
    const top = isOpen ? fineTo : mouth;
    return {
      from: fineFrom - WALL_MM,
      to: axis === 2 ? top : fineTo + WALL_MM,
      fineFrom,
      fineTo: Math.min(fineTo, axis === 2 ? top : Infinity),
    };
  });
}

/** Widths of the slices along an axis: even through what is fine, growing on either side to the block's faces. */
function slicesOf({ from, to, fineFrom, fineTo }: Axis, stepMm: number): Float64Array {
  const fine = Math.max(1, Math.round((fineTo - fineFrom) / stepMm));
  const width = (fineTo - fineFrom) / fine;
  const outward = (room: number) => {
    const slices: number[] = [];
    let [left, wide] = [room, width];
    while (left > 1e-9) {
      if (slices.length >= RIM) wide = Math.min(WIDEST_MM, wide * GROWTH);
      // What is left over is shared out rather than kept as a sliver.
      const here = left < 1.5 * wide ? left : wide;
      slices.push(here);
      left -= here;
    }
    return slices;
  };
  const before = outward(fineFrom - from).reverse();
  return Float64Array.from([...before, ...Array<number>(fine).fill(width), ...outward(to - fineTo)]);
}

function middlesOf(widths: Float64Array, from: number): Float64Array {
  let edge = from;
  return widths.map((width) => {
    edge += width;
    return edge - width / 2;
  });
}

function rolesOf(
  { body, hook, pinMm }: Casting,
  run: readonly GatePoint[],
  middles: Lattice,
  isOpen: boolean,
): Uint8Array {
  const [mold = 0, inBody = 0, gate = 0, inWire = 0] = CAST_ROLES.map((_, nth) => nth);
  const of = fillMesh(body, middles);
  const placeOf = placeOn(middles);
  const isWire = wireOf({ hook, pinMm }, isOpen);
  for (let at = 0; at < of.length; at += 1) {
    const [x, y, z] = placeOf(at);
    if (isWire(x, y, z)) of[at] = inWire;
    else if (of[at] === 1) of[at] = inBody;
    else of[at] = isInRun(run, x, y, z) ? gate : mold;
  }
  return of;
}

/** Whether a place lies in a hook's wire or a pin; a body that stands has its axis upright. */
export function wireOf(
  { hook, pinMm }: Pick<Casting, 'hook' | 'pinMm'>,
  isOpen: boolean,
): (x: number, y: number, z: number) => boolean {
  const radiusMm = (hook?.wireMm ?? 0) / 2;
  const line = (hook?.line ?? []).map(([xMm, zMm]): GatePoint => ({ xMm, zMm, radiusMm }));
  return (x, y, z) => {
    const [along, up] = isOpen ? [z, x] : [x, z];
    return (
      (Math.abs(y) <= radiusMm && isInRun(line, along, y, up)) ||
      (pinMm !== null && Math.hypot(y, up) <= pinMm / 2)
    );
  };
}
