import type { HookDimensions } from '../cavities/guess-hook-mass';

/** A point in the plane of the hook: along the body's axis, and up from it, mm. */
export type HookPoint = readonly [alongMm: number, upMm: number];

const BEND_STEPS = 8;

/**
 * The middle of a jig hook's wire, from the eye down to the axis, along the shank, round the bend and to the point,
 * which ends above the shank on the eye's side. `eyeMm` is where the eye leaves the axis, `riseMm` how far its middle
 * stands off, `steps` how finely the bend is drawn.
 *
 * @example hookLine({ wireMm: 1, shankMm: 30, gapeMm: 12 }, 4, 9)[0] // [4, 9]
 */
export function hookLine(
  { shankMm, gapeMm }: HookDimensions,
  eyeMm: number,
  riseMm: number,
  steps = BEND_STEPS,
): HookPoint[] {
  const bendAt = eyeMm + shankMm;
  const radius = gapeMm / 2;
  const bend = Array.from({ length: steps + 1 }, (_, step): HookPoint => {
    const angle = -Math.PI / 2 + (Math.PI * step) / steps;
    return [bendAt + radius * Math.cos(angle), radius + radius * Math.sin(angle)];
  });
  return [[eyeMm, riseMm], [eyeMm, 0], ...bend, [bendAt - gapeMm / 2, gapeMm]];
}
