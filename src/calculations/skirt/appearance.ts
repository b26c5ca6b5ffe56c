import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { skirtAppearance } from '@/core/skirts/skirt-appearance';
import { defineCalculation } from '../calculation';
import { count, positive, share, text } from '../fields';

const shares = z.array(z.strictObject({ material: text, share }));

export const skirtAppearanceCalculation = defineCalculation({
  name: 'skirt.appearance',
  summary: 'How much of each material shows at rest and when the skirt flares.',
  sources: ['cover of a layer = 1 - exp(-n w / (pi d)), strands lying where they fall'],
  input: z.strictObject({
    layers: z
      .array(z.strictObject({ material: text, strands: count }))
      .min(1)
      .describe('in tying order'),
    strandWidthMm: positive,
    collarDiameterMm: positive,
    foldedBack: z.boolean().describe('tied forward and folded back: the first tied lies outside'),
  }),
  output: z.strictObject({ rest: shares, flared: shares }),
  example: {
    layers: [
      { material: 'reed green', strands: 40 },
      { material: 'ember fleck', strands: 10 },
    ],
    strandWidthMm: 1,
    collarDiameterMm: 6,
    foldedBack: true,
  },
  run: ({ layers, strandWidthMm, collarDiameterMm, foldedBack }) => {
    const outcome = skirtAppearance(layers, strandWidthMm, collarDiameterMm, foldedBack);
    return outcome.ok ? done({ rest: [...outcome.value.rest], flared: [...outcome.value.flared] }) : outcome;
  },
});
