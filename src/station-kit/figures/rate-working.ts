import { USUAL_CATCH } from '@/core/water/compare-catches';
import type { RateGroup } from '@/core/water/compare-rates';
import { numberText } from '@/text/number-text';
import type { Working } from '@/ui/figure/Figure';

/** How a careful rate comes about: half a fish in an hour stands for what is usual, and clumps widen its band. */
export function rateWorking(
  what: string,
  dispersion: number,
  { count, hours, perHour, low, high }: Pick<RateGroup, 'count' | 'hours' | 'perHour' | 'low' | 'high'>,
): Working {
  const { catches, hours: usualHours } = USUAL_CATCH;
  return {
    title: `${what === 'fish' ? 'Fish' : 'Lost'} an hour, carefully`,
    steps: [
      `(${count} + ${catches}) in (${numberText(hours, 3)} h + ${usualHours} h) = ${perHour.toFixed(2)}`,
      dispersion > 1.005
        ? `outings of one kind differ ${numberText(dispersion, 2)} times as much as chance alone would have it: the band is as wide as if there were so many times fewer`
        : 'outings of one kind differ no more than chance alone would have it',
      `nine times in ten between ${low.toFixed(2)} and ${high.toFixed(2)} (gamma)`,
    ],
    inputs: [
      { name: 'noted', value: `${count} ${what} in ${numberText(hours, 3)} h`, basis: 'counted' },
      { name: 'before anything was noted', value: `${catches} in ${usualHours} h`, basis: 'usual' },
    ],
  };
}
