import type { ProfilePoint } from '../solids/loft';
import type { OutlineFrame } from './frame';
import type { Outline } from './outline';
import { sectionsOf } from './sections';

const CUTS = 120;
/** Narrower than this share of the body, and staying so: a wire that sticks out of it. */
const WIRE_SHARE = 0.4;
/** A wire's width changes by less than this share over twice its width. */
const STEADY = 0.25;

/**
 * The half outline of a body along the box round it: radii and places from its left end up, mm. A wire that sticks out of
 * an end, a hook's shank or a loop, is left off.
 *
 * @example bodyProfileOf(outline of a ball of 10 mm, frame).length // 122
 */
export function bodyProfileOf(outline: Outline, frame: OutlineFrame): ProfilePoint[] {
  // What one sees through is body too: a bore lies along it, an eye beside it.
  const cuts = sectionsOf({ outer: outline.outer, holes: [] }, frame, CUTS);
  const step = frame.lengthMm / CUTS;
  const widest = cuts.map((cut) => cut.reduce<readonly [number, number]>(wider, [0, 0]));
  const widths = widest.map(([from, to]) => to - from);
  const middle = widths.indexOf(Math.max(...widths));
  const most = widths[middle] ?? 0;
  const ends = [-1, 1].map((way) => {
    let at = middle;
    while (widths[at + way] !== undefined && !isWire(widths, at + way, way, most, step)) at += way;
    return at;
  });
  const [first = 0, last = CUTS - 1] = ends;
  const profile: ProfilePoint[] = widths
    .slice(first, last + 1)
    .map((width, index) => [width / 2, (index + 0.5) * step]);
  // At an end without a wire the body closes; at a wire it stands as wide as it is there.
  const closes = (at: number, end: number) => (at === end ? 0 : (widths[at] ?? 0) / 2);
  return [[closes(first, 0), 0], ...profile, [closes(last, CUTS - 1), (last - first + 1) * step]];
}

function wider(a: readonly [number, number], b: readonly [number, number]): readonly [number, number] {
  return b[1] - b[0] > a[1] - a[0] ? b : a;
}

function isWire(widths: readonly number[], at: number, way: number, most: number, step: number): boolean {
  const width = widths[at] ?? 0;
  if (width > WIRE_SHARE * most) return false;
  const steps = Math.max(3, Math.round((2 * width) / step));
  const on = widths[at + way * steps];
  return on !== undefined && Math.abs(on - width) < STEADY * width;
}
