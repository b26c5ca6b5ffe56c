import { z } from 'zod';
import { weighInWater } from '@/core/metals/weigh-in-water';
import { defineCalculation } from '../calculation';
import { notNegative, positive } from '../fields';

export const metalIdentify = defineCalculation({
  name: 'metal.identify',
  summary: 'Density of unknown metal from its weight in air and hung in water.',
  sources: [
    'Archimedes, with the lift of the air: rho = (rhoWater - rhoAir) air / (air - submerged) + rhoAir',
    'Water: Kell, J. Chem. Eng. Data 20 (1975) 97; air 0.0012 g/cm3',
  ],
  input: z.strictObject({
    airG: positive,
    submergedG: notNegative.describe('hung in water, clear of the cup'),
    waterC: z.number().min(0).max(100).optional().describe('20 where absent'),
  }),
  output: z.strictObject({ densityGcm3: positive }),
  example: { airG: 182.4, submergedG: 165.8, waterC: 16 },
  run: ({ airG, submergedG, waterC = 20 }) => weighInWater(airG, submergedG, waterC),
});
