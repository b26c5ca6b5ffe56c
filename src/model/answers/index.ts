import { discHolds, shotUnder } from './forces';
import { heatAndCure } from './heat';
import { drillDepth, drilledWeight, otherMetal } from './molds';
import { payback, sinkTime, skirtFullness } from './others';
import type { QuickAnswer } from './quick-answer';
import { beadWeight, crimpFor, hookSet } from './rigs';

/** In the order of the work. A new one is a definition and its place here. */
export const QUICK_ANSWERS: readonly QuickAnswer[] = [
  otherMetal,
  drillDepth,
  drilledWeight,
  discHolds,
  heatAndCure,
  skirtFullness,
  beadWeight,
  hookSet,
  crimpFor,
  shotUnder,
  sinkTime,
  payback,
];
