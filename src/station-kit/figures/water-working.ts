import { USUAL_GRIP } from '@/core/water/grip';
import { USUAL_WATER_C } from '@/core/water/hold-in-current';
import type { HoldQuestion, weightFor } from '@/model/water/hold';
import { numberText } from '@/text/number-text';
import { depthText } from '@/text/quantity-text';
import { massText, temperatureText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** The weight that holds, or drifts as wanted. */
export function holdWorking(
  { driftMs, bottom }: Pick<HoldQuestion, 'driftMs' | 'bottom'>,
  { line, reckonedG, factor, notes }: ReturnType<typeof weightFor>,
  { mass, depth, temperature }: ScreenUnits,
): Working {
  return {
    title: driftMs > 0 ? 'Drifts so' : 'Holds',
    steps: [
      `the line pulls with ${numberText(line.tensionN, 3)} N, bowed off by ${depthText(line.sagM, depth)}`,
      `calculated ${massText(reckonedG, mass)}, times ${numberText(factor, 3)} by your notes`,
    ],
    inputs: [
      { name: 'grip on the bottom', value: numberText(USUAL_GRIP[bottom], 2), basis: 'guess' },
      {
        name: 'drag of line',
        value: `1 + 10 / Re^(2/3), in water of ${temperatureText(USUAL_WATER_C, temperature)}`,
        basis: 'reference',
      },
      { name: 'your notes', value: `${notes} of weights felt`, basis: 'given' },
    ],
  };
}

/** How long a weight is on its way to the bottom, on its line. */
export function fallWorking(
  lineMm: number,
  drag: number,
  isTimed: boolean,
  length: ScreenUnits['length'],
): Working {
  return {
    title: 'To the bottom',
    steps: [
      'at each depth the weight in water bears its own drag and that of the line let out so far',
      `drag ${numberText(drag, 2)} on the ball of its weight, and 0.01 of its surface on the line`,
    ],
    inputs: [
      { name: 'drag', value: numberText(drag, 2), basis: isTimed ? 'given' : 'reference' },
      {
        name: 'line',
        value: length === 'mm' ? `${numberText(lineMm, 3)} mm` : `${numberText(lineMm / 25.4, 3)} in`,
        basis: 'given',
      },
    ],
  };
}

/** A season in one figure: all notes of it together. */
export function notesWorking(title: string, total: string, notes: number): Working {
  return {
    title,
    steps: [`all notes of this year together: ${total}`],
    inputs: [{ name: 'notes', value: String(notes), basis: 'counted' }],
  };
}

/** Why a weight is of the next set for a place. */
export function nextWeightWorking(
  { light, right, heavy }: { readonly light: number; readonly right: number; readonly heavy: number },
  finishedG: number,
  mass: ScreenUnits['mass'],
): Working {
  return {
    title: 'Of the next set',
    steps: [
      right > 0
        ? `the middle of the set is the mean, by ratio, of the ${right} that felt right there`
        : `none felt right there yet: the middle of the set lies between the ${light} too light and the ${heavy} too heavy`,
      'its neighbors are 1.3 times as light and as heavy; of each the nearest that your blocks give',
      `in the metal of which there is most it weighs ${massText(finishedG, mass)}`,
    ],
    inputs: [{ name: 'notes of weights felt there', value: String(light + right + heavy), basis: 'counted' }],
  };
}
