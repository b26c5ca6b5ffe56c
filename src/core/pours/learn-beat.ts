import { mean } from '../numeric/mean';
import { median } from '../numeric/median';
import { sum } from '../numeric/sum';

export interface LearnedBeat {
  readonly secondsPerPour: number;
  /** Spread of one pour, s: a standard deviation. */
  readonly spreadS: number;
  /** Spread from evening to evening, s: a standard deviation of the evenings' own beats; 0 from under three. */
  readonly eveningSpreadS: number;
  /** Pours it was learned from. */
  readonly pours: number;
}

/** From fewer than these nothing is learned. */
const LEAST_INTERVALS = 8;
const LEAST_EVENINGS = 3;
/** A gap so many times the middle one was a rest, a telephone or a machine asleep. */
const REST_TIMES = 3;

/**
 * The beat of a mold from the maker's own evenings: for each, the instants of its pours in ms, in order. A gap
 * of three times the middle one, a rest or a machine asleep, does not count; all else does. Null from fewer than eight
 * intervals.
 *
 * @example learnBeat([[0, 30_000, 60_000, ...]]) // { secondsPerPour: 30, ... }
 */
export function learnBeat(evenings: readonly (readonly number[])[]): LearnedBeat | null {
  const byEvening = evenings.map((instants) =>
    instants.slice(1).flatMap((at, index) => {
      const seconds = (at - (instants[index] ?? at)) / 1000;
      return seconds > 0 ? [seconds] : [];
    }),
  );
  const all = byEvening.flat();
  if (all.length < LEAST_INTERVALS) return null;
  const rough = median(all);
  const poured = byEvening.map((intervals) => intervals.filter((seconds) => seconds <= REST_TIMES * rough));
  const kept = poured.flat();
  // An evening is the sum of its pours: slow ones count, which a median leaves out.
  const secondsPerPour = mean(kept);
  const spreadS = deviation(kept);
  const beats = poured.filter((intervals) => intervals.length > 0).map(mean);
  const eveningSpreadS = beats.length < LEAST_EVENINGS ? 0 : deviation(beats);
  return { secondsPerPour, spreadS, eveningSpreadS, pours: kept.length };
}

/** A standard deviation of what was seen; 0 of one alone. */
function deviation(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const middle = mean(values);
  return Math.sqrt(sum(values.map((each) => (each - middle) ** 2)) / (values.length - 1));
}
