import { forgivingCeil } from '../numeric/forgiving-ceil';
import { RELATIVE_SLACK } from '../numeric/relative-slack';

/** A condition that packs cover an amount, as a solver takes it: sum(coefficient x packs) >= lower. */
export interface CoverRow {
  /** By pack, in the order given. */
  readonly coefficients: readonly number[];
  readonly lower: number;
  /** Counted in whole steps, half a step to spare: nothing that a solver forgives can leave it short. */
  readonly isExact: boolean;
}

/** Steps past which counting in them is no better than measuring. */
const MOST_STEPS = 1e6;
/** By how much the amount is raised where it can only be measured: more than a solver forgives, in smallest packs. */
const RAISED = 1e-5;

/** The largest step of which both are a whole number, to a billionth. */
function stepOf(a: number, b: number): number {
  let [large, small] = a > b ? [a, b] : [b, a];
  const least = large / MOST_STEPS;
  while (small > least) {
    const rest = large - small * Math.round(large / small);
    [large, small] = [small, Math.abs(rest) <= RELATIVE_SLACK * large ? 0 : Math.abs(rest)];
  }
  return small === 0 ? large : 0;
}

/**
 * The condition that packs of some sizes cover an amount, to a billionth of it, put so that a solver's own tolerance cannot
 * leave it short: in steps of which all packs are whole numbers, with half a step to spare; where there is no such step, in
 * the smallest pack, and `isRaised` asks for a little more than is wanted. Sizes and amount over 0.
 *
 * @example coverRow([10, 25], 60) // { coefficients: [2, 5], lower: 11.5, isExact: true }: in steps of 5
 */
export function coverRow(packQtys: readonly number[], qty: number, isRaised = false): CoverRow {
  const smallest = Math.min(...packQtys);
  const step = packQtys.reduce((so, each) => (so === 0 ? 0 : stepOf(so, each)), packQtys[0] ?? 0);
  if (step > 0 && Math.max(...packQtys) / step <= MOST_STEPS) {
    return {
      coefficients: packQtys.map((each) => Math.round(each / step)),
      lower: forgivingCeil(qty / step) - 0.5,
      isExact: true,
    };
  }
  return {
    coefficients: packQtys.map((each) => each / smallest),
    lower: (qty / smallest) * (1 - RELATIVE_SLACK) + (isRaised ? RAISED : 0),
    isExact: false,
  };
}
