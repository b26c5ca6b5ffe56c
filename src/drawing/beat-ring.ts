export interface RingBox {
  /** Middle, outer and inner radius, in the units of the drawing. */
  readonly middle: number;
  readonly outer: number;
  readonly inner: number;
}

export interface RingSegment {
  readonly path: string;
  /** Where the segment's word stands: beside the middle of its outer edge. */
  readonly word: { readonly x: number; readonly y: number; readonly anchor: 'start' | 'middle' | 'end' };
}

/** Between two segments, as a share of the circle. */
const GAP_SHARE = 0.009;
const WORD_OFF = 12;
/** Words over and under the ring stand centered. */
const UPRIGHT = 0.35;

/**
 * One of equal segments of a ring, clockwise from the top; `share` draws only its beginning.
 *
 * @example ringSegment({ middle: 100, outer: 90, inner: 70 }, 0, 6).path // 'M105... A90 90 ...'
 */
export function ringSegment(box: RingBox, index: number, of: number, share = 1): RingSegment {
  const from = index / of + GAP_SHARE / 2;
  const full = 1 / of - GAP_SHARE;
  const to = from + full * Math.max(0, Math.min(1, share));
  const at = (turn: number, radius: number) => {
    const angle = turn * 2 * Math.PI;
    return [
      Number((box.middle + radius * Math.sin(angle)).toFixed(2)),
      Number((box.middle - radius * Math.cos(angle)).toFixed(2)),
    ] as const;
  };
  const isLarge = to - from > 0.5 ? 1 : 0;
  const [x0, y0] = at(from, box.outer);
  const [x1, y1] = at(to, box.outer);
  const [x2, y2] = at(to, box.inner);
  const [x3, y3] = at(from, box.inner);
  const half = from + full / 2;
  const [x, y] = at(half, box.outer + WORD_OFF);
  const sideways = Math.sin(half * 2 * Math.PI);
  return {
    path: `M${x0} ${y0}A${box.outer} ${box.outer} 0 ${isLarge} 1 ${x1} ${y1}L${x2} ${y2}A${box.inner} ${box.inner} 0 ${isLarge} 0 ${x3} ${y3}Z`,
    word: { x, y, anchor: Math.abs(sideways) < UPRIGHT ? 'middle' : sideways > 0 ? 'start' : 'end' },
  };
}
