import { isLine, type Rig } from '@/core/rigs/rig';
import type { WeightLine } from '@/model/baits/bait-facts';
import type { MassUnit } from '@/core/units/write-mass';
import { massText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

type Weighed = Pick<WeightLine, 'name' | 'massG' | 'count'> & Partial<Pick<WeightLine, 'isTypical'>>;

/** What a finished bait weighs: its parts, one by one. */
export function weightWorking(
  lines: readonly Weighed[],
  totalG: number,
  mass: MassUnit,
  title = 'Finished weight',
): Working {
  return {
    title,
    steps: [
      `${lines.map(({ massG, count }) => `${count > 1 ? `${count} × ` : ''}${massText(massG ?? 0, mass)}`).join(' + ')} = ${massText(totalG, mass)}`,
    ],
    inputs: lines.map(({ name, massG, count, isTypical }) => ({
      name: count > 1 ? `${name}, each` : name,
      value: massG === null ? 'not weighed' : massText(massG, mass),
      basis: massG === null || isTypical ? 'guess' : 'given',
    })),
  };
}

/** What a rig weighs: its parts, one by one; line and tube count nothing. */
export function rigWeightWorking({ items }: Pick<Rig, 'items'>, totalG: number, mass: MassUnit): Working {
  const parts = items
    .filter(({ part }) => !isLine(part.gauge) && part.gauge.as !== 'tube')
    .map(({ part, count }) => ({ name: part.name, massG: part.massG, count }));
  const working = weightWorking(parts, totalG, mass, 'Weighs');
  return { ...working, steps: [...working.steps, 'line and tube weigh next to nothing and are left out'] };
}

/** What one part is of the whole. */
export function partShareWorking(
  { name, massG, count, isTypical }: Weighed,
  totalG: number,
  mass: MassUnit,
): Working {
  const all = (massG ?? 0) * count;
  return {
    title: `${name}, its share`,
    steps: [
      ...(count > 1 ? [`${count} × ${massText(massG ?? 0, mass)} = ${massText(all, mass)}`] : []),
      `${massText(all, mass)} ÷ ${massText(totalG, mass)} = ${Math.round((100 * all) / totalG)} %`,
    ],
    inputs: [{ name, value: massText(massG ?? 0, mass), basis: isTypical ? 'guess' : 'given' }],
  };
}
