import type { DressStepId } from '@/core/dress/dress-steps';
import type { HeadView } from './head-view';

/** Where on a head a step of dressing is done, mm in the head's own drawing. */
export interface DressMark {
  readonly x: number;
  readonly y: number;
}

export interface HeadMeasures {
  readonly lengthMm: number;
  readonly radiusMm: number;
}

/** How far along the body the gate sits, and the seam is filed. */
const GATE_AT = 0.42;
const SEAM_AT = 0.16;
const FLASH_AT = 0.72;

/**
 * Where each step of dressing is done on a head drawn from the side: sprue at the gate on the belly, flash and seam
 * along the outline, pins and collar at the tail, eye and snap at the eye.
 *
 * @example dressMark('sprue', { lengthMm: 12, radiusMm: 6 }, null) // { x: 5, y: 6 }
 */
export function dressMark(
  step: DressStepId,
  { lengthMm, radiusMm }: HeadMeasures,
  hook: HeadView['hook'],
): DressMark {
  const eye = hook ? { x: hook.x + hook.eye.x, y: hook.eye.y } : { x: 0, y: -radiusMm };
  switch (step) {
    case 'sprue':
      return { x: lengthMm * GATE_AT, y: radiusMm };
    case 'flash':
      return { x: lengthMm * FLASH_AT, y: -radiusMm * 0.86 };
    case 'rim':
      return { x: lengthMm * 0.5, y: -radiusMm };
    case 'pins':
      return { x: lengthMm, y: 0 };
    case 'eye':
    case 'try-in':
      return eye;
    case 'parting':
      return { x: lengthMm * SEAM_AT, y: radiusMm * 0.74 };
    case 'collar':
      return { x: lengthMm, y: radiusMm * 0.35 };
  }
}

/**
 * The sprue that still stands on a fresh casting: a stub on its belly that widens away from the gate, as an SVG path.
 *
 * @example spruePath({ lengthMm: 12, radiusMm: 6 }) // 'M4.3 5.6L...Z'
 */
export function spruePath({ lengthMm, radiusMm }: HeadMeasures): string {
  const x = lengthMm * GATE_AT;
  const [gate, wide, long] = [radiusMm * 0.16, radiusMm * 0.42, radiusMm * 0.8];
  const point = (dx: number, y: number) => `${(x + dx).toFixed(2)} ${y.toFixed(2)}`;
  const top = radiusMm * 0.9;
  return `M${point(-gate, top)}L${point(-wide, radiusMm + long)}L${point(wide, radiusMm + long)}L${point(gate, top)}Z`;
}

const mm = (value: number) => Number(value.toFixed(2));

/**
 * Where the gate was broken off: a flat on the belly, as an SVG path.
 *
 * @example gateScarPath({ lengthMm: 12, radiusMm: 6 }) // 'M4.08 5.83q...Z'
 */
export function gateScarPath({ lengthMm, radiusMm }: HeadMeasures): string {
  const half = mm(radiusMm * 0.16);
  const from = `M${mm(lengthMm * GATE_AT - half)} ${mm(radiusMm * 0.972)}`;
  return `${from}q${half} ${mm(-radiusMm * 0.09)} ${2 * half} 0q${-half} ${mm(radiusMm * 0.07)} ${-2 * half} 0Z`;
}

/** A pin that stands through a sinker, and the bore that it leaves, mm. */
export interface PinBore {
  readonly pin: string;
  readonly pinMm: number;
  /** The bore within the metal: its two sides, unseen from outside. */
  readonly sides: string;
  /** Its two mouths. */
  readonly mouths: string;
}

/**
 * The pin along the axis of a sinker drawn from the side, and its bore.
 *
 * @example pinBore({ lengthMm: 20, radiusMm: 7 }).pinMm // 1.68
 */
export function pinBore({ lengthMm, radiusMm }: HeadMeasures): PinBore {
  const half = mm(radiusMm * 0.12);
  const [out, inset] = [mm(radiusMm * 0.7), mm(radiusMm * 0.02)];
  const mouth = (x: number, way: 1 | -1) =>
    `M${mm(x)} ${-half}q${mm(way * half * 1.3)} ${half} 0 ${2 * half}Z`;
  return {
    pin: `M${-out} 0H${mm(lengthMm + out)}`,
    pinMm: 2 * half,
    sides: `M0 ${-half}H${mm(lengthMm)}M0 ${half}H${mm(lengthMm)}`,
    mouths: mouth(inset, 1) + mouth(lengthMm - inset, -1),
  };
}
