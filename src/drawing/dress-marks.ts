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
      return { x: lengthMm * 0.86, y: -radiusMm * 0.3 };
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
