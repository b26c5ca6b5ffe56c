import { mean } from '../numeric/mean';
import { studentT } from '../numeric/student-t';

/** What an end was pulled to: a line of a known strength, tied or crimped, until it broke. */
export interface PullTest {
  readonly brokeKgf: number;
  /** What the line itself breaks at, as measured or off its packet. */
  readonly breakKgf: number;
}

/** What an end leaves of a line's strength, by own pulls. */
export interface PulledShare {
  /** Of the line's strength, 0 and up; over 1 where the packet says less than the line holds. */
  readonly share: number;
  readonly pulls: number;
  /** 95 of 100 such means lie between; null from a single pull. */
  readonly between: readonly [number, number] | null;
}

/** What is typical counts as so many pulls, until the maker's own outweigh it. */
const TYPICAL_WEIGHS = 2;

/**
 * What an end leaves of a line, from the maker's pulls and what is typical for such a line: the pulls' mean, drawn toward
 * the typical share as if that were two pulls more. Null without any pull.
 *
 * Source: mean with Student's band; the typical share as a prior of two observations.
 *
 * @example pulledShare([{ brokeKgf: 7, breakKgf: 10 }, { brokeKgf: 7.4, breakKgf: 10 }], 0.8)?.share // 0.76
 */
export function pulledShare(tests: readonly PullTest[], typical: number): PulledShare | null {
  if (tests.length === 0) return null;
  const shares = tests.map(({ brokeKgf, breakKgf }) => brokeKgf / breakKgf);
  const own = mean(shares);
  const spread = Math.sqrt(
    shares.reduce((so, each) => so + (each - own) ** 2, 0) / Math.max(1, shares.length - 1),
  );
  const share = (own * shares.length + typical * TYPICAL_WEIGHS) / (shares.length + TYPICAL_WEIGHS);
  const off =
    shares.length > 1 ? studentT(0.95, shares.length - 1) * (spread / Math.sqrt(shares.length)) : null;
  return { share, pulls: shares.length, between: off === null ? null : [Math.max(0, own - off), own + off] };
}
