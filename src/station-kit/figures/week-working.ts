import { sum } from '@/core/numeric/sum';
import type { PlacedTask } from '@/model/week/week-rows';
import { TASK_WORDS } from '@/model/week/week-task';
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
