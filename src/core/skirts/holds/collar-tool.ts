import type { SkirtHold } from './definition';
import { foldSteps, laySteps, trimmingSteps, trimStep } from './lay-steps';

export const collarTool: SkirtHold<'collar-tool'> = {
  id: 'collar-tool',
  name: 'Collar, tube tool',
  how: 'A rubber collar is stretched over a tube, the tabs are pulled half through, the collar is popped off onto them.',
  tools: ['tube tool with its hook', 'fine scissors', 'comb'],
  materials: ['rubber collar'],
  counts: [],
  takesCollar: true,
  suits: ['tab'],
  drying: null,
  checks: [
    'Opens all round when blown on',
    'Collar whole, no nick',
    'No strand caught in the bend',
    'Tips even',
  ],
  usualSeconds: 150,
  cautions: ['The hook stays in its vise or capped while the skirt goes on.'],
  steps: (facts) => [
    ...trimmingSteps(facts),
    {
      id: 'load',
      title: 'Load the collar on the tube',
      how: 'Wet it with a little spit or soap water and roll it up to the end of the tube.',
      count: null,
      shows: { layers: 0, as: 'tied' },
      mistakes: ['nicked-collar'],
    },
    ...laySteps(facts, 'Fold in', 'Hang it in the tool’s hook at its middle.', ['off-center']),
    {
      id: 'pull',
      title: `Pull them through to ${facts.heldAt}`,
      how: 'Draw all tabs through the tube together, to where the collar is to sit: the long side lies back.',
      count: null,
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['off-center'],
    },
    {
      id: 'pop',
      title: 'Pop the collar off the tube',
      how: 'Push it over the edge with a thumbnail, all at once.',
      count: null,
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['nicked-collar'],
    },
    ...foldSteps(facts),
    trimStep(facts),
  ],
};
