import type { RunCount } from '@/core/pours/count-run';
import { mergePlan } from '@/core/pours/merge-plan';
import type { PourPlan } from '@/core/pours/pour-plan';
import { sum } from '@/core/numeric/sum';
import type { LineWant } from '@/core/tickets/facts';
import type { Session } from '@/core/tickets/lay-out-session';
import type { Replanned } from '@/records/run';
import type { Run } from '@/records/run';
import type { BenchFacts } from '../bench/bench-facts';
import { inOrder } from './plan-evening';

/** Nothing is left to cast: no pours, and that is proven. */
export const NOTHING_LEFT: PourPlan = {
  totalSeconds: 0,
  pours: 0,
  runs: [],
  overPour: [],
  optimal: true,
  boundSeconds: 0,
};

/** What a run could be for: the tickets it began with, or all that is open in its metal. */
export function wantsFor(run: Run, view: BenchFacts, isAll: boolean): LineWant[] {
  const own = new Set(run.wants.map(({ ticketId }) => ticketId));
  return view.wants.filter(
    ({ metalBinId, ticketId }) => metalBinId === run.metalBinId && (isAll || own.has(ticketId)),
  );
}

/** Pieces that tickets want by now over what the run was begun for; under 0 where they want fewer. */
export function wantsSince(run: Run, view: BenchFacts): number {
  const lines = new Set(run.wants.map(({ lineId }) => lineId));
  const late = new Set(view.tickets.filter(({ createdAt }) => createdAt > run.startedAt).map(({ id }) => id));
  const wanted = view.wants.filter(
    ({ lineId, ticketId, metalBinId }) =>
      lines.has(lineId) || (late.has(ticketId) && metalBinId === run.metalBinId),
  );
  return sum(wanted.map(({ left }) => left)) - sum(run.wants.map(({ count }) => count));
}

/** The run with a new plan for what is left, ready to be written. */
export function replanned(run: Run, view: BenchFacts, session: Session, plan: PourPlan): Replanned {
  const ordered = inOrder(plan, session);
  const merged = mergePlan(run, view.pours, session, ordered, (moldId) => {
    const mold = view.moldById.get(moldId);
    if (!mold) throw new Error(`replanned requires the mold ${moldId} of the plan`);
    const { kind, spruePerPourG, copies } = mold;
    return { fillAll: kind === 'spun', spruePerPourG, copies };
  });
  const spentS = (Math.max(0, ...view.pours.map(({ at }) => at)) - run.startedAt) / 1000;
  return {
    blocks: merged.blocks.map((block) => ({
      ...block,
      fills: block.fills.map(({ cavities, filled }) => ({ cavities: [...cavities], filled: [...filled] })),
    })),
    heads: [...merged.heads],
    cells: [...merged.cells],
    wants: [...merged.wants],
    plannedSeconds: Math.max(0, spentS) + plan.totalSeconds,
    isProven: plan.optimal,
  };
}

/** The metal that the rest of a run takes out of the pot, sprues and all, g. */
export function metalAhead(run: Pick<Run, 'blocks' | 'cells'>, blocks: RunCount['blocks']): number {
  const cast = blocks.flatMap(({ moldId, ahead }) =>
    ahead
      .flat()
      .map(
        (cavity) => run.cells.find((cell) => cell.moldId === moldId && cell.cavity === cavity)?.metalG ?? 0,
      ),
  );
  const sprues = blocks.map(({ moldId, ahead }) => {
    const block = run.blocks.find((each) => each.moldId === moldId);
    return ahead.length * (block?.spruePerPourG ?? 0) * (block?.copies ?? 1);
  });
  return sum([...cast, ...sprues]);
}
