import { z } from 'zod';
import { mixMetal } from '@/core/metals/mix-metal';
import { ELEMENTS } from '@/reference/elements';
import { defineCalculation } from '../calculation';
import { elementShares, positive, sharesOf } from '../fields';

export const metalDensity = defineCalculation({
  name: 'metal.density',
  summary: 'Density and specific heat of an alloy from its composition.',
  sources: [
    'Volumes add: density = 1 / sum(w / rho)',
    'Neumann and Kopp: specific heat = sum(w c)',
    'Element values: reference list, 20 C',
  ],
  input: z.strictObject({ composition: elementShares }),
  output: z.strictObject({ densityGcm3: positive, specificHeatJkgK: positive }),
  example: { composition: { Pb: 0.96, Sb: 0.04 } },
  run: ({ composition }) => mixMetal(sharesOf(composition), ELEMENTS),
});
