import type { HoldStep, SkirtHold, TyingFacts } from './definition';
import { accentSteps, foldSteps, laySteps, trimmingSteps, trimStep } from './lay-steps';
import { baseStep, cementStep, hitchStep } from './thread-steps';

const CHECKS = [
  'Opens all round when blown on',
  'Thread tight, no loose turn',
  'No strand caught in the bend',
  'Eye and point free of cement',
];
const CAUTIONS = ['Cement and thinner: vent the bench, no flame, no cement on the skin.'];

function wraps(facts: TyingFacts): HoldStep[] {
  const all = { layers: facts.layers.length, as: 'tied' as const };
  return [
    {
      id: 'spread',
      title: 'Wrap loosely, so that they spread',
      how: 'A loose wrap lets the strands walk round the shank by themselves. Help them with a thumb.',
      count: { of: 'spread-wraps', times: facts.counts['spread-wraps'] ?? 1 },
      shows: all,
      mistakes: ['thin-side', 'off-center'],
    },
    {
      id: 'tight',
      title: 'Wrap tight',
      how: 'Each wrap beside the last, the thread pulled until it sings, none over the eye.',
      count: { of: 'tight-wraps', times: facts.counts['tight-wraps'] ?? 10 },
      shows: all,
      mistakes: ['thread-slack'],
    },
  ];
}

function base(facts: TyingFacts): HoldStep {
  return baseStep(
    facts,
    'Lay a base of wraps each side of the keeper',
    'The hook stands in the vise, shank level. Let the wraps cross over the neck, forth and back: the base keeps the skirt from slipping round.',
  );
}

const WRAP_COUNTS = [
  { id: 'base-wraps', usual: 8, most: 30 },
  { id: 'spread-wraps', usual: 1, most: 6 },
  { id: 'tight-wraps', usual: 10, most: 40 },
] as const;

const COMMON = {
  isOnHead: true,
  tools: ['vise', 'bobbin', 'fine scissors', 'comb'],
  materials: ['tying thread', 'head cement'],
  takesCollar: false,
  suits: ['tab', 'hair', 'fur'],
  drying: { what: 'Cement', minutes: 20 },
  checks: CHECKS,
  usualSeconds: 300,
  cautions: CAUTIONS,
} as const;

export const threadHitches: SkirtHold<'thread-hitches'> = {
  ...COMMON,
  id: 'thread-hitches',
  name: 'Thread, half hitches',
  how: 'Tied in a vise: a base, tabs laid one by one, one loose wrap to spread them, tight wraps, half hitches, cement.',
  counts: [...WRAP_COUNTS, { id: 'hitches', usual: 2, most: 3 }],
  steps: (facts) => [
    ...trimmingSteps(facts),
    base(facts),
    ...laySteps(facts, 'Lay', 'Pinch it to the shank under the thread.', ['off-center', 'in-the-bend']),
    ...wraps(facts),
    hitchStep(facts, 2, 'tied'),
    ...foldSteps(facts),
    cementStep(facts),
    trimStep(facts),
    ...accentSteps(facts),
  ],
};

export const threadWhip: SkirtHold<'thread-whip'> = {
  ...COMMON,
  id: 'thread-whip',
  name: 'Thread, whip finish',
  how: 'As with half hitches, but ended with a whip: turns laid over the thread’s own end, which is then pulled in.',
  counts: [...WRAP_COUNTS, { id: 'knots', usual: 5, most: 12 }],
  steps: (facts) => [
    ...trimmingSteps(facts),
    base(facts),
    ...laySteps(facts, 'Lay', 'Pinch it to the shank under the thread.', ['off-center', 'in-the-bend']),
    ...wraps(facts),
    {
      id: 'whip',
      title: 'Whip the end down',
      how: 'Turn by turn over the thread’s own end, then pull the end in and cut it.',
      count: { of: 'knots', times: facts.counts.knots ?? 5 },
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['thread-slack'],
    },
    ...foldSteps(facts),
    cementStep(facts),
    trimStep(facts),
    ...accentSteps(facts),
  ],
};
