import type { Outline, Spot } from '../outline/outline';

/** How much of each small square of a field an outline covers. */
export interface Coverage {
  /** How much of the place is covered, 0 to 1. */
  readonly at: (xMm: number, yMm: number) => number;
  readonly box: readonly [left: number, top: number, right: number, bottom: number];
}

const SUB_LINES = 4;

/**
 * Lays a grid over an outline and notes how much of each square it covers.
 *
 * @example coverageOf(disc, 10, 0).at(...middle) // 1
 */
export function coverageOf({ outer, holes }: Outline, pxPerMm: number, marginMm: number): Coverage {
  const xs = outer.map(([x]) => x);
  const ys = outer.map(([, y]) => y);
  const [left, top] = [Math.min(...xs) - marginMm, Math.min(...ys) - marginMm];
  const [right, bottom] = [Math.max(...xs) + marginMm, Math.max(...ys) + marginMm];
  const width = Math.ceil((right - left) * pxPerMm) + 1;
  const height = Math.ceil((bottom - top) * pxPerMm) + 1;
  const cells = new Float32Array(width * height);
  const lines = [outer, ...holes].map((line) =>
    line.map(([x, y]): Spot => [(x - left) * pxPerMm, (y - top) * pxPerMm]),
  );
  for (let row = 0; row < height; row += 1) {
    for (let sub = 0; sub < SUB_LINES; sub += 1) {
      const y = row + (sub + 0.5) / SUB_LINES;
      const cuts = lines.flatMap((line) => cutsAt(line, y)).sort((a, b) => a - b);
      for (let pair = 0; pair + 1 < cuts.length; pair += 2) {
        cover(cells, row * width, width, cuts[pair] ?? 0, cuts[pair + 1] ?? 0);
      }
    }
  }
  return { at: lookIn(cells, width, height, left, top, pxPerMm), box: [left, top, right, bottom] };
}

function cutsAt(line: readonly Spot[], y: number): number[] {
  const cuts: number[] = [];
  for (let at = 0, before = line.length - 1; at < line.length; before = at, at += 1) {
    const [ax, ay] = line[before] ?? [0, 0];
    const [bx, by] = line[at] ?? [0, 0];
    if (ay <= y !== by <= y) cuts.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
  }
  return cuts;
}

function cover(cells: Float32Array, start: number, width: number, from: number, to: number): void {
  for (let x = Math.max(0, Math.floor(from)); x < Math.min(width, Math.ceil(to)); x += 1) {
    const share = Math.min(to, x + 1) - Math.max(from, x);
    cells[start + x] = (cells[start + x] ?? 0) + share / SUB_LINES;
  }
}

function lookIn(
  cells: Float32Array,
  width: number,
  height: number,
  left: number,
  top: number,
  pxPerMm: number,
): Coverage['at'] {
  return (xMm, yMm) => {
    const x = (xMm - left) * pxPerMm - 0.5;
    const y = (yMm - top) * pxPerMm - 0.5;
    const column = Math.floor(x);
    const row = Math.floor(y);
    if (column < 0 || row < 0 || column >= width - 1 || row >= height - 1) return 0;
    const fx = x - column;
    const fy = y - row;
    const start = row * width + column;
    const upper = (cells[start] ?? 0) * (1 - fx) + (cells[start + 1] ?? 0) * fx;
    const lower = (cells[start + width] ?? 0) * (1 - fx) + (cells[start + width + 1] ?? 0) * fx;
    return upper * (1 - fy) + lower * fy;
  };
}

/** The same, its edge made soft over so many mm: a shadow of it. */
export function softened(outline: Outline, softMm: number): Coverage {
  const pxPerMm = Math.min(4, 6 / softMm);
  const hard = coverageOf(outline, 4, 3 * softMm);
  const [left, top, right, bottom] = hard.box;
  const width = Math.ceil((right - left) * pxPerMm) + 1;
  const height = Math.ceil((bottom - top) * pxPerMm) + 1;
  const reach = Math.ceil(2 * softMm * pxPerMm);
  const kernel = Array.from({ length: 2 * reach + 1 }, (_, k) =>
    Math.exp(-0.5 * ((k - reach) / (softMm * pxPerMm)) ** 2),
  );
  const weight = kernel.reduce((total, each) => total + each, 0);
  const cells = Float32Array.from({ length: width * height }, (_, at) =>
    hard.at(left + ((at % width) + 0.5) / pxPerMm, top + (Math.floor(at / width) + 0.5) / pxPerMm),
  );
  const blur = (from: Float32Array, step: number) =>
    from.map((_, at) => {
      let total = 0;
      for (let k = -reach; k <= reach; k += 1) total += (kernel[k + reach] ?? 0) * (from[at + k * step] ?? 0);
      return total / weight;
    });
  return { at: lookIn(blur(blur(cells, 1), width), width, height, left, top, pxPerMm), box: hard.box };
}
