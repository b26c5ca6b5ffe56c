import type { Manifold } from 'manifold-3d';
import type { HookDimensions } from '../cavities/guess-hook-mass';
import type { GatePoint } from './gate-run';
import { hookLine } from './hook-line';
import type { Workbench } from './kernel';
import { HANDLE_MM, type MoldMake } from './mold-make';

const VENT_DEEP_MM = 0.2;
const VENT_WIDE_MM = 2;
const REGISTER_MM = 3;
const SEGMENTS = 24;

/** A block that is cut, along its three axes, mm. */
export interface BlockBox {
  readonly low: readonly [number, number, number];
  readonly high: readonly [number, number, number];
}

/** Round sections along a line, joined. */
export function along({ kernel, keep }: Workbench, run: readonly GatePoint[]): Manifold {
  const beads = run.map(({ xMm, zMm, radiusMm }) =>
    keep(keep(kernel.Manifold.sphere(radiusMm, SEGMENTS)).translate([xMm, 0, zMm])),
  );
  const stretches = beads
    .slice(1)
    .map((bead, index) => keep(kernel.Manifold.hull([beads[index] ?? bead, bead])));
  return keep(kernel.Manifold.union(stretches));
}

/** The hook's wire as a channel, half in each half; its eye over the body. */
export function hookSlot(
  bench: Workbench,
  hook: HookDimensions,
  at: { readonly eyeMm: number; readonly topMm: number; readonly gapMm: number },
): Manifold {
  const { kernel, keep } = bench;
  const radiusMm = hook.wireMm / 2 + at.gapMm;
  const eyeRise = at.topMm + hook.wireMm * 2;
  const line = hookLine(hook, at.eyeMm, eyeRise).map(([xMm, zMm]): GatePoint => ({ xMm, zMm, radiusMm }));
  const eye = keep(
    keep(
      keep(kernel.Manifold.cylinder(hook.wireMm, hook.wireMm * 2, hook.wireMm * 2, SEGMENTS, true)).rotate([
        90, 0, 0,
      ]),
    ).translate([line[0]?.xMm ?? at.eyeMm, 0, eyeRise + hook.wireMm]),
  );
  return keep(kernel.Manifold.union([along(bench, line), eye]));
}

/** A hole along the axis, from edge to edge. */
export function pinChannel({ kernel, keep }: Workbench, pinMm: number, from: number, to: number): Manifold {
  const pin = keep(kernel.Manifold.cylinder(to - from, pinMm / 2, pinMm / 2, SEGMENTS));
  return keep(keep(pin.rotate([0, 90, 0])).translate([from, 0, 0]));
}

/** A scratch from the cavity to the edge of the block, in the back half's face: to the near end, else up. */
export function vent(
  { kernel, keep }: Workbench,
  head: Manifold,
  share: number,
  { low, high }: BlockBox,
): Manifold {
  const { min, max } = head.boundingBox();
  const x = min[0] + share * (max[0] - min[0]);
  const isAtEnd = share <= 0.1 || share >= 0.9;
  if (!isAtEnd) {
    const from = max[2] - 1;
    const box = keep(kernel.Manifold.cube([VENT_WIDE_MM, VENT_DEEP_MM * 2, high[2] - from]));
    return keep(box.translate([x - VENT_WIDE_MM / 2, -VENT_DEEP_MM, from]));
  }
  const isNose = share <= 0.1;
  const [left, right] = isNose ? [low[0], min[0] + 0.5] : [max[0] - 0.5, high[0]];
  const box = keep(kernel.Manifold.cube([right - left, VENT_DEEP_MM * 2, VENT_WIDE_MM]));
  return keep(box.translate([left, -VENT_DEEP_MM, -VENT_WIDE_MM / 2]));
}

/** What brings the halves together at a place: what is added to the front half, and what is cut from front and back. */
export function register(
  { kernel, keep }: Workbench,
  [x, z]: readonly [number, number],
  { pins, rodMm, clearanceMm }: MoldMake,
  { low, high }: BlockBox,
): { readonly add: Manifold | null; readonly cutFront: Manifold | null; readonly cutBack: Manifold } {
  if (pins === 'rods') {
    const radius = rodMm / 2 + clearanceMm / 2;
    const long = high[1] - low[1];
    const rod = keep(kernel.Manifold.cylinder(long, radius, radius, SEGMENTS, true));
    const hole = keep(keep(rod.rotate([90, 0, 0])).translate([x, 0, z]));
    return { add: null, cutFront: hole, cutBack: hole };
  }
  // A blunt cone standing on the parting plane into the back half; its socket is larger by the clearance.
  const cone = (gap: number) => {
    const body = keep(
      kernel.Manifold.cylinder(
        REGISTER_MM + gap + 1,
        REGISTER_MM + gap + 0.35,
        REGISTER_MM * 0.6 + gap,
        SEGMENTS,
      ),
    );
    // Begins a millimeter inside the front half, so that the two are one body.
    return keep(keep(keep(body.translate([0, 0, -1])).rotate([90, 0, 0])).translate([x, 0, z]));
  };
  return { add: cone(0), cutFront: null, cutBack: cone(clearanceMm) };
}

/** A groove over the back of a half, along the block, in its middle. */
export function handleSlot({ kernel, keep }: Workbench, side: 1 | -1, { low, high }: BlockBox): Manifold {
  const { wide, deep } = HANDLE_MM;
  const box = keep(kernel.Manifold.cube([high[0] - low[0] + 2, deep * 2, wide]));
  const y = side === 1 ? high[1] - deep : low[1] - deep;
  return keep(box.translate([low[0] - 1, y, (low[2] + high[2]) / 2 - wide / 2]));
}
