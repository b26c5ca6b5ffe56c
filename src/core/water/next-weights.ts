/** How a weight felt at one ground. */
export interface FeltWeight {
  readonly weightG: number;
  readonly feel: 'too-light' | 'right' | 'too-heavy';
}

/** Neighbors in a graded set lie about so far apart. */
const STEP = 1.3;
const IN_SET = 3;

/**
 * The next graded set for a ground, lightest first: three neighbors round what was right there; where nothing was yet,
 * between the heaviest that was too light and the lightest that was too heavy. `marked` are the weights there are molds
 * for; each is taken once. Null where nobody felt anything.
 *
 * @example nextWeights([{ weightG: 10, feel: 'too-light' }], []) // [10, 13, 16.9]
 */
export function nextWeights(felt: readonly FeltWeight[], marked: readonly number[]): number[] | null {
  const of = (feel: FeltWeight['feel']) =>
    felt.filter((each) => each.feel === feel).map(({ weightG }) => weightG);
  const [light, right, heavy] = [of('too-light'), of('right'), of('too-heavy')];
  if (felt.length === 0) return null;
  const middle = middleOf(light, right, heavy);
  const wished = [middle / STEP, middle, middle * STEP];
  if (marked.length === 0) return wished.map((mass) => Math.round(mass * 10) / 10);
  const set: number[] = [];
  for (const mass of wished) {
    const [nearest] = marked
      .filter((mark) => !set.includes(mark))
      .sort((a, b) => Math.abs(Math.log(a / mass)) - Math.abs(Math.log(b / mass)));
    if (nearest !== undefined) set.push(nearest);
  }
  return set.slice(0, IN_SET).sort((a, b) => a - b);
}

function middleOf(light: readonly number[], right: readonly number[], heavy: readonly number[]): number {
  if (right.length > 0) {
    return Math.exp(right.reduce((so, mass) => so + Math.log(mass), 0) / right.length);
  }
  const low = light.length > 0 ? Math.max(...light) : null;
  const high = heavy.length > 0 ? Math.min(...heavy) : null;
  if (low !== null && high !== null) return Math.sqrt(low * high);
  return low !== null ? low * STEP : (high ?? 1) / STEP;
}
