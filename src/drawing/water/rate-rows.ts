export interface RateBand {
  readonly under: string;
  readonly perHour: number;
  readonly low: number;
  readonly high: number;
}

export interface DrawnBand {
  readonly under: string;
  /** 0 to 1 across the scale. */
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

export interface RateScale {
  readonly most: number;
  /** Whole steps to write under it. */
  readonly ticks: readonly number[];
  readonly bands: readonly DrawnBand[];
}

const STEPS = [0.05, 0.1, 0.2, 0.25, 0.5, 1, 2, 5, 10, 20, 50];
const MOST_TICKS = 6;

/**
 * Bands laid on one scale from 0, so that overlap is seen for what it is.
 *
 * @example layRates([{ under: 'a', perHour: 1, low: 0.5, high: 1.9 }]).most // 2
 */
export function layRates(bands: readonly RateBand[]): RateScale {
  const highest = Math.max(0.05, ...bands.map(({ high }) => high));
  const step = STEPS.find((each) => highest / each <= MOST_TICKS) ?? 100;
  const most = step * Math.ceil(highest / step);
  const share = (value: number) => Math.max(0, Math.min(1, value / most));
  return {
    most,
    ticks: Array.from(
      { length: Math.round(most / step) + 1 },
      (_, nth) => Math.round(nth * step * 100) / 100,
    ),
    bands: bands.map(({ under, perHour, low, high }) => ({
      under,
      at: share(perHour),
      from: share(low),
      to: share(high),
    })),
  };
}
