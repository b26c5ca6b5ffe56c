import { sum } from '../numeric/sum';
import { LEAST_PIECES } from '../pace/learn-pace';
import { findDressStep, type DressStepId } from './dress-steps';

export interface DressedSteps {
  readonly count: number;
  readonly steps: readonly { readonly step: DressStepId; readonly done: number; readonly seconds: number }[];
}

export interface DressPace {
  readonly secondsEach: number;
  /** From the maker's own batches, not the trade's rule. */
  readonly isOwn: boolean;
}

/**
 * How long a step takes a piece, s: from the maker's own batches once enough pieces were timed.
 *
 * @example dressPace('eye', []) // { secondsEach: 4, isOwn: false }
 */
export function dressPace(step: DressStepId, batches: readonly DressedSteps[]): DressPace {
  const timed = batches
    .flatMap(({ steps }) => steps)
    .filter((each) => each.step === step && each.seconds > 0);
  const pieces = sum(timed.map(({ done }) => done));
  if (pieces < LEAST_PIECES) return { secondsEach: findDressStep(step).usualSeconds, isOwn: false };
  return { secondsEach: sum(timed.map(({ seconds }) => seconds)) / pieces, isOwn: true };
}

/**
 * What is left to do on a batch, s.
 *
 * @example dressLeft({ count: 20, steps: [{ step: 'eye', done: 5, seconds: 0 }] }, []) // 60
 */
export function dressLeft(batch: DressedSteps, batches: readonly DressedSteps[]): number {
  return sum(
    batch.steps.map(
      ({ step, done }) => Math.max(0, batch.count - done) * dressPace(step, batches).secondsEach,
    ),
  );
}
