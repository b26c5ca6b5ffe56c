import { metalMelting } from './metal/melting';
import { cavityBand } from './cavity/band';
import { pourYield } from './pour/yield';
import { spinForce } from './spin/force';
import { shopSchedule } from './shop/schedule';
import { heatScale } from './heat/scale';
import { wireSweep } from './wire/sweep';
import { waterHold } from './water/hold';
import { waterFall } from './water/fall';
import { waterFallFit } from './water/fall-fit';
import { catchCompare } from './catch/compare';
import { floatShot } from './float/shot';
import { plasticDensity } from './plastic/density';
import { buyOrders } from './buy/orders';
import { buyPlan } from './buy/plan';
import { buildWeight } from './build/weight';
import { bladeRun } from './blade/run';
import type { Calculation } from './calculation';
import { cavityCalibrate } from './cavity/calibrate';
import { cavityPredict } from './cavity/predict';
import { cavitySubstitute } from './cavity/substitute';
import { catchRateCalculation } from './catch/rate';
import { costBreakEven } from './cost/break-even';
import { costRollup } from './cost/rollup';
import { cureCheck } from './cure/check';
import { cutPlan } from './cut/plan';
import { fitGapeCalculation } from './fit/gape';
import { fitTubeCalculation } from './fit/tube';
import { freezeTimeCalculation } from './freeze/time';
import { heatCalibrate } from './heat/calibrate';
import { heatTimeCalculation } from './heat/time';
import { heatWindow } from './heat/window';
import { hookOrder } from './hook/order';
import { meshMeasure } from './mesh/measure';
import { meshRest } from './mesh/rest';
import { metalBlend } from './metal/blend';
import { metalComposite } from './metal/composite';
import { metalDensity } from './metal/density';
import { metalIdentify } from './metal/identify';
import { plasticBatch } from './plastic/batch';
import { pourBalance } from './pour/balance';
import { pourBudget } from './pour/budget';
import { pourPlan } from './pour/plan';
import { powderUsageCalculation } from './powder/usage';
import { qualityChart } from './quality/chart';
import { rigStrength } from './rig/strength';
import { skirtAppearanceCalculation } from './skirt/appearance';
import { skirtMaterialsCalculation } from './skirt/materials';
import { skirtWrap } from './skirt/wrap';
import { solidMeasure } from './solid/measure';
import { solidSolve } from './solid/solve';
import { stockBuildable } from './stock/buildable';
import { stockMix } from './stock/mix';
import { stockShortages } from './stock/shortages';
import { unitsParse } from './units/parse';
import { waterSink } from './water/sink';
import { wireCheck } from './wire/check';

/** Every published calculation, in the order of the work. */
export const CALCULATIONS: readonly Calculation[] = [
  unitsParse,
  hookOrder,
  metalDensity,
  metalComposite,
  metalIdentify,
  metalBlend,
  metalMelting,
  cavityPredict,
  cavityCalibrate,
  cavitySubstitute,
  cavityBand,
  solidMeasure,
  solidSolve,
  meshMeasure,
  meshRest,
  pourPlan,
  pourBudget,
  pourBalance,
  pourYield,
  freezeTimeCalculation,
  spinForce,
  shopSchedule,
  heatTimeCalculation,
  heatCalibrate,
  heatScale,
  heatWindow,
  cureCheck,
  powderUsageCalculation,
  skirtMaterialsCalculation,
  skirtAppearanceCalculation,
  skirtWrap,
  stockShortages,
  wireCheck,
  wireSweep,
  buildWeight,
  bladeRun,
  fitGapeCalculation,
  fitTubeCalculation,
  rigStrength,
  cutPlan,
  stockBuildable,
  stockMix,
  buyPlan,
  buyOrders,
  costRollup,
  costBreakEven,
  qualityChart,
  waterSink,
  waterHold,
  waterFall,
  waterFallFit,
  catchRateCalculation,
  catchCompare,
  floatShot,
  plasticBatch,
  plasticDensity,
];

/** The calculation of this name, if there is one. */
export function findCalculation(name: string): Calculation | undefined {
  return CALCULATIONS.find((calculation) => calculation.name === name);
}
