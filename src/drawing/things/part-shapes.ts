import { findBladeForm } from '@/core/builds/blades';
import type { PartGauge } from '@/core/parts/part-roles';
import { circlePath } from '../circle-path';
import { bladePath } from '../build/blade-path';
import { readyRig, readySkirt } from '../build/ready-paths';
import { trailerPath } from '../build/trailer-path';
import { clevisPath } from '../build/wire-paths';
import { acrossOf, rigShapes, type RigShape } from '../rig/rig-shapes';

/** One stroke or area of a thing, moved to where it stands, mm. */
export interface ThingShape extends RigShape {
  readonly at?: readonly [x: number, y: number];
}

/** A part lying along x at its true size, and the box it takes, mm. */
export interface DrawnPart {
  readonly shapes: readonly ThingShape[];
  readonly box: readonly [left: number, top: number, width: number, height: number];
}

const n = (value: number) => Number(value.toFixed(3));
const rect = (x: number, y: number, w: number, h: number) => `M${n(x)} ${n(y)}h${n(w)}v${n(h)}h${n(-w)}Z`;

function bladeShapes({ form, sizes }: PartGauge): DrawnPart {
  const { lengthMm = 30, widthMm = 15 } = sizes;
  const hole = Math.min(1.4, widthMm * 0.08);
  return {
    shapes: [
      { d: bladePath(form ?? 'leaf', lengthMm, widthMm), is: 'body', finish: 'plate' },
      ...(form && findBladeForm(form).isOnWire
        ? [{ d: `M0 0H${n(lengthMm)}`, is: 'mark' as const }]
        : [{ d: circlePath(hole * 2.4, 0, hole), is: 'dark' as const }]),
    ],
    box: [0, -widthMm / 2, lengthMm, widthMm],
  };
}

/** A wire bent as it is sold: a V, a straight shaft with its loop, or up and back. */
function frameShapes({ bend, sizes }: PartGauge): DrawnPart {
  const { upperMm = 60, lowerMm = 38, wireMm = 1, loopMm = 3, spreadDeg = 44 } = sizes;
  const loop = (x: number, y: number): RigShape => ({
    d: circlePath(x, y, loopMm / 2),
    is: 'wire',
    strokeMm: wireMm,
  });
  if (bend === 'straight') {
    return {
      shapes: [{ d: `M0 0H${n(upperMm)}`, is: 'wire', strokeMm: wireMm }, loop(-loopMm / 2, 0)],
      box: [-loopMm, -loopMm / 2, upperMm + loopMm, loopMm],
    };
  }
  const up = ((bend === 'raised' ? 35 : spreadDeg) * Math.PI) / 180;
  const [x, y] = [upperMm * Math.cos(up), -upperMm * Math.sin(up)];
  const upper =
    bend === 'raised' ? `L${n(x * 0.45)} ${n(y * 0.9)}L${n(x * 1.1)} ${n(y * 0.9)}` : `L${n(x)} ${n(y)}`;
  return {
    shapes: [
      { d: `M${n(lowerMm)} 0H0${upper}`, is: 'wire', strokeMm: wireMm },
      loop(x * (bend === 'raised' ? 1.1 : 1) + loopMm / 2, y * (bend === 'raised' ? 0.9 : 1)),
    ],
    box: [-1, y - loopMm, Math.max(lowerMm, x * 1.1 + loopMm) + 1, -y + loopMm + 1],
  };
}

/** A loose coil of it, as thick as it is. */
function coilShapes({ line, sizes }: PartGauge): DrawnPart {
  const lies = line === 'cable' ? {} : { finish: 'matte' as const };
  const strokeMm = Math.min(5, Math.max(0.5, sizes.diameterMm ?? 0.4));
  const turns = line === 'floss' ? [7, 8, 9] : [8, 9.6];
  return {
    shapes: [
      ...turns.map((r): RigShape => ({ d: circlePath(0, 0, r + strokeMm), is: 'wire', strokeMm, ...lies })),
      { d: `M${n(8 + strokeMm)} 0q${n(strokeMm)} 6 9 8`, is: 'wire', strokeMm, ...lies },
    ],
    box: [-10 - 1.5 * strokeMm, -10 - 1.5 * strokeMm, 29 + 3 * strokeMm, 20 + 3 * strokeMm],
  };
}

function guardShapes({ sizes }: PartGauge): DrawnPart {
  const { lengthMm = 38, diameterMm = 3.2 } = sizes;
  const fibers = [-1, -0.6, -0.2, 0.2, 0.6, 1].map(
    (aside) =>
      `M${n(lengthMm * 0.2)} ${n((aside * diameterMm) / 2)}L${n(lengthMm)} ${n(aside * diameterMm * 1.6)}`,
  );
  return {
    shapes: [
      { d: fibers.join(''), is: 'wire', strokeMm: 0.4 },
      { d: rect(0, -diameterMm / 2, lengthMm * 0.2, diameterMm), is: 'dark' },
    ],
    box: [0, -diameterMm * 1.7, lengthMm, diameterMm * 3.4],
  };
}

function rattleShapes({ sizes }: PartGauge): DrawnPart {
  const { lengthMm = 14, diameterMm = 4 } = sizes;
  const r = diameterMm / 2;
  const balls = [0.3, 0.5, 0.68].map((at) => circlePath(lengthMm * at, r * 0.35, r * 0.42));
  return {
    shapes: [
      {
        d: `M${n(r)} ${n(-r)}H${n(lengthMm - r)}a${n(r)} ${n(r)} 0 0 1 0 ${n(diameterMm)}H${n(r)}a${n(r)} ${n(r)} 0 0 1 0 ${n(-diameterMm)}Z`,
        is: 'soft',
      },
      { d: balls.join(''), is: 'dark' },
    ],
    box: [0, -r, lengthMm, diameterMm],
  };
}

/** A short piece of tube, seen a little from its end: collars, spacers, rivets. */
function tubeShapes(
  { sizes }: PartGauge,
  usual: readonly [lengthMm: number, acrossMm: number],
  is: 'soft' | 'body',
): DrawnPart {
  const { lengthMm = usual[0], diameterMm = usual[1], holeMm = usual[1] / 2 } = sizes;
  const r = diameterMm / 2;
  const lean = r * 0.45;
  const end = (x: number, of: number) =>
    `M${n(x)} ${n(-of)}a${n((lean * of) / r)} ${n(of)} 0 1 1 0 ${n(2 * of)}a${n((lean * of) / r)} ${n(of)} 0 1 1 0 ${n(-2 * of)}Z`;
  return {
    shapes: [
      {
        d: `M0 ${n(-r)}H${n(lengthMm)}a${n(lean)} ${n(r)} 0 0 1 0 ${n(diameterMm)}H0a${n(lean)} ${n(r)} 0 0 1 0 ${n(-diameterMm)}Z`,
        is,
      },
      { d: end(lengthMm, r), is },
      { d: end(lengthMm, holeMm / 2), is: 'dark' },
    ],
    box: [-lean, -r, lengthMm + 2 * lean, diameterMm],
  };
}

function beadShapes({ sizes }: PartGauge): DrawnPart {
  const { diameterMm = 4, holeMm = 1 } = sizes;
  const r = diameterMm / 2;
  return {
    shapes: [
      { d: circlePath(r, 0, r), is: 'body' },
      { d: circlePath(r, 0, holeMm / 2), is: 'dark' },
    ],
    box: [0, -r, diameterMm, diameterMm],
  };
}

function onItsRun(gauge: PartGauge): DrawnPart {
  const { lengthMm, diameterMm = 4 } = gauge.sizes;
  const long = gauge.as === 'tube' ? 14 : (lengthMm ?? diameterMm);
  const [above, below] = acrossOf(gauge, false);
  return { shapes: rigShapes(gauge, long, 1, false), box: [0, -above, long, above + below] };
}

/**
 * A part of its measures lying along x, to scale; where a measure is missing, of a middling one.
 *
 * @example partShapes(bead).box // [0, -2, 4, 4]
 */
export function partShapes(gauge: PartGauge): DrawnPart {
  const { lengthMm = 30, diameterMm = 6, bodyMm = 8, wireMm = 0.9 } = gauge.sizes;
  switch (gauge.as) {
    case 'blade':
      return bladeShapes(gauge);
    case 'frame':
      return frameShapes(gauge);
    case 'line':
      return coilShapes(gauge);
    case 'guard':
      return guardShapes(gauge);
    case 'rattle':
      return rattleShapes(gauge);
    case 'collar':
      return tubeShapes(gauge, [5, 6.4], 'soft');
    case 'spacer':
    case 'rivet':
      return tubeShapes(gauge, [9, 2.4], 'body');
    case 'bead':
      return beadShapes(gauge);
    case 'keeper':
      return {
        shapes: [{ d: circlePath(diameterMm / 2, 0, diameterMm / 2), is: 'soft' }],
        box: [0, -diameterMm / 2, diameterMm, diameterMm],
      };
    case 'clevis': {
      const long = gauge.sizes.lengthMm ?? 4;
      return {
        shapes: [{ d: clevisPath(long), is: 'wire', strokeMm: 0.8 }],
        box: [-0.4, 0, long + 0.8, long],
      };
    }
    case 'strap':
      return {
        shapes: [{ d: `M0 0H${n(lengthMm)}`, is: 'wire', strokeMm: wireMm }],
        box: [0, -1, lengthMm, 2],
      };
    case 'skirt': {
      const { strands, band, box } = readySkirt(lengthMm);
      return {
        shapes: [
          { d: strands, is: 'wire', strokeMm: 0.9, finish: 'matte' },
          { d: band, is: 'soft' },
        ],
        box,
      };
    }
    case 'rig':
      return { shapes: [{ d: readyRig(lengthMm), is: 'wire', strokeMm: 0.7 }], box: [0, -3, lengthMm, 6] };
    case 'trailer':
      return {
        shapes: [{ d: trailerPath(gauge.shape, lengthMm, bodyMm), is: 'soft' }],
        box: [0, -bodyMm * 0.75, lengthMm, bodyMm * 1.5],
      };
    default:
      return onItsRun(gauge);
  }
}
