import { schoolFor } from '@/core/pours/beat/schools';
import type { Beat } from '@/records/beat';
import type { Run } from '@/records/run';

/**
 * The beat of a run: as kept, with blocks that came later at their first step; anew where none was kept (a run
 * begun under an older version). Blocks that have left the run are left out.
 *
 * @example beatOf(run, undefined, now, 1).blocks[0].isIn // true
 */
export function beatOf(run: Run, kept: Beat | undefined, now: number, inHand = 1): Beat {
  return {
    id: run.id,
    held: Math.min(kept?.held ?? 0, run.blocks.length - 1),
    blocks: run.blocks.map((block, index) => {
      const known = kept?.blocks.find(({ moldId }) => moldId === block.moldId);
      if (known) return known;
      const [first] = schoolFor(block.fillAll ? 'spun' : 'bar', 'hand').steps;
      return { moldId: block.moldId, isIn: !kept && index < inHand, step: first?.id ?? 'load', since: now };
    }),
  };
}
