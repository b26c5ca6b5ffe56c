import type { PourPlan } from '@/core/pours/pour-plan';
import type { Session } from '@/core/tickets/lay-out-session';
import type { NewRun } from '@/records/run';
import type { Mold } from '@/records/mold';

/** A run as it begins, from a plan and what was charged. */
export function composeRun(
  session: Session,
  plan: PourPlan,
  molds: ReadonlyMap<string, Mold>,
  pot: Pick<NewRun, 'metalBinId' | 'chargedG' | 'drossShare' | 'backInPot'>,
): NewRun {
  const used = new Set(plan.runs.map((run) => run.moldId));
  return {
    ...pot,
    topUps: [],
    blocks: plan.runs.map((run) => {
      const mold = molds.get(run.moldId);
      if (!mold) throw new Error(`composeRun requires the mold ${run.moldId} of the plan`);
      return {
        moldId: run.moldId,
        fillAll: mold.kind === 'spun',
        spruePerPourG: mold.spruePerPourG,
        copies: mold.copies,
        plannedPours: run.pours,
        fills: run.fills.map(({ cavities, filled }) => ({ cavities: [...cavities], filled: [...filled] })),
      };
    }),
    heads: [...session.heads],
    cells: session.cells.filter((cell) => used.has(cell.moldId)),
    wants: [...session.wants],
    plannedSeconds: plan.totalSeconds,
    isProven: plan.optimal,
  };
}
