import { countText } from '@/text/count-text';
import type { PulledShare } from '@/core/rigs/pulled-share';
import type { UnitChoices } from '@/core/units/unit-choices';
import { numberText } from '@/text/number-text';
import { strengthText } from '@/text/quantity-text';
import type { Working } from '@/ui/figure/Figure';

interface EndOnLine {
  readonly end: string;
  readonly line: string;
  readonly breakKgf: number;
  /** Share that such an end leaves of such a line, typical. */
  readonly typical: number;
  readonly own: PulledShare | undefined;
}

/** What an end of a line holds: its breaking load, and the share that is left of it. */
export function endWorking(
  { end, line, breakKgf, typical, own }: EndOnLine,
  strength: UnitChoices['strength'],
): Working {
  const share = own?.share ?? typical;
  return {
    title: `${end} on ${line}`,
    steps: [
      `${strengthText(breakKgf, strength)} × ${numberText(share, 2)} = ${strengthText(breakKgf * share, strength)}`,
      ...(own
        ? [`the mean of ${countText(own.pulls, 'pull')}, and what is typical as if it were two more`]
        : []),
    ],
    inputs: [
      { name: line, value: strengthText(breakKgf, strength), basis: 'reference' },
      { name: 'typical share', value: numberText(typical, 2), basis: 'guess' },
      ...(own ? [{ name: 'your pulls', value: `${own.pulls}`, basis: 'weighed' as const }] : []),
    ],
  };
}
