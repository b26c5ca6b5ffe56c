import type { DressStepId } from './dress-steps';

export interface BatchStep {
  readonly step: DressStepId;
  readonly done: number;
  /** Time spent on it so far. */
  readonly seconds: number;
}

/** A batch on the dressing bench, as its steps see it. Instants are ms. */
export interface DressBatch {
  readonly count: number;
  readonly steps: readonly BatchStep[];
  readonly inHand: { readonly step: DressStepId; readonly since: number } | null;
}

type DressState = Pick<DressBatch, 'steps' | 'inHand'>;

/** So many times the usual for the pieces counted is a break, not work; a minute never is. */
const BREAK_TIMES = 8;
const LEAST_BREAK_S = 60;

/**
 * The batch with a step taken in hand at `now`, or laid by. What was begun since the last count and not counted
 * takes no time.
 *
 * @example takeStep(batch, 'eye', 1000).inHand // { step: 'eye', since: 1000 }
 */
export function takeStep(batch: DressBatch, step: DressStepId | null, now: number): DressState {
  return { steps: batch.steps, inHand: step === null ? null : { step, since: now } };
}

/**
 * The batch with so many more pieces through the step in hand, never more than there are. The time since the last
 * count goes to them, unless it was a break: then what they usually take, `usualEachS`, in s. When all are through,
 * the next step that is not done comes to hand. Nothing changes while no step is in hand.
 *
 * @example countPieces({ count: 20, steps: [{ step: 'eye', done: 0, seconds: 0 }], inHand: { step: 'eye', since: 0 } }, 10, 40_000, 4)
 * // steps [{ step: 'eye', done: 10, seconds: 40 }]
 */
export function countPieces(batch: DressBatch, pieces: number, now: number, usualEachS: number): DressState {
  const { inHand, steps, count } = batch;
  const held = steps.find(({ step }) => step === inHand?.step);
  if (!inHand || !held) return { steps, inHand };
  const more = Math.max(-held.done, Math.min(pieces, count - held.done));
  const spentS = Math.max(0, (now - inHand.since) / 1000);
  const usualS = Math.max(0, more) * usualEachS;
  const isBreak = spentS > Math.max(LEAST_BREAK_S, BREAK_TIMES * usualS);
  const seconds = held.seconds + (more > 0 ? (isBreak ? usualS : spentS) : 0);
  const counted = steps.map((each) => (each === held ? { ...held, done: held.done + more, seconds } : each));
  const isThrough = held.done + more >= count;
  const next = isThrough ? counted.find(({ done }) => done < count)?.step : inHand.step;
  return { steps: counted, inHand: next ? { step: next, since: now } : null };
}

/**
 * The batch with fewer pieces, where some were scrapped: no step has more through than there are.
 *
 * @example shrinkBatch(batch, 18).steps // every done at most 18
 */
export function shrinkBatch(batch: DressBatch, count: number): DressBatch {
  return {
    ...batch,
    count,
    steps: batch.steps.map((each) => ({ ...each, done: Math.min(each.done, count) })),
  };
}
