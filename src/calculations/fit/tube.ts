import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { fitTube } from '@/core/rigs/fit-tube';
import { defineCalculation } from '../calculation';
import { positive } from '../fields';

export const fitTubeCalculation = defineCalculation({
  name: 'fit.tube',
  summary: 'Whether a tube goes over a knot or an eye and grips what is under it once shrunk.',
  sources: ['too small where supplied < over; too loose where supplied / shrink ratio > grip'],
  input: z.strictObject({
    suppliedMm: positive.describe('inside, as it comes'),
    shrinkRatio: z.number().min(1).describe('how many times smaller heat makes it; 1 for none'),
    overMm: positive.describe('the thickest it must go over'),
    gripMm: positive.describe('the thinnest it must grip once shrunk'),
  }),
  output: z.strictObject({ verdict: z.enum(['too-small', 'too-loose', 'fits']) }),
  example: { suppliedMm: 3.2, shrinkRatio: 2, overMm: 2.6, gripMm: 1.8 },
  run: (question) => done({ verdict: fitTube(question) }),
});
