import type { Session } from '../tickets/lay-out-session';
import type { RunBlockFacts } from './count-run';
import type { MoldFills, PourPlan } from './pour-plan';
import type { SettledPour, SettledRunFacts } from './settle-run';

type PlannedBlock = RunBlockFacts & { readonly plannedPours: number };

/** What a new plan changes of a run under way. */
export interface MergedPlan {
  readonly blocks: readonly PlannedBlock[];
  readonly heads: Session['heads'];
  readonly cells: Session['cells'];
  readonly wants: Session['wants'];
}

/** A block as a run takes it up. */
export type NewBlock = Pick<RunBlockFacts, 'fillAll' | 'spruePerPourG' | 'copies'>;

/**
 * A run under way with a new plan for what is left: all that was cast stays cast. A block's share is what it has
 * cast good so far and what the plan asks of it; a block the plan no longer needs has cast its share, and one that
 * was never poured leaves the run. What a casting takes stays as it was when it was poured.
 *
 * @example mergePlan(run, pours, session, plan, blockOf).blocks[0].plannedPours // poured, and still to pour
 */
export function mergePlan(
  run: Pick<SettledRunFacts, 'cells'> & {
    readonly blocks: readonly PlannedBlock[];
    readonly heads: Session['heads'];
    readonly cells: Session['cells'];
  },
  pours: readonly SettledPour[],
  session: Session,
  plan: PourPlan,
  blockOf: (moldId: string) => NewBlock,
): MergedPlan {
  const poursOf = (moldId: string) => pours.filter((pour) => pour.moldId === moldId);
  const known = run.blocks.flatMap((block): PlannedBlock[] => {
    const mine = poursOf(block.moldId);
    const next = plan.runs.find(({ moldId }) => moldId === block.moldId);
    if (!next && mine.length === 0) return [];
    const fills = next ? next.fills : block.fills.map(({ cavities }) => ({ cavities, filled: [] }));
    return [
      {
        ...block,
        plannedPours: mine.length + (next?.pours ?? 0),
        fills: fills.map((fill) => withCast(fill, mine)),
      },
    ];
  });
  const added = plan.runs
    .filter(({ moldId }) => !run.blocks.some((block) => block.moldId === moldId))
    .map(({ moldId, pours: planned, fills }): PlannedBlock => ({
      moldId,
      ...blockOf(moldId),
      plannedPours: planned,
      fills,
    }));
  const blocks = [...known, ...added];
  const inUse = new Set(blocks.map(({ moldId }) => moldId));
  const cellName = (cell: { moldId: string; cavity: number; key: string }) =>
    JSON.stringify([cell.moldId, cell.cavity, cell.key]);
  const oldCells = new Set(run.cells.map(cellName));
  const oldHeads = new Set(run.heads.map(({ key }) => key));
  return {
    blocks,
    heads: [...run.heads, ...session.heads.filter(({ key }) => !oldHeads.has(key))],
    cells: [
      ...run.cells,
      ...session.cells.filter((cell) => inUse.has(cell.moldId) && !oldCells.has(cellName(cell))),
    ],
    wants: session.wants,
  };
}

/** A group's share with what it has cast good so far. */
function withCast({ cavities, filled }: MoldFills, pours: readonly SettledPour[]): MoldFills {
  const counts = new Map(filled.map(({ key, count }) => [key, count]));
  for (const { castings } of pours) {
    for (const { cavity, key, good } of castings) {
      if (good && cavities.includes(cavity)) counts.set(key, (counts.get(key) ?? 0) + 1);
    }
  }
  return { cavities, filled: [...counts].map(([key, count]) => ({ key, count })) };
}
