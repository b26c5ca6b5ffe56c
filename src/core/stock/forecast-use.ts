import { drawGamma } from '../numeric/draw-gamma';
import { sum } from '../numeric/sum';

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

/** Times between takings that were this regular or this clumped, as shapes of a gamma distribution. */
const [LEAST_SHAPE, MOST_SHAPE] = [0.2, 400];
/**
 * How much each wait that was seen is believed, as a shape of its weight: under the 1 of a plain bootstrap, which knows of no
 * wait longer than the longest it saw. Set so that the band holds on benches of known use.
 */
const FEW_WAITS = 0.6;
/** A wait longer than the last one has lasted is drawn so often before it is taken for one without memory. */
const MOST_TRIES = 40;

/** How long takings lie apart, drawn as regular or as clumped as they came, each wait that was seen weighed anew. */
function waitsFor(waits: readonly number[], random: () => number) {
  const weights = waits.map(() => drawGamma(FEW_WAITS, random));
  const total = sum(weights);
  const mean = sum(waits.map((wait, at) => wait * (weights[at] ?? 0))) / total;
  const squares = sum(waits.map((wait, at) => (weights[at] ?? 0) * (wait - mean) ** 2)) / total;
  const variance = (squares * waits.length) / Math.max(1, waits.length - 1);
  const shape = Math.min(MOST_SHAPE, Math.max(LEAST_SHAPE, variance > 0 ? mean ** 2 / variance : MOST_SHAPE));
  const next = () => (mean * drawGamma(shape, random)) / shape;
  /** The wait that has lasted so long already: what is left of it. */
  const rest = (elapsed: number) => {
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const wait = next();
      if (wait > elapsed) return wait - elapsed;
    }
    return -mean * Math.log(1 - random());
  };
  return { next, rest };
}

/**
 * When a bin will be empty, with a band that holds it nine times in ten: futures are drawn in which takings lie as far apart,
 * as regularly or as clumped, and are as large as they were, neither known better than the history tells, from the last one
 * on, busier or quieter by season. Empty is empty: with the taking that leaves nothing. Null where there is too little
 * history to say anything.
 *
 * Source: a renewal process with gamma waits; Bayesian bootstrap (Rubin 1981) on the waits and on how much is taken; the band
 * between the 5th and 95th of a hundred futures.
 *
 * @example forecastUse({ takings: weekly, watchedDays: 90, free: 40, random }) // { soonest: 21, middle: 28, ... }
 */
export function forecastUse(question: UseQuestion): RunOut | null {
  const { takings, watchedDays, free, random, season = () => 1, runs = RUNS } = question;
  if (takings.length < LEAST_TAKINGS || watchedDays < LEAST_DAYS) return null;
  const usePerMonth = (sum(takings.map(({ qty }) => qty)) / watchedDays) * DAYS_PER_MONTH;
  if (free <= 0) return { soonest: 0, middle: 0, latest: 0, usePerMonth };
  /** Busy time since each taking, the oldest first. */
  const since = [...takings]
    .sort((a, b) => b.daysAgo - a.daysAgo)
    .map(({ daysAgo }) => busySince(daysAgo, season));
  const elapsed = since.at(-1) ?? 0;
  const between = since.slice(1).map((each, at) => (since[at] ?? 0) - each);
  // A wait that has outlasted what is usual says that it was no sooner over.
  const waits = elapsed > sum(between) / between.length ? [...between, elapsed] : between;
  /** Busy time until the end of each day ahead. */
  const busyUntil: number[] = [];
  for (let day = 0; day < HORIZON_DAYS; day += 1) busyUntil.push((busyUntil[day - 1] ?? 0) + season(day));
  const horizon = busyUntil.at(-1) ?? 0;
  const days = Array.from({ length: runs }, () => {
    const wait = waitsFor(waits, random);
    const size = sizesFor(takings, random);
    let left = free;
    for (let busy = wait.rest(elapsed); busy <= horizon; busy += wait.next()) {
      left -= size();
      if (left <= 0) return dayOf(busy, busyUntil);
    }
    return Infinity;
  }).sort((a, b) => a - b);
  const at = (share: number) => {
    const day = days[Math.min(runs - 1, Math.floor(share * runs))] ?? Infinity;
    return Number.isFinite(day) ? day : null;
  };
  return { soonest: at(LOW), middle: at(MIDDLE), latest: at(HIGH), usePerMonth };
}

/** Busy time that has passed since so many days ago. */
function busySince(daysAgo: number, season: (day: number) => number): number {
  let busy = 0;
  for (let day = 1; day <= Math.ceil(daysAgo); day += 1)
    busy += season(-day) * Math.min(1, daysAgo - day + 1);
  return busy;
}
