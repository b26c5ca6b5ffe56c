import type { Manifold } from 'manifold-3d';
import type { HookDimensions } from '../cavities/guess-hook-mass';
import type { Solid } from '../solids/solid';
import { along, handleSlot, hookSlot, pinChannel, register, vent, type BlockBox } from './cut-parts';
import { draftCavity } from './draft-cavity';
import { gateRun, type Gate, type GatePoint } from './gate-run';
import { atKernel, trianglesOf, type Workbench } from './kernel';
import { USUAL_MAKE, type MoldMake } from './mold-make';
import { raiseSolid } from './raise-solid';

/** What a two-piece mold is cut for. */
export interface MoldSpec {
  /** The cavity, shrink in it: a solid standing along z, or a closed mesh laid along x. */
  readonly cavity: Solid | { readonly laid: Float32Array };
  /** The hook that lies in it; null for a bare casting. */
  readonly hook: HookDimensions | null;
  /** Where the eye leaves the axis, mm. */
  readonly eyeMm: number;
  /** A pin along the axis that is pulled after casting; null for none. */
  readonly pinMm: number | null;
  /** Where the metal comes in; left out: from above, where the body is highest. */
  readonly gate?: Gate;
  /** Where the air leaves, shares of the body's length; left out: at both ends. */
  readonly vents?: readonly number[];
  readonly make?: MoldMake;
}

/** How thick the mold is at its thinnest between two of its hollows, mm. */
export interface MoldWall {
  readonly between: 'cavity and outside' | 'cavity and pins' | 'cavity and handle';
  readonly mm: number;
}

/** The bodies of a mold: the axis of the casting along x, the parting plane y = 0, the gate from above. */
export interface MoldBodies {
  readonly head: Float32Array;
  readonly gate: Float32Array;
  /** Casting and gate in one, as large as the hollow: to mold round. */
  readonly pattern: Float32Array;
  readonly front: Float32Array;
  readonly back: Float32Array;
  /** Volume of the block before anything is cut from it, mm3. */
  readonly blockMm3: number;
  readonly walls: readonly MoldWall[];
}

const GATE_FOOT_MM = 3;
const USUAL_VENTS = [0, 1];
/** Walls thicker than this are not measured. */
const FAR_MM = 60;

/**
 * Cuts the two halves of a block for a cavity, with its gate, its vents, the hook's slot, a pin's channel and what brings the
 * halves together, each half a closed body. Cones stand on the front half; the vents are in the back one.
 *
 * @example (await cutHalves({ cavity: ball, hook: null, eyeMm: 0, pinMm: null })).front.length // 9 a triangle
 */
export function cutHalves(spec: MoldSpec): Promise<MoldBodies> {
  return atKernel((bench) => {
    const { kernel, keep } = bench;
    const make = spec.make ?? USUAL_MAKE;
    const { wallMm } = make;
    // Laid on its side: the axis along x, the depth of the body across the parting.
    const { cavity } = spec;
    const straight =
      'laid' in cavity
        ? bench.fromTriangles(cavity.laid)
        : keep(raiseSolid(bench, cavity).rotate([0, 90, 0]));
    const head = draftCavity(bench, straight, make.draftDegrees);
    const { min, max } = head.boundingBox();
    const hook = spec.hook
      ? hookSlot(bench, spec.hook, { eyeMm: spec.eyeMm, topMm: max[2], gapMm: make.clearanceMm / 2 })
      : null;
    const reach = hook?.boundingBox() ?? { min, max };
    const run = runFor(bench, head, spec.gate);
    const spread = (axis: 'xMm' | 'zMm') =>
      run.slice(1).flatMap((at) => [at[axis] - at.radiusMm, at[axis] + at.radiusMm]);
    const box: BlockBox = {
      low: [
        Math.min(min[0], reach.min[0], ...spread('xMm')) - wallMm,
        -Math.max(max[1], -min[1]) - wallMm,
        Math.min(min[2], reach.min[2], ...spread('zMm')) - wallMm,
      ],
      high: [
        Math.max(max[0], reach.max[0], ...spread('xMm')) + wallMm,
        Math.max(max[1], -min[1]) + wallMm,
        Math.max(run[0]?.zMm ?? max[2], reach.max[2] + wallMm / 2),
      ],
    };
    const size = box.high.map((high, axis) => high - (box.low[axis] ?? 0)) as [number, number, number];
    const block = keep(keep(kernel.Manifold.cube(size)).translate([...box.low]));
    // The funnel reaches to the block's face, wherever that is.
    const [mouth] = run;
    const whole = mouth ? along(bench, [{ ...mouth, zMm: box.high[2] }, ...run]) : head;
    const gate = keep(kernel.Manifold.intersection([whole, block]));
    const cuts = [
      head,
      gate,
      ...(hook ? [hook] : []),
      ...(spec.pinMm === null ? [] : [pinChannel(bench, spec.pinMm, box.low[0], box.high[0])]),
    ];
    const cut = keep(kernel.Manifold.difference([block, ...cuts]));
    const places = cornersOf(box, wallMm, mouth?.xMm ?? box.low[0]);
    const registers = places.map((place) => register(bench, place, make, box));
    const vents = (spec.vents ?? USUAL_VENTS).map((share) => vent(bench, head, share, box));
    const handles = make.hasHandle ? ([1, -1] as const).map((side) => handleSlot(bench, side, box)) : [];
    const cones = registers.flatMap(({ add }) => (add ? [add] : []));
    const holes = registers.flatMap(({ cutFront }) => (cutFront ? [cutFront] : []));
    const sockets = registers.map(({ cutBack }) => cutBack);
    const front = keep(
      kernel.Manifold.union([
        keep(kernel.Manifold.difference([keep(cut.trimByPlane([0, 1, 0], 0)), ...holes, ...handles])),
        ...cones,
      ]),
    );
    const back = keep(
      kernel.Manifold.difference([keep(cut.trimByPlane([0, -1, 0], 0)), ...sockets, ...vents, ...handles]),
    );
    const hollow = keep(kernel.Manifold.union([head, gate]));
    const gapTo = (others: readonly Manifold[]) =>
      others.length > 0 ? hollow.minGap(keep(kernel.Manifold.union([...others])), FAR_MM) : null;
    const walls: (MoldWall | null)[] = [
      { between: 'cavity and outside', mm: wallMm },
      wallOf('cavity and pins', gapTo(sockets)),
      wallOf('cavity and handle', gapTo(handles)),
    ];
    return {
      head: trianglesOf(head),
      gate: trianglesOf(gate),
      pattern: trianglesOf(hollow),
      front: trianglesOf(front),
      back: trianglesOf(back),
      blockMm3: size[0] * size[1] * size[2],
      walls: walls.filter((wall) => wall !== null),
    };
  });
}

const wallOf = (between: MoldWall['between'], mm: number | null): MoldWall | null =>
  mm === null ? null : { between, mm };

/** The way in: as asked, else from above where the body is highest. A hollow poured from its face has none: it is gated so too. */
function runFor(bench: Workbench, head: Manifold, gate: Gate | undefined): readonly GatePoint[] {
  const { min, max } = head.boundingBox();
  const asked =
    gate && gate.side !== 'open'
      ? gate
      : {
          side: 'above' as const,
          at: (highestAlong(bench, head, min[0], max[0]) - min[0]) / (max[0] - min[0]),
          wideMm: GATE_FOOT_MM,
        };
  return gateRun(trianglesOf(head), asked);
}

/** Where the halves are brought together: both lower corners, and the upper one that is farther from the funnel. */
function cornersOf({ low, high }: BlockBox, wallMm: number, mouthMm: number) {
  const [left, right] = [low[0] + wallMm / 2, high[0] - wallMm / 2];
  const [foot, top] = [low[2] + wallMm / 2, high[2] - wallMm / 2];
  return [
    [left, foot],
    [right, foot],
    [mouthMm > (left + right) / 2 ? left : right, top],
  ] as const;
}

/** Where along x a body is highest. */
function highestAlong({ keep }: Workbench, head: Manifold, from: number, to: number): number {
  const steps = 24;
  let best = { x: (from + to) / 2, height: 0 };
  for (let step = 1; step < steps; step += 1) {
    const x = from + ((to - from) * step) / steps;
    const slice = keep(head.trimByPlane([1, 0, 0], x));
    const thin = keep(slice.trimByPlane([-1, 0, 0], -(x + (to - from) / steps)));
    const height = thin.isEmpty() ? 0 : thin.boundingBox().max[2];
    if (height > best.height + 1e-6) best = { x: x + (to - from) / steps / 2, height };
  }
  return best.x;
}
