import type { HookDimensions } from '@/core/cavities/guess-hook-mass';

export interface HookDrawing {
  /** Wire from the eye's foot round the bend to the point, mm; the shank lies on y = 0 from x = 0. */
  readonly wire: string;
  readonly eye: { readonly x: number; readonly y: number; readonly r: number };
  readonly barb: string;
  /** How far right of the eye bend it reaches, mm. */
  readonly reachMm: number;
  /** From the shank up to the point, mm. */
  readonly gapeMm: number;
}

const mm = (value: number) => Number(value.toFixed(3));

/**
 * A jig hook from the side, to scale: up from the shank to an eye that stands clear of a head of radius
 * `clearMm`, along the shank, round the bend, and back to the point on the eye's side.
 *
 * @example hookPath({ wireMm: 1, shankMm: 30, gapeMm: 12 }, 5).reachMm // 36.5
 */
export function hookPath({ wireMm, shankMm, gapeMm }: HookDimensions, clearMm: number): HookDrawing {
  const eyeRadius = wireMm * 1.6;
  const eyeY = -(clearMm + eyeRadius + wireMm * 0.8);
  const lean = -eyeRadius * 0.9;
  const pointX = shankMm - gapeMm * 0.62;
  const tipY = -gapeMm - wireMm * 0.2;
  const bend = `A${mm(gapeMm / 2)} ${mm(gapeMm / 2)} 0 0 0 ${mm(shankMm)} ${mm(-gapeMm)}`;
  return {
    wire: `M${mm(lean)} ${mm(eyeY + eyeRadius)}L0 0L${mm(shankMm)} 0${bend}L${mm(pointX)} ${mm(tipY)}`,
    eye: { x: mm(lean), y: mm(eyeY), r: mm(eyeRadius) },
    barb: `M${mm(pointX + gapeMm * 0.2)} ${mm(tipY)}l${mm(gapeMm * 0.16)} ${mm(gapeMm * 0.16)}`,
    reachMm: shankMm + gapeMm / 2 + wireMm / 2,
    gapeMm,
  };
}
