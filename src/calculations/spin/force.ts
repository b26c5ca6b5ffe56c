import { z } from 'zod';
import { spinForce as forceOf } from '@/core/pours/spin-force';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive } from '../fields';

export const spinForce = defineCalculation({
  name: 'spin.force',
  summary: 'How hard the metal in a spun disc pushes its halves apart, and whether the clamp holds.',
  sources: [
    'p = rho omega^2 (r^2 - r0^2)/2, a liquid turning as a body; parting = sum(p A count), 1 kgf = 9.80665 N',
  ],
  input: z.strictObject({
    densityGcm3: positive,
    rpm: notNegative,
    poolRadiusMm: notNegative.describe('where the pool of metal in the middle ends'),
    cavities: z
      .array(
        z.strictObject({
          radiusMm: positive.describe('from the axis to the cavity’s outermost'),
          projectedCm2: positive.describe('what one shows to the parting plane'),
          count,
        }),
      )
      .min(1),
    clampKgf: notNegative,
  }),
  output: z.strictObject({
    cavities: z.array(z.strictObject({ pressureKpa: notNegative })),
    partingKgf: notNegative,
    holds: z.boolean(),
  }),
  example: {
    densityGcm3: 11,
    rpm: 600,
    poolRadiusMm: 20,
    cavities: [{ radiusMm: 80, projectedCm2: 2, count: 10 }],
    clampKgf: 300,
  },
  run: (question) => {
    const force = forceOf(question);
    return force.ok ? done({ ...force.value, cavities: [...force.value.cavities] }) : force;
  },
});
