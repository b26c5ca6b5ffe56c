import type { BenchView } from '../bench/bench-view';

/** On hand less promised, never under zero. */
export function freeOf(view: Pick<BenchView, 'levels' | 'promised'>, binId: string): number {
  return Math.max(0, (view.levels.get(binId) ?? 0) - (view.promised.get(binId) ?? 0));
}
