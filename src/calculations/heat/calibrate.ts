import { z } from 'zod';
import { calibrateHeat } from '@/core/heat/calibrate-heat';
import { defineCalculation } from '../calculation';
import { celsius, positive } from '../fields';

export const heatCalibrate = defineCalculation({
  name: 'heat.calibrate',
  summary: 'The heat transfer of a source, from one head that was timed in it.',
  sources: ["Newton's law solved for h: h = m c / (A t) ln((Tsource - Tstart) / (Tsource - Ttarget))"],
  input: z.strictObject({
    massG: positive,
    specificHeatJkgK: positive,
    areaCm2: positive,
    sourceC: celsius,
    startC: celsius,
    targetC: celsius,
    seconds: positive.describe('from start to target'),
  }),
  output: z.strictObject({ hWm2K: positive }),
  example: {
    massG: 10,
    specificHeatJkgK: 129,
    areaCm2: 4,
    sourceC: 230,
    startC: 20,
    targetC: 200,
    seconds: 104.6,
  },
  run: calibrateHeat,
});
