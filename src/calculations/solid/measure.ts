import { z } from 'zod';
import { measureSolid } from '@/core/solids/measure-solid';
import { defineCalculation } from '../calculation';
import { positive } from '../fields';
import { solid } from './fields';

export const solidMeasure = defineCalculation({
  name: 'solid.measure',
  summary: 'Volume and center of volume of a body made of turned and plain parts.',
  sources: ['Closed forms of each shape; a turned profile as frustums: dV = pi dz (a2 + ab + b2) / 3'],
  input: z.strictObject({ solid }),
  output: z.strictObject({ volumeCm3: positive, centroidZMm: z.number() }),
  example: {
    solid: {
      parts: [
        { shape: 'cylinder', diameterMm: 3, heightMm: 8, count: 2 },
        { shape: 'cylinder', diameterMm: 30, heightMm: 6, zMm: 8 },
      ],
    },
  },
  run: (input) => measureSolid(input.solid),
});
