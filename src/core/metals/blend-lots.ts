import { solveIntegerProgram, type ProgramRow, type ProgramVariable } from '../numeric/integer-program';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

export interface BlendLot {
  readonly id: string;
  /** Mass shares by element, sum 1. */
  readonly composition: Readonly<Record<string, number>>;
  readonly availableG: number;
  readonly costPerKg: number;
}

/** The share an element may have; a missing bound is open. */
export interface ElementBand {
  readonly min?: number | undefined;
  readonly max?: number | undefined;
}

export interface Blend {
  readonly feasible: boolean;
  /** What to take of each lot, g; lots that give nothing are left out. */
  readonly picks: readonly { readonly id: string; readonly g: number }[];
  readonly composition: Readonly<Record<string, number>>;
  readonly cost: number;
  /** How far the worst element lies out of its band, a share; 0 where all lie in. */
  readonly worstMissShare: number;
}

/** A miss under this is the solver's rounding. */
const MISS_NOISE = 1e-9;
const GRAMS_PER_KG = 1000;

/**
 * The cheapest mix of `amountG` whose composition lies in every band of `target` and that overdraws no lot. Where
 * none exists: the mix whose worst miss out of a band is smallest, and the cheapest of these. Two linear programs
 * over the lots' shares of the mix: least worst miss, then least cost at that miss.
 *
 * Problems: `metal.no-lots`, `metal.same-lot-twice`, `metal.band-crossed`, `metal.too-little-stock`.
 *
 * @example
 * // 1 kg with 3 to 5 % antimony of soft lead and type metal: the least type metal where that is the dearer
 * await blendLots([soft, type], { Sb: { min: 0.03, max: 0.05 } }, 1000)
 */
export async function blendLots(
  lots: readonly BlendLot[],
  target: Readonly<Record<string, ElementBand | undefined>>,
  amountG: number,
): Promise<Outcome<Blend>> {
  if (lots.length === 0) return fail('metal.no-lots', {}, ['lots']);
  const twice = lots.findIndex((lot, index) => lots.findIndex(({ id }) => id === lot.id) < index);
  const again = lots[twice];
  if (again) return fail('metal.same-lot-twice', { id: again.id }, ['lots', twice, 'id']);
  const bands = Object.entries(target).flatMap(([element, band]) => (band ? [{ element, ...band }] : []));
  for (const { element, min = 0, max = 1 } of bands) {
    if (min > max) return fail('metal.band-crossed', { element, min, max }, ['target', element]);
  }
  const availableG = sum(lots.map((lot) => lot.availableG));
  if (availableG < amountG * (1 - MISS_NOISE)) {
    return fail('metal.too-little-stock', { availableG, amountG }, ['amountG']);
  }

  // Stock that falls short by rounding alone is taken whole.
  const takenG = Math.min(amountG, availableG);
  const uppers = lots.map((lot) => Math.min(1, lot.availableG / takenG));
  const leastMiss = bands.length === 0 ? 0 : await solveMiss(lots, uppers, bands);
  const feasible = leastMiss <= MISS_NOISE;
  const shares = await solveCost(lots, uppers, bands, feasible ? 0 : leastMiss);
  const picks = lots.flatMap((lot, index) => {
    const g = (shares[index] ?? 0) * amountG;
    return g > amountG * MISS_NOISE ? [{ id: lot.id, g }] : [];
  });
  const composition = mixOf(lots, shares);
  return done({
    feasible,
    picks,
    composition,
    cost: sum(lots.map((lot, index) => ((shares[index] ?? 0) * amountG * lot.costPerKg) / GRAMS_PER_KG)),
    worstMissShare: feasible ? 0 : worstMiss(composition, bands),
  });
}

type Band = ElementBand & { readonly element: string };

function bandRows(lots: readonly BlendLot[], bands: readonly Band[], slack: number, missAt?: number) {
  return bands.flatMap(({ element, min, max }): ProgramRow[] => {
    const terms = lots.flatMap((lot, index) => {
      const share = lot.composition[element] ?? 0;
      return share > 0 ? [[index, share] as const] : [];
    });
    const withMiss = (sign: 1 | -1) => (missAt === undefined ? terms : [...terms, [missAt, sign] as const]);
    return [
      ...(min === undefined ? [] : [{ terms: withMiss(1), lower: min - slack, upper: Infinity }]),
      ...(max === undefined ? [] : [{ terms: withMiss(-1), lower: -Infinity, upper: max + slack }]),
    ];
  });
}

function wholeMix(lots: readonly BlendLot[]): ProgramRow {
  return { terms: lots.map((_, index) => [index, 1] as const), lower: 1, upper: 1 };
}

async function solveMiss(lots: readonly BlendLot[], uppers: readonly number[], bands: readonly Band[]) {
  const unknowns = uppers.map((upper): ProgramVariable => ({ cost: 0, lower: 0, upper, whole: false }));
  const miss: ProgramVariable = { cost: 1, lower: 0, upper: 1, whole: false };
  const answer = await solveIntegerProgram(
    [...unknowns, miss],
    [wholeMix(lots), ...bandRows(lots, bands, 0, lots.length)],
  );
  if (answer.status !== 'optimal') throw new Error(`blendLots requires a least miss; it is ${answer.status}`);
  return Math.max(0, answer.values[lots.length] ?? 0);
}

async function solveCost(
  lots: readonly BlendLot[],
  uppers: readonly number[],
  bands: readonly Band[],
  miss: number,
): Promise<readonly number[]> {
  // Costs as shares of the dearest keep the solver's tolerances meaningful for any currency.
  const dearest = Math.max(...lots.map((lot) => lot.costPerKg), 1e-300);
  const unknowns = lots.map((lot, index): ProgramVariable => ({
    cost: lot.costPerKg / dearest,
    lower: 0,
    upper: uppers[index] ?? 0,
    whole: false,
  }));
  for (const slack of [miss, miss + MISS_NOISE]) {
    const answer = await solveIntegerProgram(unknowns, [wholeMix(lots), ...bandRows(lots, bands, slack)]);
    if (answer.status === 'optimal') return answer.values.map((share) => Math.max(0, share));
  }
  throw new Error('blendLots requires a mix at the least miss');
}

function mixOf(lots: readonly BlendLot[], shares: readonly number[]): Record<string, number> {
  const elements = [...new Set(lots.flatMap((lot) => Object.keys(lot.composition)))];
  const mixed = elements.map(
    (element) =>
      [
        element,
        sum(lots.map((lot, index) => (shares[index] ?? 0) * (lot.composition[element] ?? 0))),
      ] as const,
  );
  return Object.fromEntries(mixed.filter(([, share]) => share > 0));
}

function worstMiss(composition: Readonly<Record<string, number>>, bands: readonly Band[]): number {
  const misses = bands.map(({ element, min = 0, max = 1 }) => {
    const share = composition[element] ?? 0;
    return Math.max(min - share, share - max, 0);
  });
  return Math.max(0, ...misses);
}
