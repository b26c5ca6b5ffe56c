import type { Cavity } from '@/records/mold';
import { markText, massText } from '@/text/words';
import { roomText } from '@/text/writer';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** The room of a cavity: by its castings that were weighed, else by its mark. */
export function roomWorking(
  { volumeCm3, volumeBasis, standardErrorCm3, weighedCount, nominalG }: Cavity,
  { length, mass }: Pick<ScreenUnits, 'length' | 'mass'>,
): Working {
  return {
    title: 'Room of the cavity',
    steps:
      volumeBasis === 'guess'
        ? [`nobody weighed it: its mark of ${markText(nominalG, mass)} stands for what it gives in lead`]
        : [
            'each weighing: (weight − hook) ÷ metal of a cavity’s room + the steel that is cast in; the mean of all, by castings',
            ...(standardErrorCm3 === null
              ? ['weighed once: how sure is not known yet']
              : [`sure to ± ${roomText(standardErrorCm3, length, 2)}, by how they differ`]),
          ],
    inputs: [
      {
        name: 'castings weighed',
        value: String(weighedCount),
        basis: volumeBasis === 'guess' ? 'guess' : 'weighed',
      },
      { name: 'room', value: roomText(volumeCm3, length, 4), basis: volumeBasis },
    ],
  };
}

/** How far a weighing lies from what the others foretell of it. */
export function residualWorking(
  eachG: number,
  residualG: number,
  bandG: number,
  mass: ScreenUnits['mass'],
): Working {
  return {
    title: 'Off what is foretold',
    steps: [
      `${massText(eachG, mass)} − ${massText(eachG - residualG, mass)} that the cavity foretells in that metal = ${residualG < 0 ? '−' : '+'}${massText(Math.abs(residualG), mass)}`,
      `nineteen in twenty lie within ± ${massText(bandG, mass)} (Student’s t, by the others)`,
    ],
    inputs: [
      { name: 'on the scale, each', value: massText(eachG, mass), basis: 'weighed' },
      { name: 'foretold', value: massText(eachG - residualG, mass), basis: 'computed' },
    ],
  };
}
