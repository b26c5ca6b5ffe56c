import type { Route } from '@/core/cost/cheapest-route';
import { numberText } from '@/text/number-text';
import { minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How long a way takes: hands wait for what is bought. */
export function daysWorking({ days, minutes }: Route, minutesPerDay: number): Working {
  const handsDays = minutesPerDay > 0 ? minutes / minutesPerDay : 0;
  const bought = Math.max(0, days - handsDays);
  return {
    title: 'Until it is done',
    steps: [
      bought > 1e-9
        ? `what is bought comes side by side: the last after ${numberText(bought, 3)} days, and hands wait for it`
        : 'nothing is waited for',
      minutes > 0
        ? `then ${minutesText(minutes * 60)} of hands at ${numberText(minutesPerDay)} min a day: ${numberText(handsDays, 3)} days`
        : 'no hands',
    ],
    inputs: [
      { name: 'days until a parcel is here', value: 'as you noted them', basis: 'given' },
      { name: 'bench time a day', value: `${numberText(minutesPerDay)} min`, basis: 'given' },
    ],
  };
}
