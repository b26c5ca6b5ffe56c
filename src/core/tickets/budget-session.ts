import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { sum } from '../numeric/sum';
import { castingsToPour } from '../pours/castings-to-pour';
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
  /** Of what is charged: castings and sprues that warm the blocks and go back, and what no ladle reaches, g. */
  readonly warmUpG: number;
  readonly heelG: number;
  /** Pours of each block that count, those for castings that will fail included. */
  readonly poursOf: ReadonlyMap<string, number>;
}

/**
 * What a planned session takes: metal to charge, and hooks by bin. As many castings are reckoned with as give enough good ones
 * nine times in ten, with the pours and sprues that they take, and the pours that warm each block: all of it is in the pot or
 * on the bench at once, though most goes back. Cavities of one group that hold different volumes count with their mean.
 * Masses in g.
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
  const pieces = plan.runs.flatMap((run) =>
    run.fills.flatMap(({ cavities, filled }) =>
      filled.map(({ key, count }) => ({
        key,
        count,
        moldId: run.moldId,
        castIn: meanCastIn(molds.find(({ id }) => id === run.moldId)?.cavities ?? [], cavities),
        ...meanCasting(session, run.moldId, cavities, key),
      })),
    ),
  );
  if (pieces.length === 0) return done(EMPTY_BUDGET);

  const castOf = pieces.map(({ count }) => {
    const pour = castingsToPour(count, 1 - pot.scrapShare);
    return pour.ok ? pour.value.pieces : Math.ceil(count / (1 - pot.scrapShare));
  });
  const blocks = plan.runs.map((run) => {
    const mold = molds.find(({ id }) => id === run.moldId);
    const own = pieces.flatMap((piece, at) =>
      piece.moldId === run.moldId ? [{ ...piece, cast: castOf[at] ?? 0 }] : [],
    );
    const wanted = sum(own.map(({ count }) => count));
    const cast = sum(own.map((piece) => piece.cast));
    const pours = wanted > 0 ? Math.ceil((run.pours * cast) / wanted - RELATIVE_SLACK) : run.pours;
    const sprueG = (mold?.spruePerPourG ?? 0) * (mold?.copies ?? 1);
    const castingsG = run.pours > 0 ? sum(own.map(({ metalG, count }) => metalG * count)) / run.pours : 0;
    const warmUps = mold?.warmUpPours ?? 0;
    return { moldId: run.moldId, pours, warmUps, sprueG, warmUpG: warmUps * (castingsG + sprueG) };
  });
  const pours = sum(blocks.map((block) => block.pours));
  const warmUpG = sum(blocks.map((block) => block.warmUpG));
  const sprueG = sum(blocks.map((block) => block.pours * block.sprueG)) + warmUpG;
  const budget = budgetMetal({
    // So many to cast for so many wanted, as a share that fails.
    lines: pieces.map(({ metalG, count }, at) => ({
      pieceMetalG: metalG,
      count,
      scrapShare: (castOf[at] ?? 0) > 0 ? 1 - count / (castOf[at] ?? count) : 0,
    })),
    pours,
    spruePerPourG: pours > 0 ? sprueG / pours : 0,
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
  const poursOf = new Map(blocks.map((block) => [block.moldId, block.pours]));
  const sprues = { sprueG: budget.value.sprueG - warmUpG, warmUpG };
  return done({ ...budget.value, ...sprues, hooks, finishedG, heelG: pot.heelG, poursOf });
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
  warmUpG: 0,
  heelG: 0,
  poursOf: new Map(),
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
