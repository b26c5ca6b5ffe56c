import { findBladeForm } from '@/core/builds/blades';
import type { BladeFormId } from '@/core/builds/blades/definition';

const mm = (value: number) => Number(value.toFixed(3));

type XY = readonly [x: number, y: number];

/**
 * The outline of a blade in mm: its hole end at the origin, its length along x. As long and as wide as it is told, to the
 * last hundredth: the curve never leaves that box.
 *
 * @example bladePath('leaf', 46, 17) // 'M0 -1.53...Z'
 */
export function bladePath(form: BladeFormId, lengthMm: number, widthMm: number): string {
  const half = widthMm / 2;
  const upper = findBladeForm(form).outline.map(([along, aside]): XY => [along * lengthMm, -aside * half]);
  // A point on the middle line is the tip: it stands once.
  const lower = [...upper].reverse().flatMap(([x, y]): XY[] => (y === 0 ? [] : [[x, -y]]));
  const points = [...upper, ...lower];
  const at = (index: number): XY => points[(index + points.length) % points.length] ?? [0, 0];
  const inside = ([x, y]: XY): XY => [Math.max(0, Math.min(lengthMm, x)), Math.max(-half, Math.min(half, y))];
  const curves = points.map((point, index) => {
    const [before, next, after] = [at(index - 1), at(index + 1), at(index + 2)];
    const leave = inside([point[0] + (next[0] - before[0]) / 6, point[1] + (next[1] - before[1]) / 6]);
    const arrive = inside([next[0] - (after[0] - point[0]) / 6, next[1] - (after[1] - point[1]) / 6]);
    return `C${[...leave, ...arrive, ...next].map(mm).join(' ')}`;
  });
  return `M${at(0).map(mm).join(' ')}${curves.join('')}Z`;
}
