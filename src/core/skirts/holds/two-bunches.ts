import type { SkirtHold } from './definition';
import { accentSteps, laySteps, trimStep } from './lay-steps';
import { baseStep, cementStep, hitchStep } from './thread-steps';

export const twoBunches: SkirtHold<'two-bunches'> = {
  id: 'two-bunches',
  name: 'Hair and fur, two bunches',
  how: 'A bunch on top and one below, tips of one length, tied in a vise with even pull.',
  tools: ['vise', 'bobbin', 'stacker or a thimble', 'comb'],
  materials: ['tying thread', 'head cement'],
  counts: [
    { id: 'base-wraps', usual: 8, most: 30 },
    { id: 'tight-wraps', usual: 12, most: 40 },
    { id: 'hitches', usual: 3, most: 3 },
  ],
  isOnHead: true,
  takesCollar: false,
  suits: ['hair', 'fur'],
  drying: { what: 'Cement', minutes: 20 },
  checks: [
    'Tips of both bunches even',
    'Top and bottom as thick',
    'Thread tight, no loose turn',
    'No hair in the eye',
  ],
  usualSeconds: 360,
  cautions: [
    'Cement and thinner: vent the bench, no flame, no cement on the skin.',
    'Fur dust: a mask if it makes you cough.',
  ],
  steps: (facts) => [
    baseStep(
      facts,
      'Lay a base of wraps',
      'Close wraps from the keeper to the head; hair slips on bare wire.',
    ),
    ...laySteps(
      facts,
      'Tie in',
      'Even the tips in the stacker first. Two soft wraps, then pull: the same pull to the end, natural fur gives way.',
      ['uneven-tips', 'thread-slack', 'off-center'],
    ),
    {
      id: 'tight',
      title: 'Wrap tight over both',
      how: 'Cover the cut ends up to the head.',
      count: { of: 'tight-wraps', times: facts.counts['tight-wraps'] ?? 12 },
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['thread-slack'],
    },
    hitchStep(facts, 3, 'rest'),
    cementStep(facts),
    trimStep(facts),
    ...accentSteps(facts),
  ],
};
