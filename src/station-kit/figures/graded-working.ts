import type { GradedWeight } from '@/core/rigs/graded-weights';
import { lengthText, massText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** What a weight of shot in cord comes to, and how long its cord is. */
export function gradedWorking(
  { shots, massG, cordMm }: GradedWeight,
  shotG: number,
  sealMm: number,
  shotMm: number,
  { mass, length }: Pick<ScreenUnits, 'mass' | 'length'>,
): Working {
  const besideG = massG - shots * shotG;
  return {
    title: 'Weighs',
    steps: [
      `${shots} × ${massText(shotG, mass)}${besideG > 0 ? ` + ${massText(besideG, mass)} that hangs on it` : ''} = ${massText(massG, mass)}`,
      `cord: ${shots} × ${lengthText(shotMm, length)} + two seals of ${lengthText(sealMm, length)} = ${lengthText(cordMm, length)}`,
    ],
    inputs: [
      { name: 'a shot', value: massText(shotG, mass), basis: 'given' },
      { name: 'across', value: lengthText(shotMm, length), basis: 'given' },
      { name: 'a seal', value: lengthText(sealMm, length), basis: 'given' },
    ],
  };
}

/** Up to what current a weight lies still over stones. */
export function heldWorking(notes: number, held: string): Working {
  return {
    title: 'Lies still to',
    steps: [
      `the current at which the pull of the line is as much as the weight in water × its grip on stones: ${held}`,
      'on a usual cast; it walks along from somewhat more on',
    ],
    inputs: [
      { name: 'grip on stones', value: 'usual', basis: 'guess' },
      { name: 'your notes', value: `${notes} of weights felt`, basis: 'given' },
    ],
  };
}
