import { dressPace, type DressedSteps } from '@/core/dress/dress-pace';
import { findDressStep } from '@/core/dress/dress-steps';
import { minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How long a batch still takes at the dressing bench, step by step. */
export function dressLeftWorking(
  batch: DressedSteps,
  batches: readonly DressedSteps[],
  leftS: number,
): Working {
  const left = batch.steps
    .filter(({ done }) => done < batch.count)
    .map(({ step, done }) => ({ step, count: batch.count - done, ...dressPace(step, batches) }));
  return {
    title: 'Left',
    steps: [
      ...left.map(
        ({ step, count, secondsEach }) =>
          `${findDressStep(step).name}: ${count} × ${minutesText(secondsEach)} = ${minutesText(count * secondsEach)}`,
      ),
      `together ${minutesText(leftS)}`,
    ],
    inputs: [
      left.every(({ isOwn }) => isOwn)
        ? { name: 'pace', value: 'of your own batches', basis: 'counted' }
        : { name: 'pace', value: 'of your own batches where they were timed, else usual', basis: 'guess' },
    ],
  };
}
