import { countText } from '@/text/count-text';
import type { PullItem } from '@/core/pours/pull-list';
import type { RunCount } from '@/core/pours/count-run';
import { numberText } from '@/text/number-text';
import type { KeyCount, PlanRun, PourPlan } from '@/core/pours/pour-plan';
import { sum } from '@/core/numeric/sum';
import type { Session } from '@/core/tickets/lay-out-session';
import type { BenchView } from '@/model/bench/bench-view';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { MassUnit } from '@/core/units/write-mass';
import { headText, minutesText } from '@/text/words';
import { minutesWorking } from '../workings';
import type { Working } from '@/ui/figure/Figure';

const SEARCHED =
  'which block casts what is searched over all blocks at once (integer program), so that the minutes come out least';

/** How many pours a block takes: what each group of like cavities is to cast, by how many it casts at once. */
export function poursWorking(
  run: PlanRun,
  session: Pick<Session, 'heads'>,
  { moldById, binById }: Pick<BenchFacts, 'moldById' | 'binById'>,
  mass: MassUnit,
): Working {
  const mold = moldById.get(run.moldId);
  const copies = mold?.copies ?? 1;
  const named = ({ key, count }: KeyCount) => {
    const head = session.heads.find((each) => each.key === key);
    return `${count} × ${head ? headText(head, binById, mass) : 'a head'}`;
  };
  return {
    title: `Pours of ${mold?.name ?? 'a block gone'}`,
    steps: [
      ...run.fills.flatMap(({ cavities, filled }) => {
        const count = sum(filled.map((each) => each.count));
        const places = cavities.length * copies;
        return count === 0
          ? []
          : [
              `${filled.map(named).join(', ')} ÷ ${places} ${places === 1 ? 'cavity' : 'cavities'} = ${Math.ceil(count / places)}`,
            ];
      }),
      `as many as the slowest of these: ${run.pours}`,
      SEARCHED,
    ],
    inputs: [{ name: 'what is to cast', value: 'open tickets, less what lies there', basis: 'counted' }],
  };
}

/** All pours of a plan and how long they take, block by block. */
export function allPoursWorking(plan: PourPlan, view: BenchView): Working {
  const { steps, inputs } = minutesWorking(view, plan);
  return {
    title: 'Pours',
    steps: [
      ...steps,
      `together ${countText(plan.pours, 'pour')}, ${minutesText(plan.totalSeconds)}`,
      SEARCHED,
    ],
    inputs,
  };
}

/** How long the pours to come take at the beat of each block. */
export function beatWorking(
  blocks: RunCount['blocks'],
  { moldById }: Pick<BenchFacts, 'moldById'>,
  seconds: number,
): Working {
  return {
    title: 'Left at your pace',
    steps: [
      ...blocks.flatMap(({ moldId, ahead }) => {
        const mold = moldById.get(moldId);
        return mold && ahead.length > 0
          ? [`${mold.name}: ${ahead.length} × ${numberText(mold.secondsPerPour, 3)} s`]
          : [];
      }),
      `together ${minutesText(seconds)}`,
    ],
    inputs: [{ name: 'seconds a pour', value: 'as set for each block', basis: 'given' }],
  };
}

/** How many of a thing are laid out before a session. */
export function layOutWorking({ name, count, short }: PullItem): Working {
  return {
    title: name,
    steps: [
      'one for each casting of the plan, and for those that will misfill, so that enough are good nine times in ten; pins that are pulled and blocks are wanted once',
      `lay out ${count}${short > 0 ? `, of which ${short} are short` : ''}`,
    ],
    inputs: [{ name: 'castings of the plan', value: 'with misfills', basis: 'computed' }],
  };
}
