import { useEffect } from 'react';
import type { RunCount } from '@/core/pours/count-run';
import { sum } from '@/core/numeric/sum';
import type { Run } from '@/records/run';
import { ring } from '@/station-kit/ring';

const RING_EVERY_MS = 4000;

/**
 * Whether the next pour of a block would draw the pot under its heel.
 *
 * @example isPotLow(run, count, 'block-f', 150) // false while there is metal enough
 */
export function isPotLow(
  run: Pick<Run, 'blocks' | 'cells'>,
  count: Pick<RunCount, 'blocks' | 'potG'>,
  moldId: string | null,
  heelG: number,
): boolean {
  const next = count.blocks.find((block) => block.moldId === moldId)?.next ?? [];
  const block = run.blocks.find((each) => each.moldId === moldId);
  if (!block || next.length === 0) return false;
  const castG = sum(
    next.map(
      ({ cavity, key }) =>
        run.cells.find((cell) => cell.moldId === moldId && cell.cavity === cavity && cell.key === key)
          ?.metalG ?? 0,
    ),
  );
  return count.potG - castG - block.spruePerPourG * block.copies < heelG;
}

/** Rings while the pot is too low for the next pour. */
export function useLowPot(isLow: boolean): void {
  useEffect(() => {
    if (!isLow) return undefined;
    ring();
    const timer = setInterval(ring, RING_EVERY_MS);
    return () => clearInterval(timer);
  }, [isLow]);
}
