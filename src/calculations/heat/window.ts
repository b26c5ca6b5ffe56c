import { z } from 'zod';
import { dipWindow } from '@/core/heat/dip-window';
import { defineCalculation } from '../calculation';
import { celsius, positive } from '../fields';

export const heatWindow = defineCalculation({
  name: 'heat.window',
  summary: 'How long after leaving the heat a head still fuses powder.',
  sources: ["Newton's law, cooling: t = m c / (h A) ln((Trelease - Tambient) / (Tfuse - Tambient))"],
  input: z.strictObject({
    massG: positive,
    specificHeatJkgK: positive,
    areaCm2: positive,
    hWm2K: positive.describe('heat transfer to the still air'),
    ambientC: celsius,
    releaseC: celsius,
    fuseC: celsius,
  }),
  output: z.strictObject({ seconds: positive }),
  example: {
    massG: 10,
    specificHeatJkgK: 129,
    areaCm2: 4,
    hWm2K: 15,
    ambientC: 20,
    releaseC: 220,
    fuseC: 120,
  },
  run: dipWindow,
});
