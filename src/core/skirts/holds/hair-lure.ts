import type { SkirtHold } from './definition';
import { accentSteps, laySteps } from './lay-steps';

export const hairLure: SkirtHold<'hair-lure'> = {
  id: 'hair-lure',
  name: 'Hair lure, floss in the groove',
  how: 'A bundle as thick as asked is tied into the head’s groove with floss, an overhand knot at a time, the lure turned for each.',
  tools: ['floss on a bobbin', 'sharp scissors', 'lighter or sealing glue for bundle ends', 'comb'],
  materials: ['waxed floss', 'a drop of gel'],
  counts: [{ id: 'knots', usual: 8, most: 24 }],
  isOnHead: true,
  takesCollar: false,
  suits: ['hair', 'fur'],
  drying: { what: 'Gel on the floss', minutes: 10 },
  checks: [
    'As thick all round',
    'Floss down in the groove',
    'Knots locked, ends sealed',
    'Trimmed to length, square',
  ],
  usualSeconds: 480,
  cautions: ['Flame near hair and floss: water within reach, nothing wet with thinner near.'],
  steps: (facts) => [
    {
      id: 'seal',
      title: 'Seal the bundle’s ends before cutting',
      how: 'Wind a turn of floss round, a touch of glue, cut through the glued place: no hair is lost.',
      count: null,
      shows: { layers: 0, as: 'tied' },
      mistakes: ['uneven-tips'],
    },
    ...laySteps(facts, 'Lay', 'Spread it round the head over the groove.', ['thin-side', 'off-center']),
    {
      id: 'knots',
      title: 'An overhand knot, then turn the lure',
      how: 'Floss into the groove, one overhand knot, pull, turn the lure by a bit, the next. Two more at the end lock it.',
      count: { of: 'knots', times: (facts.counts.knots ?? 8) + 2 },
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['thread-slack', 'off-center'],
    },
    {
      id: 'gel',
      title: 'One drop of gel on the knots',
      how: 'One. It creeps.',
      count: null,
      shows: { layers: facts.layers.length, as: 'rest' },
      mistakes: ['glue-crept'],
    },
    {
      id: 'trim',
      title: 'Trim to length',
      how: 'Comb it straight, hold it together, cut once.',
      count: null,
      shows: { layers: facts.layers.length, as: 'flared' },
      mistakes: ['uneven-tips'],
    },
    ...accentSteps(facts),
  ],
};
