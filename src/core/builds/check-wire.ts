import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { sum } from '../numeric/sum';

/** A part on an arm: how much of the arm it takes, and the blade that hangs from it. */
export interface WirePart {
  readonly name: string;
  readonly lengthMm: number;
  readonly blade?: { readonly lengthMm: number; readonly widthMm: number };
}

export interface WireArm {
  readonly armMm: number;
  /** From the eye to the arm's end. */
  readonly parts: readonly WirePart[];
  /** What the closing loop takes of the arm. */
  readonly loopReserveMm: number;
  /** What must stay bare so that all of it turns. */
  readonly minFreeMm: number;
  /** From the arm to the body. */
  readonly armGapMm: number;
}

export interface BladeClearance {
  readonly name: string;
  /** How far its tip reaches past the next blade's hanger; 0 for the last. */
  readonly overlapNextMm: number;
  readonly clearsBody: boolean;
}

export interface WireCheck {
  readonly stackMm: number;
  /** Below 0 where the stack is longer than the arm. */
  readonly freeMm: number;
  readonly fits: boolean;
  readonly blades: readonly BladeClearance[];
}

/**
 * Whether parts fit an arm, and whether their blades strike each other or the body. Lengths in mm. A blade hangs from the
 * eye-side end of its part and reaches toward the arm's end; half its width must be less than the gap to the body.
 *
 * Source: stack = sum of lengths; free = arm - stack - loop; overlap = blade length - distance to the next hanger.
 *
 * @example
 * checkWire({ armMm: 50, parts: [{ name: 'clevis', lengthMm: 4, blade: { lengthMm: 20, widthMm: 9 } }],
 *   loopReserveMm: 12, minFreeMm: 3, armGapMm: 18 })
 * // { stackMm: 4, freeMm: 34, fits: true, blades: [{ name: 'clevis', overlapNextMm: 0, clearsBody: true }] }
 */
export function checkWire({ armMm, parts, loopReserveMm, minFreeMm, armGapMm }: WireArm): WireCheck {
  const stackMm = sum(parts.map(({ lengthMm }) => lengthMm));
  const freeMm = armMm - stackMm - loopReserveMm;
  const hung = parts.flatMap(({ name, blade }, index) => (blade ? [{ name, blade, index }] : []));
  return {
    stackMm,
    freeMm,
    fits: freeMm >= minFreeMm - RELATIVE_SLACK * armMm,
    blades: hung.map(({ name, blade, index }, nth) => {
      const next = hung[nth + 1];
      const apartMm = next
        ? sum(parts.slice(index, next.index).map(({ lengthMm }) => lengthMm))
        : Number.POSITIVE_INFINITY;
      return {
        name,
        overlapNextMm: next ? Math.max(0, blade.lengthMm - apartMm) : 0,
        clearsBody: blade.widthMm / 2 < armGapMm,
      };
    }),
  };
}
