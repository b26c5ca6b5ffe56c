import type { SkirtHold } from './definition';
import { accentSteps, foldSteps, laySteps, trimmingSteps, trimStep } from './lay-steps';

export const wire: SkirtHold<'wire'> = {
  id: 'wire',
  name: 'Soft wire',
  how: 'Turns of soft wire grip the tabs on the keeper; the ends are twisted and pressed flat.',
  tools: ['flat pliers', 'wire cutter', 'comb'],
  materials: ['soft wire'],
  counts: [{ id: 'wire-turns', usual: 4, most: 12 }],
  takesCollar: false,
  suits: ['tab', 'hair', 'fur'],
  drying: null,
  checks: [
    'Opens all round when blown on',
    'No wire end that pricks',
    'No strand caught in the bend',
    'Turns do not slip',
  ],
  usualSeconds: 180,
  cautions: ['Cut wire ends fly: hold them, wear glasses.'],
  steps: (facts) => [
    ...trimmingSteps(facts),
    ...laySteps(facts, 'Lay', 'Hold it to the keeper with a thumb.', ['off-center', 'in-the-bend']),
    {
      id: 'turns',
      title: 'Turn the wire round',
      how: 'Side by side, each pulled tight with the pliers.',
      count: { of: 'wire-turns', times: facts.counts['wire-turns'] ?? 4 },
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['thin-side', 'off-center'],
    },
    {
      id: 'twist',
      title: 'Twist the ends and press them flat',
      how: 'Three half twists, cut short, pressed down toward the head where no finger meets them.',
      count: null,
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: [],
    },
    ...foldSteps(facts),
    trimStep(facts),
    ...accentSteps(facts),
  ],
};
