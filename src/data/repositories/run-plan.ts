import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Run } from '@/records/run';
import type { Store } from '../store';
import { attempt, granted, refuse } from '../write';
import { beatOf } from './beat-of';
import { underWay } from './under-way';
import type { Replanned } from '@/records/run';

/** The plan of a run under way, made anew. */
export function runPlan(store: Store) {
  const { db } = store;
  return {
    /** Takes a new plan for what is left. Blocks keep their beat; one that comes new waits to be taken in hand. */
    replan: (runId: string, plan: Replanned): Promise<BenchOutcome<Run>> =>
      attempt(store, did('run.replanned'), async (tx) => {
        const found = await underWay(db, runId);
        if (!found.ok) return found;
        const { run, pours } = found.value;
        const lost = pours.find(({ moldId }) => !plan.blocks.some((block) => block.moldId === moldId));
        if (lost || plan.blocks.length === 0) return refuse<Run>({ code: 'bench.gone', what: 'block' });
        const kept = beatOf(run, await db.beats.get(runId), tx.at);
        const heldMold = run.blocks[kept.held]?.moldId;
        const held = plan.blocks.findIndex(({ moldId }) => moldId === heldMold);
        const changed: Run = { ...run, ...plan };
        await tx.put('runs', changed);
        await tx.put('beats', beatOf(changed, { ...kept, held: Math.max(0, held) }, tx.at));
        return granted(changed);
      }),
  };
}
