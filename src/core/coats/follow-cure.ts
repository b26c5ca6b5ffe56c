import { pieceTemperature } from '../heat/lumped';
import type { CureTime } from './cures/definition';

/** How far a cure has come, by what an oven thermometer told. */
export interface FollowedCure {
  /** When it was last reckoned, ms. */
  readonly at: number;
  /** The slowest head, C. */
  readonly headC: number;
  /** So long at temperature, s. */
  readonly cureS: number;
}

/** A head counts as at temperature from so far under the oven, C: it never quite gets there (common practice). */
export const AT_HEAT_C = 3;

/**
 * A cure followed to an oven reading: the slowest head drifts towards the air of the reading by its time constant, and
 * the time counts while it is within 3 C of what it is to reach. What passed before the head got there does not count.
 *
 * @example followCure({ at: 0, headC: 20, cureS: 0 }, { at: 60_000, ovenC: 180 }, 300, cure).cureS // 0
 */
export function followCure(
  before: FollowedCure,
  reading: { readonly at: number; readonly ovenC: number },
  tauS: number,
  { partC }: CureTime,
): FollowedCure {
  const seconds = Math.max(0, (reading.at - before.at) / 1000);
  const headC = pieceTemperature(tauS, reading.ovenC, before.headC, seconds);
  const fromC = partC - AT_HEAT_C;
  const inS = secondsOver(before.headC, headC, reading.ovenC, tauS, fromC, seconds);
  return { at: reading.at, headC, cureS: before.cureS + inS };
}

/** How much of a stretch the head spent over a temperature. It moves one way only within the stretch. */
function secondsOver(
  startC: number,
  endC: number,
  airC: number,
  tauS: number,
  fromC: number,
  seconds: number,
): number {
  const wasOver = startC >= fromC;
  if (wasOver === endC >= fromC) return wasOver ? seconds : 0;
  const crossingS = tauS * Math.log((airC - startC) / (airC - fromC));
  return wasOver ? crossingS : seconds - crossingS;
}

/**
 * How much longer a followed cure takes at what the oven shows now, s; null where it would never get there.
 *
 * @example cureLeftS({ at: 0, headC: 177, cureS: 300 }, 180, 300, { partC: 177, minutes: 15 }) // 600
 */
export function cureLeftS(
  { headC, cureS }: FollowedCure,
  ovenC: number,
  tauS: number,
  { partC, minutes }: CureTime,
): number | null {
  const fromC = partC - AT_HEAT_C;
  const left = Math.max(0, minutes * 60 - cureS);
  if (left === 0) return 0;
  if (ovenC < fromC) return null;
  if (headC >= fromC) return left;
  return ovenC === fromC ? null : left + tauS * Math.log((ovenC - headC) / (ovenC - fromC));
}
