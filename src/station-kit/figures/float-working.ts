import { STANDS_OUT_SHARE, type FloatBalance } from '@/core/rigs/float-balance';
import type { UnitChoices } from '@/core/units/unit-choices';
import { roomText } from '@/text/writer';
import { massText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How much shot a float takes, from its lift down to what is left for shot. */
export function floatWorking(
  float: FloatBalance,
  { mass, length }: Pick<UnitChoices, 'mass' | 'length'>,
): Working {
  return {
    title: 'Shot that the float takes',
    steps: [
      `its body, a spindle of ${roomText(float.volumeCm3, length, 3)}, with a tenth of it standing out lifts ${massText((1 - STANDS_OUT_SHARE) * float.volumeCm3, mass)} of water; it weighs ${massText(float.floatG, mass)}`,
      `hooks and swivels under it weigh ${massText(float.hangsG, mass)}, an eighth less in water; bait comes on top`,
      `the rest, over the share of lead’s weight that is left in water (0.91): ${massText(float.wantsG, mass)}`,
    ],
    inputs: [
      { name: 'the float’s sizes and weight', value: 'as measured', basis: 'given' },
      { name: 'its form', value: 'a spindle', basis: 'guess' },
    ],
  };
}
