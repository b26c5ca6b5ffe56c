import { buildWeight } from './build/weight';
import type { Calculation } from './calculation';
import { cavityPredict } from './cavity/predict';
import { hookOrder } from './hook/order';
import { metalDensity } from './metal/density';
import { pourBudget } from './pour/budget';
import { pourPlan } from './pour/plan';
import { stockBuildable } from './stock/buildable';
import { stockShortages } from './stock/shortages';
import { unitsParse } from './units/parse';

/** Every published calculation, in the order of the work. */
export const CALCULATIONS: readonly Calculation[] = [
  unitsParse,
  hookOrder,
  metalDensity,
  cavityPredict,
  pourPlan,
  pourBudget,
  stockShortages,
  stockBuildable,
  buildWeight,
];

/** The calculation of this name, if there is one. */
export function findCalculation(name: string): Calculation | undefined {
  return CALCULATIONS.find((calculation) => calculation.name === name);
}
