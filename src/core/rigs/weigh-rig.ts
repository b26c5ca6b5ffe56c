import { sum } from '../numeric/sum';
import type { Rig } from './rig';

/**
 * What the parts of a rig weigh, g, and which of them nobody weighed. Lines count nothing.
 *
 * @example weighRig(rig) // { massG: 4.2, unweighed: [] }
 */
export function weighRig({ items }: Pick<Rig, 'items'>): { massG: number; unweighed: string[] } {
  const parts = items.filter(({ part }) => part.gauge.as !== 'line' && part.gauge.as !== 'tube');
  return {
    massG: sum(parts.map(({ part, count }) => (part.massG ?? 0) * count)),
    unweighed: [...new Set(parts.filter(({ part }) => part.massG === null).map(({ part }) => part.name))],
  };
}
