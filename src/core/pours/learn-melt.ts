import { sum } from '../numeric/sum';

/** A pot lit cold with so much in it, and how long it took until it could be poured. */
export interface TimedMelt {
  readonly chargeG: number;
  readonly minutes: number;
}

/** What a pot is known to take from cold. */
export interface PotHeat {
  /** A brim-full pot from cold to pourable. */
  readonly fullMinutes: number;
  /** Share of that which the pot's own iron takes, whatever is in it. */
  readonly potShare: number;
  /** One standard deviation of a melt from what is told, min; null until there are enough of them to say. */
  readonly spreadMinutes: number | null;
  /** How many of the maker's own melts are in it. */
  readonly melts: number;
}

/** The pot's own iron takes so much of the heat of a brim-full one (typical). */
export const TYPICAL_POT_SHARE = 0.25;
/** What is usual counts as half a melt of an empty pot and half a one of a full. */
const USUAL_WEIGHS = 0.5;
/** Under so many melts their spread says nothing. */
const SPREAD_FROM = 4;

/**
 * How long a pot takes from cold, learned from the maker's own melts: minutes = pot + metal x charge / capacity, fitted
 * by least squares over the melts and two more of half a weight, an empty pot and a brim-full one, as is typical for one
 * that takes `usualMinutes` full. The more melts there are, the less those two weigh.
 *
 * Source: heat of the pot and of the metal add up, the element gives the same all along; least squares with a prior of
 * two half observations.
 *
 * @example learnMelt([], 4500, 25) // { fullMinutes: 25, potShare: 0.25, spreadMinutes: null, melts: 0 }
 */
export function learnMelt(melts: readonly TimedMelt[], capacityG: number, usualMinutes: number): PotHeat {
  const own = melts.map(({ chargeG, minutes }) => ({
    full: Math.min(1, chargeG / capacityG),
    minutes,
    weight: 1,
  }));
  const all = [
    ...own,
    { full: 0, minutes: TYPICAL_POT_SHARE * usualMinutes, weight: USUAL_WEIGHS },
    { full: 1, minutes: usualMinutes, weight: USUAL_WEIGHS },
  ];
  const weighed = (of: (melt: (typeof all)[number]) => number) =>
    sum(all.map((each) => each.weight * of(each)));
  const weight = weighed(() => 1);
  const fullMean = weighed(({ full }) => full) / weight;
  const minutesMean = weighed(({ minutes }) => minutes) / weight;
  const slope =
    weighed(({ full, minutes }) => (full - fullMean) * (minutes - minutesMean)) /
    weighed(({ full }) => (full - fullMean) ** 2);
  // More metal never melts sooner, and the pot takes some heat of its own or none.
  const metal = Math.min(Math.max(0, slope), minutesMean / Math.max(fullMean, 1e-9));
  const pot = Math.max(0, minutesMean - metal * fullMean);
  const fullMinutes = pot + metal;
  const offs = own.map(({ full, minutes }) => minutes - pot - metal * full);
  return {
    fullMinutes,
    potShare: pot / fullMinutes,
    spreadMinutes:
      own.length < SPREAD_FROM ? null : Math.sqrt(sum(offs.map((off) => off ** 2)) / (own.length - 2)),
    melts: own.length,
  };
}

/**
 * How long so much metal takes in a pot, from cold or into one that is hot, min.
 *
 * @example meltMinutes({ fullMinutes: 24, potShare: 0.25, spreadMinutes: null, melts: 0 }, 0.5, true) // 15
 */
export function meltMinutes(
  { fullMinutes, potShare }: Pick<PotHeat, 'fullMinutes' | 'potShare'>,
  full: number,
  isCold: boolean,
): number {
  return fullMinutes * ((isCold ? potShare : 0) + (1 - potShare) * Math.min(1, Math.max(0, full)));
}
