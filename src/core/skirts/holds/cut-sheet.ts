import type { SkirtHold } from './definition';
import { accentSteps, laySteps } from './lay-steps';

export const cutSheet: SkirtHold<'cut-sheet'> = {
  id: 'cut-sheet',
  name: 'Cut sheet round a head',
  how: 'A sheet cut into legs is stretched once round the head and butted on a glued strip; rather one leg short than overlapping.',
  tools: ['tape measure or a strip of paper', 'knife and rule', 'clip'],
  materials: ['glue strip', 'gel'],
  counts: [],
  takesCollar: false,
  suits: ['sheet'],
  drying: { what: 'Seam', minutes: 15 },
  checks: [
    'Seam butted, not overlapped',
    'Inner tails opposite each other',
    'Hangs true, does not spin when pulled',
    'No glue on the legs',
  ],
  usualSeconds: 600,
  cautions: ['Knife: cut away from the hand. Instant glue: no eyes, no fingers, vent the bench.'],
  steps: (facts) => [
    {
      id: 'measure',
      title: 'Measure round the head',
      how: 'Once round where the skirt is to sit. Count the legs that fit, none over.',
      count: null,
      shows: { layers: 0, as: 'tied' },
      mistakes: ['legs-overlap'],
    },
    {
      id: 'strip',
      title: 'Glue the strip on the head',
      how: 'Where the seam will lie, below, a thin line of gel.',
      count: null,
      shows: { layers: 0, as: 'tied' },
      mistakes: ['glue-crept'],
    },
    ...laySteps(facts, 'Wrap', 'Begin at the strip, stretch it evenly round, butt the ends on the strip.', [
      'legs-overlap',
      'bald-spot',
    ]),
    {
      id: 'tails',
      title: 'Set the inner tails opposite each other',
      how: 'By the angles of the recipe: what is on one side is on the other too, or it spins.',
      count: null,
      shows: { layers: facts.layers.length, as: 'rest' },
      mistakes: ['lopsided'],
    },
    {
      id: 'clip',
      title: 'Clip the seam until it holds',
      how: 'Then pull it through water once: it must run without turning.',
      count: null,
      shows: { layers: facts.layers.length, as: 'flared' },
      mistakes: ['lopsided', 'glue-crept'],
    },
    ...accentSteps(facts),
  ],
};
