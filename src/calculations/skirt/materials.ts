import { z } from 'zod';
import { skirtMaterials } from '@/core/skirts/skirt-materials';
import { defineCalculation } from '../calculation';
import { count, notNegative, text } from '../fields';

export const skirtMaterialsCalculation = defineCalculation({
  name: 'skirt.materials',
  summary: 'What a run of skirts takes: strands, tabs to pull, what is left.',
  sources: ['tabs exact = skirts x tabs; tabs to pull = the next whole; tips = 2 x strands'],
  input: z.strictObject({
    layers: z
      .array(
        z.union([
          z.strictObject({ material: text, tabs: notNegative.describe('halves and quarters too') }),
          z.strictObject({ material: text, strands: count }),
        ]),
      )
      .min(1),
    strandsPerTab: z.record(text, z.int().min(1)).describe('for every material of the layers'),
    skirts: count,
  }),
  output: z.strictObject({
    materials: z.array(
      z.strictObject({
        material: text,
        strandsEach: notNegative,
        tabsExact: notNegative,
        tabsToPull: count,
        leftoverStrands: notNegative,
      }),
    ),
    strandsEach: notNegative,
    tipsEach: notNegative,
    tabsEach: notNegative,
  }),
  example: {
    layers: [
      { material: 'reed green', tabs: 1 },
      { material: 'ember fleck', tabs: 0.25 },
    ],
    strandsPerTab: { 'reed green': 20, 'ember fleck': 20 },
    skirts: 10,
  },
  run: ({ layers, strandsPerTab, skirts }) => {
    const outcome = skirtMaterials(layers, strandsPerTab, skirts);
    return outcome.ok
      ? { ok: true, value: { ...outcome.value, materials: [...outcome.value.materials] } }
      : outcome;
  },
});
