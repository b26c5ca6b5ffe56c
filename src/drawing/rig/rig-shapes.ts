import type { PartGauge } from '@/core/parts/part-roles';
import { circlePath } from '../circle-path';
import { hookEnd, hookEye } from '../hook/hook-end';

/** One stroke or area of a part, mm: x down its run from its upper end, y across. */
export interface RigShape {
  readonly d: string;
  readonly is: 'wire' | 'point' | 'body' | 'soft' | 'dark' | 'mark';
  /** How thick a wire is, mm. */
  readonly strokeMm?: number;
  /** Bent sheet, which takes the light in bands; or a strand, which is no metal. */
  readonly finish?: 'plate' | 'matte';
}

const n = (value: number) => Number(value.toFixed(3));
const box = (x: number, y: number, width: number, height: number, r = 0) =>
  `M${n(x + r)} ${n(y)}H${n(x + width - r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(r)}V${n(y + height - r)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(r)}H${n(x + r)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(-r)}V${n(y + r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(-r)}Z`;
const spindle = (long: number, wide: number) =>
  `M0 0C${n(long * 0.2)} ${n(-wide * 0.66)} ${n(long * 0.7)} ${n(-wide * 0.62)} ${n(long)} 0C${n(long * 0.7)} ${n(wide * 0.62)} ${n(long * 0.2)} ${n(wide * 0.66)} 0 0Z`;

/**
 * A hook of its own measures lying along its run: eye first, shank, a round bend, the point with its barb. One with three
 * points shows the one behind between the two others.
 *
 * @example hookShapes(hook, false)[0]?.strokeMm // 1.1
 */
export function hookShapes({ sizes }: Pick<PartGauge, 'sizes'>, isTurned: boolean): RigShape[] {
  const { lengthMm = 20, gapeMm = 8, wireMm = 1, eyeMm = wireMm * 1.6, points = 1 } = sizes;
  const ring = (eyeMm + wireMm) / 2;
  const side = isTurned ? 1 : -1;
  const bendAt = lengthMm - wireMm / 2 - gapeMm / 2;
  const arm = (across: 1 | -1): RigShape[] => {
    const y = across * gapeMm;
    const tip = { x: bendAt - Math.max(gapeMm * 0.75, 2 * wireMm), y: y * 0.96 };
    const { needle, barb, from } = hookEnd({ x: bendAt, y }, tip, wireMm, across);
    const r = n(gapeMm / 2);
    return [
      {
        d: `M${n(2 * ring)} 0H${n(bendAt)}A${r} ${r} 0 0 ${across < 0 ? 0 : 1} ${n(bendAt)} ${n(y)}L${from.x} ${from.y}`,
        is: 'wire',
        strokeMm: wireMm,
      },
      { d: needle + barb, is: 'point' },
    ];
  };
  const behind: RigShape = { d: `M${n(bendAt)} 0l${n(gapeMm * 0.5)} 0`, is: 'wire', strokeMm: wireMm };
  return [
    { d: hookEye({ x: ring, y: 0 }, ring, 0), is: 'wire', strokeMm: wireMm },
    ...(points >= 2 ? [...arm(-1), ...arm(1)] : arm(side)),
    ...(points >= 3 ? [behind] : []),
  ];
}

const CAGE_WIRE_MM = 0.7;
/** About how far the wires of a cage stand apart. */
const MESH_MM = 5;

/** The cage of a feeder: its round rim, wires along it and hoops round it, as many as leave openings alike. */
function cagePath(longMm: number, acrossMm: number): string {
  const inset = CAGE_WIRE_MM / 2;
  const [long, wide] = [longMm - CAGE_WIRE_MM, acrossMm - CAGE_WIRE_MM];
  const between = (whole: number) => Math.max(2, Math.round(whole / MESH_MM));
  const [hoops, wires] = [between(long), between(wide)];
  const shares = (parts: number) => Array.from({ length: parts - 1 }, (_, nth) => (nth + 1) / parts);
  return [
    box(inset, -wide / 2, long, wide, wide * 0.18),
    ...shares(hoops).map((share) => `M${n(inset + share * long)} ${n(-wide / 2)}v${n(wide)}`),
    ...shares(wires).map((share) => `M${n(inset)} ${n((share - 0.5) * wide)}h${n(long)}`),
  ].join('');
}

function barrel(lengthMm: number): RigShape[] {
  const eye = lengthMm * 0.17;
  return [
    { d: circlePath(eye, 0, eye), is: 'wire', strokeMm: lengthMm * 0.07 },
    { d: circlePath(lengthMm - eye, 0, eye), is: 'wire', strokeMm: lengthMm * 0.07 },
    { d: box(2 * eye, -lengthMm * 0.15, lengthMm - 4 * eye, lengthMm * 0.3, lengthMm * 0.09), is: 'body' },
  ];
}

/**
 * The shapes of a part of a rig at its true size. `longMm` is how much of its run it takes, `count` how many lie in a row.
 *
 * @example rigShapes(crimp.gauge, 8, 1, false).length // 3
 */
export function rigShapes(gauge: PartGauge, longMm: number, count: number, isTurned: boolean): RigShape[] {
  const { sizes } = gauge;
  const across = sizes.diameterMm ?? sizes.bodyMm ?? 6;
  const each = longMm / count;
  switch (gauge.as) {
    case 'hook':
      return hookShapes(gauge, isTurned);
    case 'swivel':
      return barrel(longMm);
    case 'junction':
      return [
        ...barrel(longMm),
        { d: circlePath(longMm / 2, longMm * 0.32, longMm * 0.17), is: 'wire', strokeMm: longMm * 0.07 },
      ];
    case 'ring':
      return [
        { d: circlePath(longMm / 2, 0, longMm / 2 - 0.3), is: 'wire', strokeMm: sizes.ringMm ?? 0.6 },
        { d: circlePath(longMm / 2, 0, longMm / 2 - 0.9), is: 'mark' },
      ];
    case 'solid':
      return [
        {
          d: circlePath(longMm / 2, 0, longMm / 2 - (sizes.ringMm ?? 1) / 2),
          is: 'wire',
          strokeMm: sizes.ringMm ?? 1,
        },
      ];
    case 'snap':
      return [
        {
          d: `M0 0C${n(longMm * 0.1)} ${n(-longMm * 0.26)} ${n(longMm * 0.9)} ${n(-longMm * 0.3)} ${n(longMm)} 0C${n(longMm * 0.9)} ${n(longMm * 0.24)} ${n(longMm * 0.3)} ${n(longMm * 0.2)} 0 0Z`,
          is: 'wire',
          strokeMm: longMm * 0.06,
        },
      ];
    case 'crimp': {
      const wide = (sizes.holeMm ?? 1) * 1.7;
      // Pressed twice, its middle left open.
      const press = (x: number) =>
        `M${n(x)} ${n(-wide / 2)}v${n(wide)}M${n(x + longMm * 0.1)} ${n(-wide / 2)}v${n(wide)}`;
      return [
        { d: box(0, -wide / 2, longMm, wide, wide * 0.2), is: 'body' },
        { d: press(longMm * 0.16) + press(longMm * 0.72), is: 'mark' },
      ];
    }
    case 'tube': {
      const wide = Math.max(1.6, (sizes.holeMm ?? 3) / (sizes.shrinkRatio ?? 1) + 1.2);
      return [{ d: box(0, -wide / 2, longMm, wide, wide * 0.3), is: 'soft' }];
    }
    case 'shot':
    case 'bead':
      return Array.from({ length: count }, (_, nth): RigShape => {
        return { d: circlePath(each * (nth + 0.5), 0, each / 2), is: gauge.as === 'shot' ? 'dark' : 'body' };
      });
    case 'float':
      return [
        { d: spindle(longMm, across), is: 'soft' },
        { d: `M${n(longMm * 0.3)} ${n(-across * 0.38)}V${n(across * 0.38)}`, is: 'mark' },
      ];
    case 'feeder':
      return [
        { d: box(0, -across / 2, longMm, across, across * 0.18), is: 'soft' },
        { d: cagePath(longMm, across), is: 'wire', strokeMm: CAGE_WIRE_MM },
      ];
    case 'blade':
      return [{ d: spindle(longMm, sizes.widthMm ?? longMm * 0.6), is: 'body', finish: 'plate' }];
    case 'weight':
    case 'lure':
      return [{ d: spindle(longMm, across), is: gauge.as === 'lure' ? 'body' : 'dark' }];
    case 'hair':
      return hairShapes(longMm, 0, 'all');
    case 'skirt':
      return bulbShapes(longMm, across);
    case 'stop':
      return [{ d: box(0, -1.1, longMm, 2.2, 1), is: 'dark' }];
    case 'line':
      return [];
    default:
      return [{ d: box(0, -Math.min(across, longMm) / 2, longMm, Math.min(across, longMm), 1), is: 'body' }];
  }
}

const HAIRS = 9;
const PARTS = {
  all: () => true,
  upper: (nth: number) => nth < HAIRS / 2,
  lower: (nth: number) => nth >= HAIRS / 2,
  near: (nth: number) => nth % 2 === 0,
  far: (nth: number) => nth % 2 === 1,
} as const;

/**
 * Hair tied at its place: what lies back from there, what lies forward, all of it or the part that one of two colors is.
 *
 * @example hairShapes(60, 20, 'upper').length // 10: five hairs, each back and forward
 */
export function hairShapes(backMm: number, forwardMm: number, part: keyof typeof PARTS): RigShape[] {
  const hair = (longMm: number, nth: number): RigShape => {
    const y = (nth - (HAIRS - 1) / 2) * 1.1;
    const tip = longMm - Math.sign(longMm) * Math.abs(nth - (HAIRS - 1) / 2) * 1.4;
    return {
      d: `M0 ${n(y * 0.35)}C${n(longMm * 0.4)} ${n(y)} ${n(longMm * 0.8)} ${n(y * 1.2)} ${n(tip)} ${n(y * (longMm < 0 ? 2.4 : 1))}`,
      is: 'mark',
    };
  };
  return Array.from({ length: HAIRS }, (_, nth) => nth)
    .filter(PARTS[part])
    .flatMap((nth) => [hair(backMm, nth), ...(forwardMm > 0 ? [hair(-forwardMm, nth)] : [])]);
}

/** A soft hollow head drawn out into legs. */
function bulbShapes(longMm: number, acrossMm: number): RigShape[] {
  const [bulb, half] = [longMm * 0.28, Math.max(3, acrossMm / 2)];
  const legs = [-2, -1, 0, 1, 2].map((nth) => {
    const y = (half * nth) / 2;
    return `M${n(bulb)} ${n(y * 0.9)}C${n(longMm * 0.5)} ${n(y * 1.3)} ${n(longMm * 0.8)} ${n(y * 1.1)} ${n(longMm)} ${n(y * 1.2)}`;
  });
  return [
    {
      d: `M0 0C0 ${n(-half * 1.2)} ${n(bulb * 0.8)} ${n(-half * 1.1)} ${n(bulb)} ${n(-half * 0.9)}V${n(half * 0.9)}C${n(bulb * 0.8)} ${n(half * 1.1)} 0 ${n(half * 1.2)} 0 0Z`,
      is: 'soft',
    },
    { d: legs.join(''), is: 'mark' },
  ];
}

/**
 * The edge of a plate that is riveted under a body as long and as wide.
 *
 * @example plateShapes(34, 26)[0]?.is // 'dark'
 */
export function plateShapes(longMm: number, bodyMm: number): RigShape[] {
  const rivet = (share: number) => circlePath(longMm * share, bodyMm * 0.48, bodyMm * 0.05);
  return [
    { d: box(longMm * 0.08, bodyMm * 0.38, longMm * 0.84, bodyMm * 0.2, 1), is: 'dark' },
    { d: rivet(0.3) + rivet(0.7), is: 'mark' },
  ];
}

/**
 * How far a part stands off its run, mm: above it, and below.
 *
 * @example acrossOf(hook, false) // [14, 3]
 */
export function acrossOf(
  { as, sizes }: PartGauge,
  isTurned: boolean,
): readonly [above: number, below: number] {
  const even = (half: number) => [half, half] as const;
  if (as === 'hook') {
    const wide = (sizes.gapeMm ?? 8) + (sizes.wireMm ?? 1);
    if ((sizes.points ?? 1) > 1) return even(wide);
    return isTurned ? [3, wide] : [wide, 3];
  }
  if (as === 'feeder') return even((sizes.diameterMm ?? 20) * 0.6);
  if (as === 'junction') return even((sizes.lengthMm ?? 9) * 0.55);
  if (as === 'hair') return even(6);
  return even(Math.max(2, (sizes.diameterMm ?? sizes.bodyMm ?? 4) / 2 + 0.5));
}
