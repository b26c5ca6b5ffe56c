export interface WeightTick {
  readonly grams: number;
  readonly x: number;
}

export interface WeightLine {
  /** Where a mass stands on the line, px. */
  readonly at: (grams: number) => number;
  readonly ticks: readonly WeightTick[];
}

const STEPS = [1, 1.2, 1.4, 1.7, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8];
/** Ticks nearer than this run into each other, px. */
const LEAST_GAP = 34;

/**
 * A line of weights, even in ratio: equal shares lie equally far apart, so a 5 % band is as wide at 4 g as at
 * 28 g. Masses in g over 0, width in px.
 *
 * @example weightLine([5, 10, 20], 400).at(10) // 200
 */
export function weightLine(masses: readonly number[], width: number): WeightLine {
  const known = masses.filter((grams) => grams > 0);
  const least = Math.min(...(known.length > 0 ? known : [1])) / 1.06;
  const most = Math.max(...(known.length > 0 ? known : [10])) * 1.06;
  const span = Math.log(most / least);
  const at = (grams: number) => (Math.log(grams / least) / span) * width;
  const ticks: WeightTick[] = [];
  for (let decade = 10 ** Math.floor(Math.log10(least)); decade < most; decade *= 10) {
    for (const step of STEPS) {
      const grams = Number((step * decade).toPrecision(3));
      const x = at(grams);
      const last = ticks.at(-1);
      if (grams >= least && grams <= most && (!last || x - last.x >= LEAST_GAP)) ticks.push({ grams, x });
    }
  }
  return { at, ticks };
}
