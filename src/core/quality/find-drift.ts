import { mean } from '../numeric/mean';
import { sum } from '../numeric/sum';

/** How castings of one cavity stray from what was expected of them. */
export interface Drift {
  /** One casting alone, from one on, little by little, or from the first. */
  readonly pattern: 'single' | 'at-once' | 'creeping' | 'always';
  /** The first casting that shows it, from 0. */
  readonly from: number;
  /** How far off it is from there on, as a share; under 0 is light. */
  readonly offShare: number;
}

/** How many of its own errors a mean or a slope must be off; more where the place of a step is sought, too. */
const MEAN_ERRORS = 3.5;
const SLOPE_ERRORS = 4;
const STEP_ERRORS = 4.5;
/** A slope through fewer castings than this is no slope. */
const LEAST_SLOPE = 5;
const SINGLE_ERRORS = 4;
/** Castings to either side of a step. */
const LEAST_SIDE = 2;
/** What a block does from pour to pour; less than this is no drift, a share. */
const LEAST_OFF = 0.008;

/**
 * Whether the castings of a cavity drift, and how: `ratios` are weighed over expected, in the order of casting;
 * `sigma` is the spread of one casting about its cavity, as a share, from moving ranges of all cavities together.
 * Looked for first: a step, a slope, or one casting off the others, whichever explains most; then a mean that is
 * off from the first.
 * Null where nothing strays, or there are fewer than three castings.
 *
 * @example findDrift([1, 1, 1.001, 1.03, 1.031, 1.03], 0.002)?.pattern // 'at-once', from 3
 */
export function findDrift(ratios: readonly number[], sigma: number): Drift | null {
  if (!(sigma > 0)) throw new RangeError('findDrift requires a spread over zero');
  if (ratios.length < 3) return null;
  return findChange(ratios, sigma) ?? findOffset(ratios, sigma);
}

interface Change {
  readonly drift: Drift;
  /** How many of its own errors it is; its square is what it takes of the sum of squares, in sigmas. */
  readonly errors: number;
}

function findChange(ratios: readonly number[], sigma: number): Drift | null {
  const changes = [bestStep(ratios, sigma), bestSlope(ratios, sigma), oddOne(ratios, sigma)];
  const found = changes.filter((each) => each !== null).sort((a, b) => b.errors - a.errors);
  return found[0]?.drift ?? null;
}

function bestStep(ratios: readonly number[], sigma: number): Change | null {
  let best: Change | null = null;
  for (let from = LEAST_SIDE; from <= ratios.length - LEAST_SIDE; from += 1) {
    const after = mean(ratios.slice(from));
    const step = after - mean(ratios.slice(0, from));
    const errors = Math.abs(step) / (sigma * Math.sqrt(1 / from + 1 / (ratios.length - from)));
    if (errors < STEP_ERRORS || Math.abs(step) < LEAST_OFF || errors <= (best?.errors ?? 0)) continue;
    best = { drift: { pattern: 'at-once', from, offShare: after - 1 }, errors };
  }
  return best;
}

function bestSlope(ratios: readonly number[], sigma: number): Change | null {
  const count = ratios.length;
  if (count < LEAST_SLOPE) return null;
  const middle = (count - 1) / 2;
  const spread = sum(ratios.map((_, index) => (index - middle) ** 2));
  const slope = sum(ratios.map((ratio, index) => (index - middle) * ratio)) / spread;
  const errors = (Math.abs(slope) * Math.sqrt(spread)) / sigma;
  if (errors < SLOPE_ERRORS || Math.abs(slope) * (count - 1) < LEAST_OFF) return null;
  const end = mean(ratios) + slope * middle;
  return { drift: { pattern: 'creeping', from: 0, offShare: end - 1 }, errors };
}

function findOffset(ratios: readonly number[], sigma: number): Drift | null {
  const offShare = mean(ratios) - 1;
  const errors = Math.abs(offShare) / (sigma / Math.sqrt(ratios.length));
  return errors >= MEAN_ERRORS && Math.abs(offShare) >= LEAST_OFF
    ? { pattern: 'always', from: 0, offShare }
    : null;
}

function oddOne(ratios: readonly number[], sigma: number): Change | null {
  const others = (index: number) => ratios.filter((_, each) => each !== index);
  const offs = ratios.map((ratio, index) => Math.abs(ratio - mean(others(index))));
  const from = offs.indexOf(Math.max(...offs));
  const off = offs[from] ?? 0;
  const errors = (off * Math.sqrt((ratios.length - 1) / ratios.length)) / sigma;
  return errors >= SINGLE_ERRORS && off >= LEAST_OFF
    ? { drift: { pattern: 'single', from, offShare: (ratios[from] ?? 1) - 1 }, errors }
    : null;
}
