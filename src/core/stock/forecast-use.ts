/** One time something was taken: how many days ago, and how much. */
export interface Taking {
  readonly daysAgo: number;
  readonly qty: number;
}

export interface UseQuestion {
  readonly takings: readonly Taking[];
  /** How long the bin has been watched, days. */
  readonly watchedDays: number;
  /** What is free: on hand less what tickets were promised. */
  readonly free: number;
  /** How busy a day is beside a usual one, by days from today, past days below 0; 1 where nothing is known. */
  readonly season?: ((day: number) => number) | undefined;
  readonly random: () => number;
  readonly runs?: number | undefined;
}

export interface RunOut {
  /** Days from today; null past the horizon. */
  readonly soonest: number | null;
  readonly middle: number | null;
  readonly latest: number | null;
  /** An average month of 30.4 days. */
  readonly usePerMonth: number;
}

/** Fewer takings than this, or a shorter time, say nothing of the next. */
const LEAST_TAKINGS = 5;
const LEAST_DAYS = 28;
/** Past two years nobody plans hooks. */
const HORIZON_DAYS = 730;
const DAYS_PER_MONTH = 365.25 / 12;
const RUNS = 600;
const [LOW, MIDDLE, HIGH] = [0.05, 0.5, 0.95];

/** A draw from a gamma distribution of whole-or-half shape and rate 1, as a sum of exponentials and half a square. */
function drawGamma(shape: number, random: () => number): number {
  let total = 0;
  for (let nth = 0; nth < Math.floor(shape); nth += 1) total -= Math.log(1 - random());
  if (shape % 1 > 0.25) {
    const normal = Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    total += normal ** 2 / 2;
  }
  return total;
}

/** Draws from what was taken before, each weighed anew, so that few takings are trusted little. */
function sizesFor(takings: readonly Taking[], random: () => number): () => number {
  let total = 0;
  const upTo = takings.map(() => (total -= Math.log(1 - random())));
  return () => takings[firstAtLeast(random() * total, upTo)]?.qty ?? 0;
}

/** Where a list that never falls first reaches a value; its length where it never does. */
function firstAtLeast(value: number, rising: readonly number[]): number {
  let [low, high] = [0, rising.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((rising[middle] ?? 0) < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** On which day so much busy time has passed, the part of that day included; never past the horizon. */
function dayOf(busy: number, busyUntil: readonly number[]): number {
  const day = firstAtLeast(busy, busyUntil);
  if (day >= busyUntil.length) return Infinity;
  const before = busyUntil[day - 1] ?? 0;
  const today = (busyUntil[day] ?? 0) - before;
  return day + (today > 0 ? (busy - before) / today : 0);
}

/**
 * When a bin will be empty, with a band that holds it nine times in ten: futures are drawn in which takings come as
 * often and are as large as they were, neither known better than the history tells, busier or quieter by season. Null
 * where there is too little history to say anything.
 *
 * Source: a compound Poisson process with a gamma posterior (Jeffreys prior) on how often, a Bayesian bootstrap on how
 * much (Rubin 1981), the band between the 5th and 95th of a hundred futures.
 *
 * @example forecastUse({ takings: weekly, watchedDays: 90, free: 40, random }) // { soonest: 21, middle: 28, ... }
 */
export function forecastUse(question: UseQuestion): RunOut | null {
  const { takings, watchedDays, free, random, season = () => 1, runs = RUNS } = question;
  if (takings.length < LEAST_TAKINGS || watchedDays < LEAST_DAYS) return null;
  let watched = 0;
  for (let day = 1; day <= Math.ceil(watchedDays); day += 1) {
    watched += season(-day) * Math.min(1, watchedDays - day + 1);
  }
  /** Busy time until the end of each day ahead. */
  const busyUntil: number[] = [];
  for (let day = 0; day < HORIZON_DAYS; day += 1) busyUntil.push((busyUntil[day - 1] ?? 0) + season(day));
  const horizon = busyUntil.at(-1) ?? 0;
  const days = Array.from({ length: runs }, () => {
    const perBusyDay = drawGamma(takings.length + 0.5, random) / watched;
    const size = sizesFor(takings, random);
    let [left, busy] = [free, 0];
    while (busy <= horizon) {
      busy -= Math.log(1 - random()) / perBusyDay;
      left -= size();
      if (left < 0) return dayOf(busy, busyUntil);
    }
    return Infinity;
  }).sort((a, b) => a - b);
  const at = (share: number) => {
    const day = days[Math.min(runs - 1, Math.floor(share * runs))] ?? Infinity;
    return Number.isFinite(day) ? day : null;
  };
  const used = takings.reduce((so, { qty }) => so + qty, 0);
  return {
    soonest: free < 0 ? 0 : at(LOW),
    middle: free < 0 ? 0 : at(MIDDLE),
    latest: free < 0 ? 0 : at(HIGH),
    usePerMonth: (used / watchedDays) * DAYS_PER_MONTH,
  };
}
