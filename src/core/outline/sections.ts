import type { OutlineFrame } from './frame';
import type { Outline } from './outline';

/** Where material lies on a line across an outline: from and to, mm aside, in order. */
export type Section = readonly (readonly [from: number, to: number])[];

/**
 * Cuts an outline across at even places of its length, from one end to the other, half a step from both.
 *
 * @example sectionsOf(outline of 4 by 1, frame, 2) // [[[-0.5, 0.5]], [[-0.5, 0.5]]]
 */
export function sectionsOf(outline: Outline, frame: OutlineFrame, count: number): Section[] {
  const lines = [outline.outer, ...outline.holes].map((line) => line.map(frame.inside));
  const crossings: number[][] = Array.from({ length: count }, () => []);
  const step = frame.lengthMm / count;
  for (const line of lines) {
    for (let at = 0, before = line.length - 1; at < line.length; before = at, at += 1) {
      const [ax, ay] = line[before] ?? [0, 0];
      const [bx, by] = line[at] ?? [0, 0];
      const [low, high] = ax < bx ? [ax, bx] : [bx, ax];
      const first = Math.max(0, Math.ceil(low / step - 0.5));
      for (let cut = first; cut < count && (cut + 0.5) * step < high; cut += 1) {
        const share = ((cut + 0.5) * step - ax) / (bx - ax);
        crossings[cut]?.push(ay + (by - ay) * share);
      }
    }
  }
  return crossings.map((cut) => {
    const sorted = cut.sort((a, b) => a - b);
    return Array.from({ length: Math.floor(sorted.length / 2) }, (_, index) => [
      sorted[index * 2] ?? 0,
      sorted[index * 2 + 1] ?? 0,
    ]);
  });
}
