import { mean } from '../numeric/mean';
import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { scaleHeat, sizeOf, type HeatTrial } from './scale-heat';

/** A head that was timed; of older notes neither its room nor its own heat transfer is known. */
export interface TimedHead {
  readonly massG: number;
  readonly areaCm2: number;
  readonly volumeCm3?: number | undefined;
  readonly hWm2K?: number | undefined;
}

/** What heats: how well, by the last head that was timed in it or by a guess, and the heads timed before. */
export interface HeatSource {
  readonly hWm2K: number;
  readonly trial: TimedHead | null;
  readonly earlier?: readonly TimedHead[] | undefined;
}

/** How fast one head takes heat from a source. */
export interface HeadHeat {
  readonly hWm2K: number;
  /** How that goes with the size. */
  readonly exponent: number;
  /** How far it may lie off, a share to either side: the more, the less its size is like what was timed. */
  readonly offShare: number;
  /** Sizes that were timed: 0 is a guess. */
  readonly sizes: number;
}

/** What a guess stands for: a ball of lead of 10 g. */
const GUESSED: Pick<HeatTrial, 'volumeCm3' | 'areaCm2'> = { volumeCm3: 0.9, areaCm2: 4.51 };
/** Of lead as it is mostly cast, g/cm3: for heads that were timed before their room was noted. */
const LEAD_GCM3 = 11.2;
/** A watch stopped by hand on powder that turns wet; and a usual figure of nobody's own source (typical). */
const OFF = { timed: 0.08, guessed: 0.35 } as const;
/** How far the exponent itself may lie off: between what a breeze and a jet give, and as two sizes tell it. */
const EXPONENT_OFF = { usual: 0.2, fitted: 0.08 } as const;

/**
 * How fast a head takes heat from a source, by the heads that were timed in it, and how sure that is: `scaleHeat` of the
 * trials; where none was timed, of the guess. The band grows with the distance from the sizes that were timed.
 *
 * @example heatOfHead({ hWm2K: 70, trial: null }, { volumeCm3: 0.9, areaCm2: 4.51 }) // { hWm2K: 70, offShare: 0.35, sizes: 0, ... }
 */
export function heatOfHead(
  { hWm2K, trial, earlier = [] }: HeatSource,
  head: Pick<HeatTrial, 'volumeCm3' | 'areaCm2'>,
): HeadHeat {
  const trials = [...earlier, ...(trial ? [trial] : [])].map((each): HeatTrial => ({
    areaCm2: each.areaCm2,
    volumeCm3: each.volumeCm3 ?? each.massG / LEAD_GCM3,
    hWm2K: each.hWm2K ?? hWm2K,
  }));
  const told = trials.length > 0 ? trials : [{ ...GUESSED, hWm2K }];
  const scaled = scaleHeat(told, head);
  const logs = told.map((each) => Math.log(sizeOf(each)));
  const isFitted = Math.max(...logs) - Math.min(...logs) > RELATIVE_SLACK;
  const away = Math.abs(Math.log(sizeOf(head)) - mean(logs));
  const exponentOff = isFitted ? EXPONENT_OFF.fitted : EXPONENT_OFF.usual;
  return {
    ...scaled,
    offShare: Math.hypot(trials.length > 0 ? OFF.timed : OFF.guessed, exponentOff * away),
    sizes: trials.length === 0 ? 0 : isFitted ? 2 : 1,
  };
}
