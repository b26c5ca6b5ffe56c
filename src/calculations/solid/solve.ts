import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { solveSolid } from '@/core/solids/solve-solid';
import { defineCalculation } from '../calculation';
import { castMetal, embeddedPart, notNegative, positive, text } from '../fields';
import { solid } from './fields';

type SolidInput = z.input<typeof solid>;

export const solidSolve = defineCalculation({
  name: 'solid.solve',
  summary: 'The scale or the one dimension that makes a cavity give a weight in a metal.',
  sources: ['cavity.predict turned round: V = (target - staying) / f + displaced; a root by halving'],
  input: z.strictObject({
    solid,
    metal: castMetal,
    embedded: z.array(embeddedPart),
    targetG: positive,
    vary: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('scale') }),
      z.strictObject({ kind: z.literal('field'), part: z.int().min(0), field: text }),
    ]),
  }),
  output: z.strictObject({ value: notNegative, solid, finishedG: notNegative }),
  example: {
    solid: { parts: [{ shape: 'cylinder', diameterMm: 30, heightMm: 5 }] },
    metal: { densityGcm3: 7.26, shrinkLinear: 0.0048 },
    embedded: [],
    targetG: 30,
    vary: { kind: 'field', part: 0, field: 'heightMm' },
  },
  run: (input) => {
    const solved = solveSolid(input.solid, input.metal, input.embedded, input.targetG, input.vary);
    return solved.ok ? done({ ...solved.value, solid: solved.value.solid as SolidInput }) : solved;
  },
});
