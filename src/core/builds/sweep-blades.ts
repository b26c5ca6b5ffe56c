import { done, fail, type Outcome } from '../problems/problem';

/** A blade as it turns: on the arm by its clevis, or at the arm's end on its swivel. */
export interface SweptBlade {
  readonly name: string;
  readonly hangs: 'arm' | 'end';
  /** Of one on the arm: from the eye, mm. */
  readonly hangerMm?: number | undefined;
  readonly lengthMm: number;
  /** How far it stands off the axis about which it turns, degrees. */
  readonly standsDeg: number;
}

export interface SweepQuestion {
  /** How far the arm leaves the body's axis, degrees. */
  readonly spreadDeg: number;
  readonly armMm: number;
  readonly bodyRadiusMm: number;
  readonly blades: readonly SweptBlade[];
}

export interface BladeClearance {
  readonly name: string;
  /** Between the blade where it comes nearest and the body, mm; under 0 it strikes. */
  readonly clearanceMm: number;
  readonly clears: boolean;
}

const sin = (degrees: number) => Math.sin((degrees * Math.PI) / 180);

/**
 * How far turning blades stay off the body. One on the arm turns about the arm, its tip standing off it; one at the end
 * turns about the pull, level with the body. All angles 0 to 90 degrees.
 *
 * Problem: `wire.hanger-off-arm` where a blade on the arm hangs past its end, or nowhere.
 *
 * Source: calculation contract, `wire.sweep`.
 *
 * @example
 * sweepBlades({ spreadDeg: 40, armMm: 80, bodyRadiusMm: 6, blades: [{ name: 'willow', hangs: 'end', lengthMm: 40, standsDeg: 25 }] })
 * // value: [{ name: 'willow', clearanceMm: 28.5, clears: true }]
 */
export function sweepBlades({
  spreadDeg,
  armMm,
  bodyRadiusMm,
  blades,
}: SweepQuestion): Outcome<BladeClearance[]> {
  const off = blades.findIndex(
    ({ hangs, hangerMm }) => hangs === 'arm' && !((hangerMm ?? Infinity) <= armMm),
  );
  const lost = blades[off];
  if (lost) {
    return fail('wire.hanger-off-arm', { name: lost.name, hangerMm: lost.hangerMm ?? null, armMm }, [
      'blades',
      off,
      'hangerMm',
    ]);
  }
  return done(
    blades.map(({ name, hangs, hangerMm = 0, lengthMm, standsDeg }) => {
      const clearanceMm =
        hangs === 'arm'
          ? hangerMm * sin(spreadDeg) + Math.min(0, lengthMm * sin(spreadDeg - standsDeg)) - bodyRadiusMm
          : armMm * sin(spreadDeg) - lengthMm * sin(standsDeg) - bodyRadiusMm;
      return { name, clearanceMm, clears: clearanceMm > 0 };
    }),
  );
}
