import { rollText } from '@/text/roll-text';
import { lengthText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

interface RollGives {
  readonly total: number;
  readonly each: number;
  readonly count: number;
}

/** How many of a rig a material kept by length gives, all rolls together. */
export function rollWorking(
  name: string,
  { total, each, count }: RollGives,
  length: ScreenUnits['length'],
): Working {
  return {
    title: `Enough for, ${name}`,
    steps: [
      `${rollText(total, length)} ÷ ${lengthText(each, length)} that one takes = ${count}`,
      'by the whole length: what is left at the ends of rolls may give one less',
    ],
    inputs: [
      { name: 'in all', value: rollText(total, length), basis: 'counted' },
      { name: 'cut for one', value: lengthText(each, length), basis: 'computed' },
    ],
  };
}

/** What is cut of a line for one rig: its finished length and what its ends take. */
export function cutWorking(
  name: string,
  finishedMm: number,
  endsMm: readonly [number, number],
  length: ScreenUnits['length'],
): Working {
  return {
    title: `${name}, cut length`,
    steps: [
      `${lengthText(finishedMm, length)} finished + ${lengthText(endsMm[0], length)} above + ${lengthText(endsMm[1], length)} below, to the full millimeter`,
    ],
    inputs: [{ name: 'ends', value: 'learned at Matches, else as is usual', basis: 'guess' }],
  };
}
