/** How well a sinker sticks to a bottom before anybody fished there: pull over weight. Typical: try it. */
export const USUAL_GRIP = { mud: 0.7, sand: 0.5, gravel: 0.6, rock: 0.8, weed: 0.9, wood: 0.8 } as const;

/** What was fished, what would have held by the sums, and how it felt. */
export interface HeldNote {
  readonly weightG: number;
  readonly reckonedG: number;
  readonly feel: 'too-light' | 'right' | 'too-heavy';
}

/** How strongly the sums themselves are believed in, in notes. */
const BELIEF = 2;
/** Too heavy begins at so many times what holds, and what was right lay about here. */
const HEAVY_FROM = 1.8;
const RIGHT_AT = 1.25;

/**
 * By how much the maker's water takes more weight than the sums say, from notes of how weights felt there; 1 without
 * notes. What felt right pulls toward itself; what was too light only up, what was too heavy only down.
 *
 * @example learnHold([{ weightG: 20, reckonedG: 10, feel: 'too-light' }]) // over 1
 */
export function learnHold(notes: readonly HeldNote[]): number {
  const logs: number[] = [];
  for (const { weightG, reckonedG, feel } of notes) {
    if (!(reckonedG > 0)) continue;
    const ratio = weightG / reckonedG;
    if (feel === 'right') logs.push(Math.log(ratio / RIGHT_AT));
    else if (feel === 'too-light') logs.push(Math.max(0, Math.log(ratio)));
    else logs.push(Math.min(0, Math.log(ratio / HEAVY_FROM)));
  }
  return Math.exp(logs.reduce((so, log) => so + log, 0) / (logs.length + BELIEF));
}
