import { findBladeForm } from '@/core/builds/blades';
import type { BladeFormId } from '@/core/builds/blades/definition';

const mm = (value: number) => Number(value.toFixed(3));

/**
 * The outline of a blade in mm: its hole end at the origin, its length along x.
 *
 * @example bladePath('leaf', 46, 17) // 'M0 -1.53...Z'
 */
export function bladePath(form: BladeFormId, lengthMm: number, widthMm: number): string {
  const points = findBladeForm(form).outline.map(
    ([along, aside]) => [along * lengthMm, (aside * widthMm) / 2] as const,
  );
  const upper = points.map(([x, y]) => [x, -y] as const);
  const lower = [...points].reverse();
  return `${smooth([...upper, ...lower])}Z`;
}

/** A closed line through points, rounded at each by a share of the way to its neighbors. */
function smooth(points: readonly (readonly [number, number])[]): string {
  const at = (index: number) => points[(index + points.length) % points.length] ?? [0, 0];
  const parts = points.map((point, index) => {
    const [before, next, after] = [at(index - 1), at(index + 1), at(index + 2)];
    const c1 = [point[0] + (next[0] - before[0]) / 6, point[1] + (next[1] - before[1]) / 6] as const;
    const c2 = [next[0] - (after[0] - point[0]) / 6, next[1] - (after[1] - point[1]) / 6] as const;
    return `C${mm(c1[0])} ${mm(c1[1])} ${mm(c2[0])} ${mm(c2[1])} ${mm(next[0])} ${mm(next[1])}`;
  });
  const [first] = points;
  return `M${mm(first?.[0] ?? 0)} ${mm(first?.[1] ?? 0)}${parts.join('')}`;
}
