import { sum } from '@/core/numeric/sum';
import { numberText } from '@/text/number-text';
import type { Taking } from '@/core/stock/forecast-use';
import { dayText } from '@/text/date-text';
import type { Working } from '@/ui/figure/Figure';

const DAY_MS = 86_400_000;

/** When a bin is empty: its own past drawn anew many times over, and the day by which so many of the draws ran out. */
export function runOutWorking(
  takings: readonly Taking[],
  free: string,
  [soonest, middle, latest]: readonly [string, string, string],
  now: number,
): Working {
  const last = Math.min(...takings.map(({ daysAgo }) => daysAgo));
  return {
    title: 'Runs out',
    steps: [
      'how long lay between takings, and how much each took, is drawn anew 600 times from what you took, and how long since the last; a busy season comes sooner',
      `one draw in twenty was empty by ${soonest}, half by ${middle}, nineteen in twenty by ${latest}`,
    ],
    inputs: [
      { name: 'times it was taken from', value: `${takings.length}`, basis: 'counted' },
      { name: 'the last of them', value: dayText(now - last * DAY_MS), basis: 'counted' },
      { name: 'free, less what is promised', value: free, basis: 'counted' },
    ],
  };
}

/** What a bin gives in an average month. */
export function perMonthWorking(
  takings: readonly Taking[],
  watchedDays: number,
  perMonth: number,
  text: (qty: number) => string,
): Working {
  const all = sum(takings.map(({ qty }) => qty));
  return {
    title: 'Used in a month',
    steps: [
      `${text(all)} in ${takings.length} takings ÷ ${numberText(watchedDays, 4)} days × 30.4 = ${text(perMonth)}`,
    ],
    inputs: [
      { name: 'taken', value: text(all), basis: 'counted' },
      { name: 'days since it was first watched', value: numberText(watchedDays, 4), basis: 'counted' },
    ],
  };
}
