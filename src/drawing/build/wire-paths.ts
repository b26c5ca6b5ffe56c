import type { LaidBait, Point } from '@/core/builds/place-parts';

const mm = (value: number) => Number(value.toFixed(3));
const at = ({ x, y }: Point) => `${mm(x)} ${mm(y)}`;

/**
 * The wire as it runs from the head over the eye to where its loop begins, mm.
 *
 * @example wirePath(laid) // 'M40 0L0 0L43.1 -38.8'
 */
export function wirePath({ wire }: Pick<LaidBait, 'wire'>): string {
  return wire.map((point, index) => `${index === 0 ? 'M' : 'L'}${at(point)}`).join('');
}

/**
 * The arm alone, from the eye's side to its cut end as it lies before the loop is bent, mm: as long as the arm.
 *
 * @example armPath(laid.arm) // 'M0 0L53.5 -48.2'
 */
export function armPath({ from, along, lengthMm }: NonNullable<LaidBait['arm']>): string {
  return `M${at(from)}L${at({ x: from.x + along.x * lengthMm, y: from.y + along.y * lengthMm })}`;
}

/**
 * The line's eye: the bend that the line is tied to, a turn of wire before the origin.
 *
 * @example eyePath(1) // 'M0 0...'
 */
export function eyePath(wireMm: number): string {
  const r = mm(wireMm * 2);
  return `M0 0a${r} ${r} 0 1 1 ${mm(-r * 0.02)} 0.01`;
}

/**
 * A hook without an eye of its own, as it leaves a cast head: shank along x from the origin, bend, point above.
 *
 * @example bendPath(30, 15) // 'M0 0H30A...'
 */
export function bendPath(shankMm: number, gapeMm: number): { readonly wire: string; readonly barb: string } {
  const r = mm(gapeMm / 2);
  const pointX = mm(shankMm - gapeMm * 0.62);
  return {
    wire: `M0 0H${mm(shankMm)}A${r} ${r} 0 0 0 ${mm(shankMm)} ${mm(-gapeMm)}L${pointX} ${mm(-gapeMm * 1.02)}`,
    barb: `M${mm(pointX + gapeMm * 0.2)} ${mm(-gapeMm * 1.02)}l${mm(gapeMm * 0.14)} ${mm(gapeMm * 0.14)}`,
  };
}

/**
 * A swivel from one ring to the other along x: ring, barrel, ring.
 *
 * @example swivelPath(12) // 'M...'
 */
export function swivelPath(lengthMm: number): string {
  const r = mm(lengthMm * 0.16);
  const barrel = mm(lengthMm - 4 * r);
  const half = mm(lengthMm * 0.11);
  return [
    `M0 0a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0`,
    `M${2 * r} ${-half}h${barrel}v${2 * half}h${-barrel}Z`,
    `M${mm(2 * r + barrel)} 0a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0`,
  ].join('');
}

/**
 * A folded clevis on the wire: as wide as it takes of the wire, its fold hanging to one side.
 *
 * @example clevisPath(4) // 'M0 0...'
 */
export function clevisPath(lengthMm: number): string {
  const drop = mm(lengthMm * 0.9);
  return `M0 0C0 ${drop} ${mm(lengthMm)} ${drop} ${mm(lengthMm)} 0`;
}
