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
  const known = lots.flatMap((lot) => (lot.composition ? [{ g: lot.g, composition: lot.composition }] : []));
  const elements = [...new Set(known.flatMap(({ composition }) => Object.keys(composition)))];
  return {
    composition:
      known.length === lots.length
        ? Object.fromEntries(
            elements.map((element) => [
              element,
              sum(known.map(({ g, composition }) => g * (composition[element] ?? 0))) / totalG,
            ]),
          )
        : null,
    densityGcm3: totalG / sum(lots.map(({ g, densityGcm3 }) => g / densityGcm3)),
    shrinkLinear: byMass(({ shrinkLinear }) => shrinkLinear),
    costPerKg: lots.some(({ costPerKg }) => costPerKg === null)
      ? null
      : byMass(({ costPerKg }) => costPerKg ?? 0),
  };
}
