import { solveIntegerProgram, type ProgramProgress } from '../numeric/integer-program';
import { done, fail, type Outcome } from '../problems/problem';
import { allotCastings } from './allot-castings';
import { gatherCavities } from './gather-cavities';
import type { GatheredMold, KeyCount, PlanMold, PourPlan } from './pour-plan';
import { writePourProgram } from './write-pour-program';

export interface PlanOptions {
  readonly timeLimitS?: number;
  readonly onProgress?: (progress: ProgramProgress) => void;
}

/**
 * The shortest session that casts what is asked: minimizes sum(secondsPerPour x pours + setupSeconds where a
 * mold is poured), a covering integer program solved to proof. A cavity may stay empty on any pour, unless the
 * mold fills all. A cavity that can give several keys gives each of its castings to one of them.
 *
 * Seconds are not negative, counts are whole. Problems: `plan.no-molds`; `plan.same-mold-twice`;
 * `plan.nobody-makes`, naming the keys; `plan.too-few-pours` where `maxPours` bars it; `plan.unfinished` where
 * the time limit passed with no plan at all.
 *
 * @example
 * // 5 of a and 3 of b from one block with a cavity of each: five pours, b left empty on two
 * (await planPours([{ key: 'a', count: 5 }, { key: 'b', count: 3 }],
 *   [{ id: 'A', cavities: [['a'], ['b']], secondsPerPour: 30, setupSeconds: 600 }])).value.totalSeconds // 750
 */
export async function planPours(
  demand: readonly KeyCount[],
  molds: readonly PlanMold[],
  options: PlanOptions = {},
): Promise<Outcome<PourPlan>> {
  if (molds.length === 0) return fail('plan.no-molds', {}, ['molds']);
  const ids = molds.map((mold) => mold.id);
  const twice = ids.findIndex((id, index) => ids.indexOf(id) !== index);
  if (twice >= 0) return fail('plan.same-mold-twice', { id: ids[twice] ?? '' }, ['molds', twice, 'id']);

  const wanted = new Map<string, number>();
  for (const { key, count } of demand) wanted.set(key, (wanted.get(key) ?? 0) + count);
  const gathered = molds.map((mold) => gather(mold, wanted));

  const problem = findUnreachable(wanted, gathered);
  if (problem) return problem;

  const program = writePourProgram(wanted, gathered);
  const answer = await solveIntegerProgram(program.variables, program.rows, options);
  if (answer.status === 'none') return fail('plan.unfinished', { seconds: options.timeLimitS ?? 0 });
  if (answer.status === 'impossible') {
    const shared = [...wanted.keys()].filter((key) => (wanted.get(key) ?? 0) > 0);
    return fail('plan.too-few-pours', { keys: shared }, ['molds']);
  }

  const { runs, overPour } = allotCastings(wanted, gathered, program.read(answer.values));
  const byId = new Map(molds.map((mold) => [mold.id, mold]));
  const totalSeconds = runs.reduce((total, run) => {
    const mold = byId.get(run.moldId);
    return total + (mold ? mold.secondsPerPour * run.pours + mold.setupSeconds : 0);
  }, 0);
  const pours = runs.reduce((total, run) => total + run.pours, 0);
  const optimal = answer.status === 'optimal';
  const boundSeconds = optimal ? totalSeconds : Math.min(totalSeconds, Math.max(0, answer.bound ?? 0));
  return done({ totalSeconds, pours, runs, overPour, optimal, boundSeconds });
}

function gather(mold: PlanMold, wanted: ReadonlyMap<string, number>): GatheredMold {
  const groups = gatherCavities(mold, wanted);
  const useful = groups.map((group) =>
    Math.ceil(group.wantedKeys.reduce((total, key) => total + (wanted.get(key) ?? 0), 0) / group.slots),
  );
  return { mold, groups, mostPours: Math.min(mold.maxPours ?? Infinity, Math.max(0, ...useful)) };
}

function findUnreachable(wanted: ReadonlyMap<string, number>, gathered: readonly GatheredMold[]) {
  const asked = [...wanted].filter(([, count]) => count > 0);
  const makers = (key: string) =>
    gathered.flatMap(({ mold, groups }) =>
      groups.filter((group) => group.wantedKeys.includes(key)).map((group) => ({ mold, group })),
    );
  const unmade = asked.filter(([key]) => makers(key).length === 0).map(([key]) => key);
  if (unmade.length > 0) return fail('plan.nobody-makes', { keys: unmade }, ['demand']);
  const barred = asked.filter(([key, count]) => {
    const most = makers(key).reduce(
      (total, { mold, group }) => total + group.slots * (mold.maxPours ?? Infinity),
      0,
    );
    return most < count;
  });
  return barred.length > 0
    ? fail('plan.too-few-pours', { keys: barred.map(([key]) => key) }, ['molds'])
    : null;
}
