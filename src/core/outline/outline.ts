/** A place on the mat, mm right and down. */
export type Spot = readonly [x: number, y: number];

/** What is seen of a part from above: its edge all round, and the edges of what one sees through. Neither closes itself. */
export interface Outline {
  readonly outer: readonly Spot[];
  readonly holes: readonly (readonly Spot[])[];
}

/**
 * Signed area of a closed line, mm2: over zero where it runs clockwise on the mat, whose y runs down.
 *
 * @example areaOf([[0, 0], [2, 0], [2, 1], [0, 1]]) // 2
 */
export function areaOf(line: readonly Spot[]): number {
  let twice = 0;
  for (let at = 0, before = line.length - 1; at < line.length; before = at, at += 1) {
    const [ax, ay] = line[before] ?? [0, 0];
    const [bx, by] = line[at] ?? [0, 0];
    twice += ax * by - bx * ay;
  }
  return twice / 2;
}

/**
 * The middle of what a closed line encloses.
 *
 * @example middleOf([[0, 0], [2, 0], [2, 1], [0, 1]]) // [1, 0.5]
 */
export function middleOf(line: readonly Spot[]): [x: number, y: number] {
  const area = areaOf(line);
  let [mx, my] = [0, 0];
  for (let at = 0, before = line.length - 1; at < line.length; before = at, at += 1) {
    const [ax, ay] = line[before] ?? [0, 0];
    const [bx, by] = line[at] ?? [0, 0];
    const cross = ax * by - bx * ay;
    mx += (ax + bx) * cross;
    my += (ay + by) * cross;
  }
  return [mx / (6 * area), my / (6 * area)];
}

/**
 * Length of a closed line, mm.
 *
 * @example roundOf([[0, 0], [2, 0], [2, 1], [0, 1]]) // 6
 */
export function roundOf(line: readonly Spot[]): number {
  return line.reduce((total, [x, y], at) => {
    const [bx, by] = line[at === 0 ? line.length - 1 : at - 1] ?? [x, y];
    return total + Math.hypot(x - bx, y - by);
  }, 0);
}

/**
 * Diameter of the circle of the same area, mm.
 *
 * @example acrossOf(square of 2 by 2) // 2.257
 */
export function acrossOf(line: readonly Spot[]): number {
  return Math.sqrt((4 * Math.abs(areaOf(line))) / Math.PI);
}

/**
 * How near to a circle a closed line is: 1 is one, a square 0.785. A line with the small steps of a picture is smoothed
 * before it is asked.
 *
 * @example roundnessOf(square) // 0.785
 */
export function roundnessOf(line: readonly Spot[]): number {
  return (4 * Math.PI * Math.abs(areaOf(line))) / roundOf(line) ** 2;
}

/** The same line in so many steps of one length, from the same first point. */
export function evenSteps(line: readonly Spot[], steps: number): Spot[] {
  const whole = roundOf(line);
  const even: Spot[] = [];
  let walked = 0;
  for (let at = 0; at < line.length && even.length < steps; at += 1) {
    const [ax, ay] = line[at] ?? [0, 0];
    const [bx, by] = line[(at + 1) % line.length] ?? [0, 0];
    const long = Math.hypot(bx - ax, by - ay);
    while (even.length < steps && (even.length * whole) / steps <= walked + long) {
      const share = long === 0 ? 0 : ((even.length * whole) / steps - walked) / long;
      even.push([ax + (bx - ax) * share, ay + (by - ay) * share]);
    }
    walked += long;
  }
  return even;
}

/**
 * What is seen of a part's edge at a height, laid down onto the mat: the eye sees what stands higher as larger and farther
 * from below it.
 *
 * @example onTheMat({ outer: [[10, 0]], holes: [] }, [0, 0, 100], 10).outer // [[9, 0]]
 */
export function onTheMat(
  { outer, holes }: Outline,
  [eyeX, eyeY, eyeMm]: readonly [number, number, number],
  heightMm: number,
): Outline {
  const times = (eyeMm - heightMm) / eyeMm;
  const lay = (line: readonly Spot[]): Spot[] =>
    line.map(([x, y]) => [eyeX + (x - eyeX) * times, eyeY + (y - eyeY) * times]);
  return { outer: lay(outer), holes: holes.map(lay) };
}
