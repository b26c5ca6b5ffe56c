/**
 * The torn lower edge of a paper slip: a zigzag across `width` of teeth some `tooth` wide and `depth` deep, as an
 * SVG path that closes along the top.
 *
 * @example tornEdge(20, 10, 4) // 'M0 0L0 0L5 4L10 0L15 4L20 0L20 0Z'
 */
export function tornEdge(width: number, tooth: number, depth: number): string {
  const teeth = Math.max(1, Math.round(width / tooth));
  const step = width / teeth / 2;
  const points = Array.from(
    { length: 2 * teeth + 1 },
    (_, index) => `${index * step} ${index % 2 === 0 ? 0 : depth}`,
  );
  return `M0 0L${points.join('L')}L${width} 0Z`;
}
