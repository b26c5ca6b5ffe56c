import type { OutlinePoint } from '@/core/cavities/styles/definition';

const mm = (value: number) => Number(value.toFixed(3));

/**
 * A body's outline, seen from the side, as an SVG path in mm: the half outline and its mirror, nose at x = 0,
 * the axis along y = 0.
 *
 * @example outlinePath([[0, 0], [1, 1], [2, 0]]) // 'M0 0L1 -1L2 0L1 1Z'
 */
export function outlinePath(outlineMm: readonly OutlinePoint[]): string {
  const upper = outlineMm.map(([along, radius]) => `${mm(along)} ${mm(radius) === 0 ? 0 : mm(-radius)}`);
  const lower = outlineMm
    .slice(1, -1)
    .reverse()
    .map(([along, radius]) => `${mm(along)} ${mm(radius)}`);
  return `M${[...upper, ...lower].join('L')}Z`;
}
