import { learnBeat, type LearnedBeat } from '@/core/pours/learn-beat';
import { learnMelt, type PotHeat } from '@/core/pours/learn-melt';
import { sum } from '@/core/numeric/sum';
import { layOutEvening, type Evening } from '@/core/pours/lay-out-evening';
import { orderBlocks } from '@/core/pours/order-blocks';
import type { PourPlan } from '@/core/pours/pour-plan';
import { pullList, type PullItem } from '@/core/pours/pull-list';
import type { Session } from '@/core/tickets/lay-out-session';
import type { Pour } from '@/records/run';
import type { BenchView } from '../bench/bench-view';
import type { Takes } from '../tickets/session-takes';

/**
 * A plan with its blocks in the order in which they are worked: small castings first, large ones after.
 *
 * @example inOrder(plan, session).runs[0].moldId // the block of the smallest castings
 */
export function inOrder(plan: PourPlan, session: Session): PourPlan {
  const heaviest = (moldId: string) =>
    Math.max(0, ...session.cells.filter((cell) => cell.moldId === moldId).map(({ metalG }) => metalG));
  const placed = plan.runs.map((run) => ({ moldId: run.moldId, heaviestG: heaviest(run.moldId), run }));
  return { ...plan, runs: orderBlocks(placed).map(({ run }) => run) };
}

/**
 * The beat of every mold from the maker's own runs, where there are enough.
 *
 * @example learnBeats(pours).get('block-f')?.secondsPerPour // 46.2
 */
export function learnBeats(pours: readonly Pour[]): ReadonlyMap<string, LearnedBeat> {
  const evenings = new Map<string, Map<string, number[]>>();
  for (const { moldId, runId, at } of [...pours].sort((a, b) => a.at - b.at)) {
    const byRun = evenings.get(moldId) ?? new Map<string, number[]>();
    byRun.set(runId, [...(byRun.get(runId) ?? []), at]);
    evenings.set(moldId, byRun);
  }
  return new Map(
    [...evenings].flatMap(([moldId, byRun]) => {
      const learned = learnBeat([...byRun.values()]);
      return learned ? [[moldId, learned] as const] : [];
    }),
  );
}

/** A pot that was lit longer ago than this before its run was laid aside in between. */
const LONGEST_MELT_MIN = 240;

/**
 * What the pot takes from cold, from the runs before which it was lit, else as the maker set it.
 *
 * @example heatOfPot(view).fullMinutes // 25
 */
export function heatOfPot({ runs, bench }: Pick<BenchView, 'runs' | 'bench'>): PotHeat {
  const { capacityG, meltMinutes } = bench.pot;
  const melts = runs.flatMap(({ litAt, startedAt, chargedG, state }) => {
    const minutes = litAt === undefined ? 0 : (startedAt - litAt) / 60_000;
    return minutes > 0 && minutes <= LONGEST_MELT_MIN && state !== 'dropped'
      ? [{ chargeG: chargedG, minutes }]
      : [];
  });
  return learnMelt(melts, capacityG, meltMinutes);
}

/**
 * The evening that a plan makes, from lighting the pot.
 *
 * @example eveningOf(view, plan, takes, beats).totalS // 4980
 */
export function eveningOf(
  view: BenchView,
  plan: PourPlan,
  takes: Takes,
  beats: ReadonlyMap<string, LearnedBeat>,
): Evening {
  const { capacityG } = view.pot;
  const { heelG, poursOf } = takes.budget;
  const allPours = sum([...poursOf.values()]);
  return layOutEvening({
    blocks: plan.runs.flatMap(({ moldId, pours: planned }) => {
      const mold = view.moldById.get(moldId);
      // Those for castings that will fail are poured too.
      const pours = takes.budget.poursOf.get(moldId) ?? planned;
      const own = beats.get(moldId);
      return mold
        ? [
            {
              moldId,
              pours,
              secondsPerPour: own?.secondsPerPour ?? mold.secondsPerPour,
              setupSeconds: mold.setupSeconds,
              metalPerPourG: (takes.budget.castG + takes.budget.sprueG) / Math.max(1, allPours),
              spreadS: own?.spreadS ?? null,
              eveningSpreadS: own?.eveningSpreadS ?? null,
            },
          ]
        : [];
    }),
    chargeG: takes.budget.chargeG,
    capacityG,
    heelG,
    heat: heatOfPot(view),
    pace: view.bench.pace,
  });
}

/**
 * What to lay out for a plan, by where it lies.
 *
 * @example pullFor(view, plan, takes, own)[0].place // 'Drawer 1'
 */
export function pullFor(
  view: BenchView,
  plan: PourPlan,
  takes: Takes,
  own: ReadonlyMap<string, number>,
): PullItem[] {
  const blocks = plan.runs.flatMap(({ moldId, pours, fills }) => {
    const mold = view.moldById.get(moldId);
    if (!mold) return [];
    const used = new Set(fills.flatMap(({ cavities }) => cavities));
    const inserts = new Map<string, { name: string; count: number; removed: boolean }>();
    for (const [index, cavity] of mold.cavities.entries()) {
      // What is of a bin of the shelf is counted there, beside the hooks.
      const nameless = cavity.inserts.filter(({ binId }) => binId === undefined);
      for (const { name, count, removed } of used.has(index) ? nameless : []) {
        const known = inserts.get(name);
        inserts.set(name, { name, removed, count: (known?.count ?? 0) + count * mold.copies });
      }
    }
    return [{ name: mold.name, place: mold.place, inserts: [...inserts.values()], pours }];
  });
  const castIn = [...takes.budget.hooks.keys()].flatMap((id) => {
    const bin = view.binById.get(id);
    return bin?.kind === 'part' ? [{ id, name: bin.name, place: bin.place, size: bin.name }] : [];
  });
  const hooks = [...view.hooks.values(), ...castIn].map(({ id, name, place, size }) => ({
    id,
    name,
    place,
    size,
    free: Math.max(
      0,
      (view.levels.get(id) ?? 0) - Math.max(0, (view.promised.get(id) ?? 0) - (own.get(id) ?? 0)),
    ),
  }));
  return pullList(blocks, hooks, takes.budget.hooks);
}
