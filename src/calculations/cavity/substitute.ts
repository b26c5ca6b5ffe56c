import { z } from 'zod';
import { findSubstitutes } from '@/core/cavities/find-substitutes';
import { defineCalculation } from '../calculation';
import { castMetal, embeddedPart, notNegative, positive, share, text } from '../fields';

export const cavitySubstitute = defineCalculation({
  name: 'cavity.substitute',
  summary: 'Which cavities make a weight in which metals, nearest first.',
  sources: ['cavity.predict for each pair; offShare = (finished - target) / target'],
  input: z.strictObject({
    cavities: z.array(
      z.strictObject({ id: text, cavityVolumeCm3: positive, embedded: z.array(embeddedPart) }),
    ),
    metals: z.array(z.strictObject({ id: text, ...castMetal.shape })),
    targetG: positive,
    toleranceShare: share,
  }),
  output: z.strictObject({
    matches: z.array(
      z.strictObject({ cavityId: text, metalId: text, finishedG: notNegative, offShare: z.number() }),
    ),
  }),
  example: {
    cavities: [
      { id: 'C3', cavityVolumeCm3: 0.91, embedded: [] },
      { id: 'C4', cavityVolumeCm3: 1.28, embedded: [] },
    ],
    metals: [
      { id: 'lead', densityGcm3: 11.34, shrinkLinear: 0.0089 },
      { id: 'bismuth-tin', densityGcm3: 8.56, shrinkLinear: -0.0005 },
    ],
    targetG: 10,
    toleranceShare: 0.1,
  },
  run: ({ cavities, metals, targetG, toleranceShare }) => {
    const found = findSubstitutes(cavities, metals, targetG, toleranceShare);
    return found.ok ? { ok: true, value: { matches: found.value } } : found;
  },
});
