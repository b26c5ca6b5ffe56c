import type { WeightLine } from '@/model/baits/bait-facts';
import type { MassUnit } from '@/core/units/write-mass';
import { massText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** What a finished bait weighs: its parts, one by one. */
export function weightWorking(lines: readonly WeightLine[], finishedG: number, mass: MassUnit): Working {
  return {
    title: 'Finished weight',
    steps: [
      `${lines.map(({ massG, count }) => `${count > 1 ? `${count} × ` : ''}${massText(massG ?? 0, mass)}`).join(' + ')} = ${massText(finishedG, mass)}`,
    ],
    inputs: lines.map(({ name, massG, count, isTypical }) => ({
      name: count > 1 ? `${name}, each` : name,
      value: massG === null ? 'not weighed' : massText(massG, mass),
      basis: massG === null || isTypical ? 'guess' : 'given',
    })),
  };
}
