import type { LaidItem } from '@/core/rigs/lay-rig';
import type { RigItem } from '@/core/rigs/rig';

const LOOPS = ['crimp-loop', 'overhand-loop'];
const USUAL_LOOP_MM = 9;

/**
 * Where a line’s loops lie, mm down its run: from its end to the crimp that closes it, or as long as a loop usually is.
 *
 * @example loopsOf([], leader, 0, 100) // [[0, 9]] where it begins in an overhand loop
 */
export function loopsOf(
  items: readonly LaidItem[],
  { id, ends, part }: RigItem,
  fromMm: number,
  toMm: number,
): (readonly [number, number])[] {
  const crimps = items.filter(({ item, lineId }) => lineId === id && item.part.gauge.as === 'crimp');
  const loop = Math.min(USUAL_LOOP_MM, (toMm - fromMm) / 3);
  // A loop shorter than its line is thick cannot be seen.
  if (loop < 4 * (part.gauge.sizes.diameterMm ?? 0)) return [];
  return [
    ...(LOOPS.includes(ends?.[0] ?? '') ? [[fromMm, crimps[0]?.fromMm ?? fromMm + loop] as const] : []),
    ...(LOOPS.includes(ends?.[1] ?? '') ? [[crimps.at(-1)?.toMm ?? toMm - loop, toMm] as const] : []),
  ];
}

/**
 * A loop seen from the side, an eye between two points of its line.
 *
 * @example loopPath(0, 9, 0).startsWith('M0 0C') // true
 */
export function loopPath(from: number, to: number, y: number): string {
  const wide = Math.min(2.2, (to - from) * 0.3);
  const middle = (from + to) / 2;
  return `M${from} ${y}C${middle} ${y - 1.6 * wide} ${middle} ${y - 1.6 * wide} ${to} ${y}M${from} ${y}C${middle} ${y + 1.6 * wide} ${middle} ${y + 1.6 * wide} ${to} ${y}`;
}
