import type { PourPlan, PlanRun } from '@/core/pours/pour-plan';
import type { Session } from '@/core/tickets/lay-out-session';
import { sum } from '@/core/numeric/sum';
import type { MetalBin } from '@/records/bin';
import { lotText } from '@/text/words';
import type { BenchView } from '../bench/bench-view';
import { eveningOf, inOrder, learnBeats } from '../schedule/plan-evening';
import { takesOf, type Takes } from '../tickets/session-takes';
import type { WeekTask } from './week-task';

/** What is to be poured of a metal, with the plan of its pours. */
export interface PlannedMetal {
  readonly metal: MetalBin;
  readonly session: Session;
  readonly plan: PourPlan;
}

/** A sitting at the pot, with the lines that it casts for. */
export type PourTask = WeekTask & { readonly lineIds: ReadonlySet<string> };

/** Where no block has a spread of its own (typical). */
const USUAL_SPREAD = 0.2;
const NOTHING_PROMISED: ReadonlyMap<string, number> = new Map();

/** A part of a plan as its own sitting: some blocks, or some pours of one. */
interface Sitting {
  readonly runs: readonly PlanRun[];
}

/**
 * The pours of a metal as sittings that fit into an evening, shared by all tickets as the plan of the pours has it: one
 * where all of it fits, else block by block, a block of many pours in parts. The pot is lit, watched and emptied in each: that
 * is hand work from the first minute on.
 *
 * @example pourTasks(planned, view, 120)[0]?.what // '20 pours of Block G in Lot 14'
 */
export function pourTasks(
  { metal, session, plan }: PlannedMetal,
  view: BenchView,
  mostMin: number,
): PourTask[] {
  const takes = takesOf(view, session, plan, metal, NOTHING_PROMISED);
  if (!takes) return [];
  const beats = learnBeats(view.pours);
  const evening = ({ runs }: Sitting) => eveningOf(view, { ...plan, runs }, partOf(takes, plan, runs), beats);
  const fits = (sitting: Sitting) => evening(sitting).totalS / 60 <= mostMin;
  const keysOf = new Map<string, Set<string>>();
  for (const { moldId, key } of session.cells) {
    keysOf.set(moldId, (keysOf.get(moldId) ?? new Set()).add(key));
  }
  return gather(inOrder(plan, session).runs, fits).map((sitting, nth): PourTask => {
    const { totalS, spreadS } = evening(sitting);
    const given = new Set(sitting.runs.flatMap(({ moldId }) => [...(keysOf.get(moldId) ?? [])]));
    const served = session.wants.filter(({ key }) => given.has(key));
    const tickets = [...new Set(served.map(({ ticketId }) => ticketId))];
    const names = [
      ...new Set(sitting.runs.map(({ moldId }) => view.moldById.get(moldId)?.name ?? 'a block gone')),
    ];
    const pours = sum(sitting.runs.map((run) => run.pours));
    const lineIds = new Set(served.map(({ lineId }) => lineId));
    return {
      lineIds,
      id: `pour:${metal.id}:${nth}`,
      kind: 'pour',
      what: `${pours} ${pours === 1 ? 'pour' : 'pours'} of ${names.join(' and ')} in ${lotText(metal.name)}`,
      minutes: Math.min(mostMin, totalS / 60),
      hands: true,
      place: 'pot',
      after: [],
      ticketIds: tickets,
      spread: spreadS === null ? USUAL_SPREAD : Math.max(0.05, spreadS / totalS),
      isOwn: spreadS !== null,
      href: tickets.length > 1 ? '/pour?scope=all' : '/pour',
      metalId: metal.id,
      lacks: [],
    };
  });
}

/** What of the whole charge goes into a part of the pours. */
function partOf(takes: Takes, plan: PourPlan, runs: readonly PlanRun[]): Takes {
  const { budget } = takes;
  const plannedOf = (moldId: string) =>
    sum(plan.runs.filter((run) => run.moldId === moldId).map(({ pours }) => pours));
  const poursOf = new Map(
    runs.map(({ moldId, pours }) => {
      const planned = plannedOf(moldId);
      return [moldId, Math.ceil(((budget.poursOf.get(moldId) ?? planned) * pours) / Math.max(1, planned))];
    }),
  );
  const all = Math.max(1, sum([...budget.poursOf.values()]));
  const share = Math.min(1, sum([...poursOf.values()]) / all);
  return {
    ...takes,
    budget: {
      ...budget,
      poursOf,
      chargeG: budget.heelG + (budget.chargeG - budget.heelG) * share,
      castG: budget.castG * share,
      sprueG: budget.sprueG * share,
    },
  };
}

/** Blocks together as long as they fit into one sitting; what alone does not, in halves. */
function gather(runs: readonly PlanRun[], fits: (sitting: Sitting) => boolean): Sitting[] {
  const sittings: Sitting[] = [];
  const halves = (run: PlanRun): PlanRun[] => {
    if (run.pours <= 1 || fits({ runs: [run] })) return [run];
    const first = Math.ceil(run.pours / 2);
    return [...halves({ ...run, pours: first }), ...halves({ ...run, pours: run.pours - first })];
  };
  for (const run of runs.flatMap(halves)) {
    const last = sittings.at(-1);
    const joined = { runs: [...(last?.runs ?? []), run] };
    const isOther = !last?.runs.some(({ moldId }) => moldId === run.moldId);
    if (last && isOther && fits(joined)) sittings[sittings.length - 1] = joined;
    else sittings.push({ runs: [run] });
  }
  return sittings;
}
