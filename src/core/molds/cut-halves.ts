import type { Manifold } from 'manifold-3d';
import type { HookDimensions } from '../cavities/guess-hook-mass';
import type { Solid } from '../solids/solid';
import { hookLine } from './hook-line';
import { atKernel, trianglesOf, type Workbench } from './kernel';
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
}

/** The bodies of a mold: the axis of the casting along x, the parting plane y = 0, the gate from above. */
export interface MoldBodies {
  readonly head: Float32Array;
  readonly gate: Float32Array;
  readonly front: Float32Array;
  readonly back: Float32Array;
  /** Volume of the block before anything is cut from it, mm3. */
  readonly blockMm3: number;
}

/** Metal round the cavity, mm: enough that a printed or cast block does not warp. */
const WALL_MM = 14;
const GATE_MM = 20;
const GATE_FOOT_MM = 1.5;
const FUNNEL_MM = 5;
const VENT_DEEP_MM = 0.2;
const VENT_WIDE_MM = 2;
const SLOT_GAP_MM = 0.05;
const REGISTER_MM = 3;
/** Between a register and its socket, so that the halves close. */
const REGISTER_GAP_MM = 0.1;
const SEGMENTS = 24;

/**
 * Cuts the two halves of a block for a cavity, with its gate, two vents, the hook's slot, a pin's channel and three
 * registers, each half a closed body. The front half carries the registers, the back one the vents.
 *
 * @example (await cutHalves({ cavity: ball, hook: null, eyeMm: 0, pinMm: null })).front.length // 9 a triangle
 */
export function cutHalves(spec: MoldSpec): Promise<MoldBodies> {
  return atKernel((bench) => {
    const { kernel, keep } = bench;
    // Laid on its side: the axis along x, the depth of the body across the parting.
    const { cavity } = spec;
    const head =
      'laid' in cavity
        ? bench.fromTriangles(cavity.laid)
        : keep(raiseSolid(bench, cavity).rotate([0, 90, 0]));
    const { min, max } = head.boundingBox();
    const hook = spec.hook ? hookSlot(bench, spec.hook, spec.eyeMm, max[2]) : null;
    const reach = hook?.boundingBox() ?? { min, max };
    const low = [Math.min(min[0], reach.min[0]) - WALL_MM, Math.min(min[2], reach.min[2]) - WALL_MM] as const;
    const right = Math.max(max[0], reach.max[0]) + WALL_MM;
    const top = Math.max(max[2] + GATE_MM, reach.max[2] + WALL_MM / 2);
    const halfThick = Math.max(max[1], -min[1]) + WALL_MM;
    const size = [right - low[0], 2 * halfThick, top - low[1]] as const;
    const block = keep(keep(kernel.Manifold.cube([...size])).translate([low[0], -halfThick, low[1]]));

    const gateAt = widestAlong(bench, head, min[0], max[0]);
    const gateFrom = max[2] * 0.6;
    const gate = keep(
      keep(kernel.Manifold.cylinder(top - gateFrom, GATE_FOOT_MM, FUNNEL_MM, SEGMENTS)).translate([
        gateAt,
        0,
        gateFrom,
      ]),
    );
    const cuts = [
      head,
      gate,
      ...(hook ? [hook] : []),
      ...(spec.pinMm === null ? [] : [pinChannel(bench, spec.pinMm, low[0], right)]),
    ];
    const cut = keep(kernel.Manifold.difference([block, ...cuts]));
    const front = keep(cut.trimByPlane([0, 1, 0], 0));
    const back = keep(cut.trimByPlane([0, -1, 0], 0));

    const corners = [
      [low[0] + WALL_MM / 2, low[1] + WALL_MM / 2],
      [right - WALL_MM / 2, low[1] + WALL_MM / 2],
      [right - WALL_MM / 2, top - WALL_MM / 2],
    ] as const;
    const registers = corners.map(([x, z]) => register(bench, x, z, 0));
    const sockets = corners.map(([x, z]) => register(bench, x, z, REGISTER_GAP_MM));
    const vents = [min[0], max[0]].map((x) => vent(bench, x, x < gateAt ? low[0] : right));
    return {
      head: trianglesOf(head),
      gate: trianglesOf(gate),
      front: trianglesOf(keep(kernel.Manifold.union([front, ...registers]))),
      back: trianglesOf(keep(kernel.Manifold.difference([back, ...sockets, ...vents]))),
      blockMm3: size[0] * size[1] * size[2],
    };
  });
}

/** Where along x the head is highest: there the gate meets it. */
function widestAlong({ keep }: Workbench, head: Manifold, from: number, to: number): number {
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

/** The hook's wire as a channel, half in each half. */
function hookSlot({ kernel, keep }: Workbench, hook: HookDimensions, eyeMm: number, topMm: number): Manifold {
  const radius = hook.wireMm / 2 + SLOT_GAP_MM;
  const eyeRise = topMm + hook.wireMm * 2;
  const line = hookLine(hook, eyeMm, eyeRise);
  const beads = line.map(([x, z]) =>
    keep(keep(kernel.Manifold.sphere(radius, SEGMENTS / 2)).translate([x, 0, z])),
  );
  const wires = beads.slice(1).map((bead, index) => keep(kernel.Manifold.hull([beads[index] ?? bead, bead])));
  const [eyeAt] = line;
  const eye = keep(
    keep(
      keep(kernel.Manifold.cylinder(hook.wireMm, hook.wireMm * 2, hook.wireMm * 2, SEGMENTS, true)).rotate([
        90, 0, 0,
      ]),
    ).translate([eyeAt?.[0] ?? eyeMm, 0, eyeRise + hook.wireMm]),
  );
  return keep(kernel.Manifold.union([...wires, eye]));
}

function pinChannel({ kernel, keep }: Workbench, pinMm: number, from: number, to: number): Manifold {
  const pin = keep(kernel.Manifold.cylinder(to - from, pinMm / 2, pinMm / 2, SEGMENTS));
  return keep(keep(pin.rotate([0, 90, 0])).translate([from, 0, 0]));
}

/** A scratch from the end of the cavity to the edge of the block, in the back half's face. */
function vent({ kernel, keep }: Workbench, from: number, to: number): Manifold {
  const left = Math.min(from, to) - 0.5;
  const long = Math.abs(to - from) + 1;
  const box = keep(kernel.Manifold.cube([long, VENT_DEEP_MM * 2, VENT_WIDE_MM]));
  return keep(box.translate([left, -VENT_DEEP_MM, -VENT_WIDE_MM / 2]));
}

/** A blunt cone standing on the parting plane into the back half; its socket is larger by the gap. */
function register({ kernel, keep }: Workbench, x: number, z: number, gap: number): Manifold {
  const cone = keep(
    kernel.Manifold.cylinder(
      REGISTER_MM + gap + 1,
      REGISTER_MM + gap + 0.35,
      REGISTER_MM * 0.6 + gap,
      SEGMENTS,
    ),
  );
  // Begins a millimeter inside the front half, so that the two are one body.
  return keep(keep(keep(cone.translate([0, 0, -1])).rotate([90, 0, 0])).translate([x, 0, z]));
}
