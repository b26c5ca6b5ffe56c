import type { Outline, Spot } from './outline';

/**
 * The same outline with its edge pulled along at one place: what lies near goes with it, less the farther off, over `reachMm`.
 *
 * @example moveEdge(outline, [10, 0], [0.4, 0], 2).outer // the edge near [10, 0] stands 0.4 mm farther right
 */
export function moveEdge(
  { outer, holes }: Outline,
  [fromX, fromY]: Spot,
  [byX, byY]: Spot,
  reachMm: number,
): Outline {
  const pull = (line: readonly Spot[]): Spot[] =>
    line.map(([x, y]) => {
      const share = Math.exp(-0.5 * (Math.hypot(x - fromX, y - fromY) / (reachMm / 2)) ** 2);
      return share < 1e-3 ? [x, y] : [x + byX * share, y + byY * share];
    });
  return { outer: pull(outer), holes: holes.map(pull) };
}
