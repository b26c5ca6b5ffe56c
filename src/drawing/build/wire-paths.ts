import type { LaidBait, Point } from '@/core/builds/place-parts';
import { circlePath } from '../circle-path';

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
 * A swivel from one ring to the other along x: its two rings, the barrel between them, and how thick the rings' wire is.
 *
 * @example swivelPaths(12).wireMm // 0.72
 */
export function swivelPaths(lengthMm: number): {
  readonly rings: string;
  readonly barrel: string;
  readonly wireMm: number;
} {
  const r = lengthMm * 0.16;
  const half = lengthMm * 0.11;
  const long = lengthMm - 4 * r;
  return {
    rings: circlePath(r, 0, r) + circlePath(lengthMm - r, 0, r),
    barrel: `M${mm(2 * r)} ${mm(-half * 0.7)}q${mm(long / 2)} ${mm(-half * 0.9)} ${mm(long)} 0v${mm(half * 1.4)}q${mm(-long / 2)} ${mm(half * 0.9)} ${mm(-long)} 0Z`,
    wireMm: mm(lengthMm * 0.06),
  };
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
