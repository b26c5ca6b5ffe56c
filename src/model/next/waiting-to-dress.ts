import { headsToDress } from '@/core/dress/heads-to-dress';
import { sum } from '@/core/numeric/sum';
import type { BenchView } from '../bench/bench-view';

/** How many heads wait for the dressing bench, or lie on it. */
export function waitingToDress(
  { runs, madeEntries, levels, batches }: Pick<BenchView, 'runs' | 'madeEntries' | 'levels' | 'batches'>,
  now: number,
): number {
  const onBench = batches.filter(({ endedAt }) => endedAt === null);
  return sum(
    [...headsToDress(runs, madeEntries, levels, batches, now), ...onBench].map(({ count }) => count),
  );
}
