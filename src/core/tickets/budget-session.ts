import { forgivingCeil } from '../numeric/forgiving-ceil';
import { castInOf } from '../pours/cast-in';
import { budgetMetal, type MetalBudget } from '../pours/budget-metal';
import type { PourPlan } from '../pours/pour-plan';
import type { Outcome } from '../problems/problem';
import type { CavityFacts, MoldFacts } from './facts';
import type { Session } from './lay-out-session';
import { done } from '../problems/problem';

export interface PotFacts {
  readonly capacityG: number;
  readonly heelG: number;
  readonly drossShare: number;
  readonly scrapShare: number;
}

export interface SessionBudget extends MetalBudget {
  /** Hooks, wires and what else is cast in to lay out, those for castings that will fail included, by bin. */
  readonly hooks: ReadonlyMap<string, number>;
  /** Weight of the good castings, hooks included, g. */
  readonly finishedG: number;
}

/**
 * What a planned session takes: metal to charge, and hooks by bin. Cavities of one group that hold different
 * volumes count with their mean. Masses in g.
 *
 * Problems: those of `budgetMetal`.
 *
 * @example budgetSession(session, plan, molds, pot).value.chargeG
 */
export function budgetSession(
  session: Session,
  plan: PourPlan,
  molds: readonly MoldFacts[],
  pot: PotFacts,
): Outcome<SessionBudget> {
  const sprueOf = new Map(molds.map((mold) => [mold.id, mold.spruePerPourG * mold.copies]));
  const sprueG = plan.runs.reduce((total, run) => total + run.pours * (sprueOf.get(run.moldId) ?? 0), 0);
  const pieces = plan.runs.flatMap((run) =>
    run.fills.flatMap(({ cavities, filled }) =>
      filled.map(({ key, count }) => ({
        key,
        count,
        castIn: meanCastIn(molds.find(({ id }) => id === run.moldId)?.cavities ?? [], cavities),
        ...meanCasting(session, run.moldId, cavities, key),
      })),
    ),
  );
  if (pieces.length === 0) return done(EMPTY_BUDGET);

  const budget = budgetMetal({
    lines: pieces.map(({ metalG, count }) => ({ pieceMetalG: metalG, count, scrapShare: pot.scrapShare })),
    pours: plan.pours,
    spruePerPourG: plan.pours > 0 ? sprueG / plan.pours : 0,
    drossShare: pot.drossShare,
    heelG: pot.heelG,
    potCapacityG: pot.capacityG,
  });
  if (!budget.ok) return budget;
  const hooks = new Map<string, number>();
  for (const [index, { key, castIn }] of pieces.entries()) {
    const cast = budget.value.castPieces[index] ?? 0;
    const take = (bin: string, each: number) =>
      hooks.set(bin, (hooks.get(bin) ?? 0) + forgivingCeil(cast * each));
    const hook = session.heads.find((head) => head.key === key)?.hookBinId;
    if (hook) take(hook, 1);
    for (const [bin, each] of castIn) take(bin, each);
  }
  const finishedG = pieces.reduce((total, piece) => total + piece.finishedG * piece.count, 0);
  return done({ ...budget.value, hooks, finishedG });
}

const EMPTY_BUDGET: SessionBudget = {
  castPieces: [],
  castG: 0,
  sprueG: 0,
  chargeG: 0,
  consumedG: 0,
  drossG: 0,
  potFills: 0,
  hooks: new Map(),
  finishedG: 0,
};

/** What one casting of a group of cavities takes of the shelf besides its hook, on average, by bin. */
function meanCastIn(all: readonly CavityFacts[], cavities: readonly number[]): Map<string, number> {
  const mean = new Map<string, number>();
  for (const index of cavities) {
    for (const { binId, count } of castInOf(all[index]?.inserts ?? [])) {
      mean.set(binId, (mean.get(binId) ?? 0) + count / cavities.length);
    }
  }
  return mean;
}

function meanCasting(session: Session, moldId: string, cavities: readonly number[], key: string) {
  const cells = session.cells.filter(
    (cell) => cell.moldId === moldId && cell.key === key && cavities.includes(cell.cavity),
  );
  if (cells.length === 0) throw new RangeError(`budgetSession requires a cell for ${key} in mold ${moldId}`);
  const mean = (pick: (cell: (typeof cells)[number]) => number) =>
    cells.reduce((total, cell) => total + pick(cell), 0) / cells.length;
  return { metalG: mean((cell) => cell.metalG), finishedG: mean((cell) => cell.finishedG) };
}
