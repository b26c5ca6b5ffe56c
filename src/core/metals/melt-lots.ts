import { sum } from '../numeric/sum';

export interface MeltedLot {
  readonly g: number;
  readonly composition: Readonly<Record<string, number>> | null;
  readonly densityGcm3: number;
  readonly shrinkLinear: number;
  readonly costPerKg: number | null;
}

export interface MeltedMetal {
  /** Null where one lot's is not known. */
  readonly composition: Readonly<Record<string, number>> | null;
  readonly densityGcm3: number;
  readonly shrinkLinear: number;
  /** Null where one lot's is not known. */
  readonly costPerKg: number | null;
}

/**
 * What lots become when melted together: shares, shrink and cost by mass, volumes added. Masses in g.
 *
 * Throws where nothing is melted.
 *
 * @example meltLots([{ g: 1, composition: { Pb: 1 }, densityGcm3: 10, shrinkLinear: 0, costPerKg: 2 }]).costPerKg // 2
 */
export function meltLots(lots: readonly MeltedLot[]): MeltedMetal {
  const totalG = sum(lots.map(({ g }) => g));
  if (!(totalG > 0)) throw new RangeError('meltLots requires some metal');
  const byMass = (of: (lot: MeltedLot) => number) => sum(lots.map((lot) => lot.g * of(lot))) / totalG;
  return {
    composition: meltedShares(lots),
    densityGcm3: totalG / sum(lots.map(({ g, densityGcm3 }) => g / densityGcm3)),
    shrinkLinear: byMass(({ shrinkLinear }) => shrinkLinear),
    costPerKg: lots.some(({ costPerKg }) => costPerKg === null)
      ? null
      : byMass(({ costPerKg }) => costPerKg ?? 0),
  };
}

/**
 * The mass shares of lots melted together; null where one lot's are not known, or nothing is melted.
 *
 * @example meltedShares([{ g: 1, composition: { Pb: 1 } }, { g: 3, composition: { Sn: 1 } }]) // { Pb: 0.25, Sn: 0.75 }
 */
export function meltedShares(
  lots: readonly Pick<MeltedLot, 'g' | 'composition'>[],
): Readonly<Record<string, number>> | null {
  const totalG = sum(lots.map(({ g }) => g));
  const known = lots.flatMap(({ g, composition }) => (composition ? [{ g, composition }] : []));
  if (!(totalG > 0) || known.length < lots.length) return null;
  const elements = [...new Set(known.flatMap(({ composition }) => Object.keys(composition)))];
  return Object.fromEntries(
    elements.map((element) => [
      element,
      sum(known.map(({ g, composition }) => g * (composition[element] ?? 0))) / totalG,
    ]),
  );
}
