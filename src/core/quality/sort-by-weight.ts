/** Pieces of about the same true weight. */
export interface WeightTray {
  /** How many widths of a tray it lies over the wanted weight; under 0 is lighter, 0 is on it. */
  readonly step: number;
  /** The middle of the tray. */
  readonly middleG: number;
  /** Which of the pieces, by their place in the list. */
  readonly pieces: readonly number[];
}

/**
 * Sorts pieces into trays by true weight: one tray from `wantedG` less to `wantedG` plus the tolerance, and on to
 * both sides in trays as wide. Weights and tolerance in g, over zero. Only trays that hold something, lightest first.
 *
 * @example sortByWeight([10, 10.3, 9.9], 10, 0.2).map(({ middleG }) => middleG) // [10, 10.4]
 */
export function sortByWeight(weighedG: readonly number[], wantedG: number, toleranceG: number): WeightTray[] {
  if (!(wantedG > 0 && toleranceG > 0))
    throw new RangeError('sortByWeight requires a weight and a tolerance over zero');
  const trays = new Map<number, number[]>();
  weighedG.forEach((weight, index) => {
    const step = trayStep(weight, wantedG, toleranceG);
    trays.set(step, [...(trays.get(step) ?? []), index]);
  });
  return [...trays]
    .sort(([a], [b]) => a - b)
    .map(([step, pieces]) => ({ step, middleG: wantedG + step * 2 * toleranceG, pieces }));
}

/**
 * The tray of one weight: how many tray widths over the wanted weight.
 *
 * @example trayStep(10.3, 10, 0.2) // 1
 */
export function trayStep(weighedG: number, wantedG: number, toleranceG: number): number {
  return Math.round((weighedG - wantedG) / (2 * toleranceG)) + 0;
}
