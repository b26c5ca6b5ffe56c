/** A picture of one number a pixel. */
export interface Field {
  readonly width: number;
  readonly height: number;
  readonly values: Uint8Array | Float32Array;
}

/**
 * The value between pixels, by the four round it; their middles lie at whole numbers and a half.
 *
 * @example valueAt({ width: 2, height: 1, values: new Float32Array([0, 10]) }, 1, 0.5) // 5
 */
export function valueAt({ width, height, values }: Field, x: number, y: number): number {
  const cx = Math.max(0, Math.min(width - 1.001, x - 0.5));
  const cy = Math.max(0, Math.min(height - 1.001, y - 0.5));
  const column = Math.floor(cx);
  const row = Math.floor(cy);
  const fx = cx - column;
  const fy = cy - row;
  const start = row * width + column;
  const below = row + 1 < height ? start + width : start;
  const right = column + 1 < width ? 1 : 0;
  const upper = (values[start] ?? 0) * (1 - fx) + (values[start + right] ?? 0) * fx;
  const lower = (values[below] ?? 0) * (1 - fx) + (values[below + right] ?? 0) * fx;
  return upper * (1 - fy) + lower * fy;
}

/** An edge as a line across it finds it. */
export interface FoundEdge {
  /** Its place on the line, in steps from the first. */
  readonly at: number;
  /** From a tenth to nine tenths of its rise, in its steps. */
  readonly spread: number;
  /** How far the value rises. */
  readonly rise: number;
}

/** A rise ends where it is so much flatter than at its steepest: what goes on beyond is a shadow, or a gloss. */
const KNEE = 0.4;
/** Behind an edge the line is followed no farther than to where it falls back by this share. */
const FALLS = 0.3;
/** An edge farther in is the part's own where it is so many times steeper: the first was its shadow's. */
const STEEPER = 1.6;

/**
 * Finds the edge of a thing along a line from outside to inside: the steepest rise near the place `from`, or a much
 * steeper one behind it, and there the place half way between what lies before and behind. Null where nothing rises.
 *
 * @example findEdge([0, 0, 0, 5, 10, 10, 10], 3) // { at: 3, spread: 1.6, rise: 10 }
 */
export function findEdge(
  line: readonly number[],
  from: number,
  near: number = line.length,
): FoundEdge | null {
  const value = (at: number) => line[at] ?? 0;
  const slopeAt = (at: number) => value(at + 1) - value(at - 1);
  let steepest = -1;
  let slope = 0;
  for (let at = Math.max(1, from - near); at <= Math.min(line.length - 2, from + near); at += 1) {
    if (slopeAt(at) > slope) [slope, steepest] = [slopeAt(at), at];
  }
  if (steepest < 0) return null;
  let highest = value(steepest);
  for (let at = steepest + 1; at < line.length - 1; at += 1) {
    highest = Math.max(highest, value(at));
    if (value(at) < highest * (1 - FALLS)) break;
    if (slopeAt(at) > STEEPER * slope) [slope, steepest] = [slopeAt(at), at];
  }
  let outside = steepest;
  while (outside > 1 && slopeAt(outside - 1) > KNEE * slope) outside -= 1;
  let inside = steepest;
  while (inside < line.length - 2 && slopeAt(inside + 1) > KNEE * slope) inside += 1;
  const [low, high] = [value(outside - 1), value(inside + 1)];
  const crossing = (share: number) => {
    const level = low + (high - low) * share;
    for (let at = outside - 1; at <= inside; at += 1) {
      const [a, b] = [value(at), value(at + 1)];
      if (a <= level && b >= level) return b === a ? at : at + (level - a) / (b - a);
    }
    return steepest;
  };
  return { at: crossing(0.5), spread: crossing(0.9) - crossing(0.1), rise: high - low };
}
