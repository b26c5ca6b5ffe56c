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

/**
 * A soft trailer from its nose at the origin back along x: body, taper, paddle.
 *
 * @example grubPath(88, 9) // 'M0 0...Z'
 */
export function grubPath(lengthMm: number, bodyMm: number): string {
  const h = mm(bodyMm / 2);
  const neck = mm(lengthMm * 0.78);
  const tail = mm(lengthMm);
  return [
    `M0 0C${mm(bodyMm * 0.1)} ${-h} ${mm(bodyMm * 0.5)} ${-h} ${mm(bodyMm * 0.8)} ${-h}`,
    `C${mm(lengthMm * 0.4)} ${-h} ${mm(lengthMm * 0.6)} ${mm(-h * 0.6)} ${neck} ${mm(-h * 0.22)}`,
    `C${mm(lengthMm * 0.86)} ${mm(-h * 0.3)} ${mm(lengthMm * 0.93)} ${mm(-h)} ${tail} ${mm(-h * 0.5)}`,
    `C${mm(lengthMm * 0.99)} ${mm(h * 0.6)} ${mm(lengthMm * 0.95)} ${mm(h * 1.1)} ${mm(lengthMm * 0.9)} ${mm(h * 0.9)}`,
    `C${mm(lengthMm * 0.88)} ${mm(h * 0.4)} ${mm(lengthMm * 0.84)} ${mm(h * 0.25)} ${neck} ${mm(h * 0.22)}`,
    `C${mm(lengthMm * 0.6)} ${mm(h * 0.6)} ${mm(lengthMm * 0.4)} ${h} ${mm(bodyMm * 0.8)} ${h}`,
    `C${mm(bodyMm * 0.5)} ${h} ${mm(bodyMm * 0.1)} ${h} 0 0Z`,
  ].join('');
}
