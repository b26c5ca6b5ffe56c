import { handoverGap } from '@/core/schedule/handover-gap';
import type { ShopPlan } from '@/core/schedule/shop';
import { sum } from '@/core/numeric/sum';
import type { PlacedTask } from '@/model/week/week-rows';
import { TASK_WORDS } from '@/model/week/week-task';
import { numberText } from '@/text/number-text';
import { minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

type Timed = Pick<PlacedTask, 'kind' | 'what' | 'minutes' | 'isOwn'>;

const paceOf = (isOwn: boolean) =>
  isOwn
    ? ({ name: 'pace', value: 'of your own runs', basis: 'counted' } as const)
    : ({ name: 'pace', value: 'usual of its kind, where you timed none', basis: 'guess' } as const);

/** How long a piece of the week takes. */
export function taskWorking({ kind, what, minutes, isOwn }: Timed): Working {
  return {
    title: TASK_WORDS[kind],
    steps: [`${what}: the minutes of one × how many, with what is set up once: ${minutesText(minutes * 60)}`],
    inputs: [paceOf(isOwn)],
  };
}

/** How long a sitting is: its pieces one after the other. */
export function sittingWorking(tasks: readonly Timed[]): Working {
  return {
    title: 'In this order',
    steps: [
      ...tasks.map(({ kind, what, minutes }) => `${TASK_WORDS[kind]} ${what}: ${minutesText(minutes * 60)}`),
      `together ${minutesText(60 * sum(tasks.map(({ minutes }) => minutes)))}`,
    ],
    inputs: [paceOf(tasks.every(({ isOwn }) => isOwn))],
  };
}

const DAY_MIN = 1440;

/** How long a delay is: `2 h 10 min`, `3.4 days`. */
export const spanText = (minutes: number) =>
  minutes < DAY_MIN ? minutesText(minutes * 60) : `${numberText(minutes / DAY_MIN, 3)} days`;

interface LateTicket {
  readonly ticket: { readonly no: number; readonly title: string };
  readonly lateMin: number;
}

/** How late the tickets of a week are together, and how late they are in any plan. */
export function lateWorking(
  { totalLateMin, boundLateMin, optimal }: Pick<ShopPlan, 'totalLateMin' | 'boundLateMin' | 'optimal'>,
  tickets: readonly LateTicket[],
  dueMin: readonly number[],
): Working {
  return {
    title: 'Late',
    steps: [
      ...tickets
        .filter(({ lateMin }) => lateMin > 0)
        .map(({ ticket: { no, title }, lateMin }) => `ticket ${no}, ${title}: ${spanText(lateMin)}`),
      `together ${spanText(totalLateMin)}`,
      optimal
        ? 'proven: in no plan are they less late'
        : totalLateMin - boundLateMin < 1
          ? 'in no plan are they less late'
          : `in no plan are they under ${spanText(boundLateMin)} late, by the work alone in the best order of tickets: handed over, finished or on their day, ${numberText(100 * handoverGap(dueMin, { totalLateMin, boundLateMin }), 2)} % later than in any plan at the most`,
    ],
    inputs: [
      { name: 'due', value: 'by the end of its day', basis: 'given' },
      { name: 'plan', value: 'several rules, then many small changes', basis: 'computed' },
    ],
  };
}
