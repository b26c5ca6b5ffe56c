import type { HoldStep, SkirtHold, TyingFacts } from './definition';
import { foldSteps, laySteps, trimmingSteps, trimStep } from './lay-steps';

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
      mistakes: ['bald-spot', 'off-center'],
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

function base({ counts }: TyingFacts): HoldStep {
  return {
    id: 'base',
    title: 'Lay a base of wraps each side of the keeper',
    how: 'The hook stands in the vise, shank level. The base keeps the skirt from slipping round.',
    count: { of: 'base-wraps', times: counts['base-wraps'] ?? 8 },
    shows: { layers: 0, as: 'tied' },
    mistakes: ['thread-slack'],
  };
}

function cement({ layers }: TyingFacts): HoldStep {
  return {
    id: 'cement',
    title: 'Seal the wraps with cement',
    how: 'A thin coat all round on the thread alone. Hang it up to dry.',
    count: null,
    shows: { layers: layers.length, as: 'rest' },
    mistakes: ['glue-crept'],
  };
}

const WRAP_COUNTS = [
  { id: 'base-wraps', usual: 8, most: 30 },
  { id: 'spread-wraps', usual: 1, most: 6 },
  { id: 'tight-wraps', usual: 10, most: 40 },
] as const;

const COMMON = {
  tools: ['vise', 'bobbin', 'fine scissors', 'comb'],
  materials: ['tying thread', 'head cement'],
  takesCollar: false,
  suits: ['tab', 'hair', 'fur'],
  drying: { what: 'Cement', minutes: 20 },
  checks: CHECKS,
  usualSeconds: 300,
  cautions: CAUTIONS,
} as const;

export const threadHitches: SkirtHold = {
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
    {
      id: 'hitch',
      title: 'Half hitches behind the head',
      how: 'A loop over the eye, pulled down tight, each beside the last.',
      count: { of: 'hitches', times: facts.counts.hitches ?? 2 },
      shows: { layers: facts.layers.length, as: 'tied' },
      mistakes: ['thread-slack'],
    },
    ...foldSteps(facts),
    cement(facts),
    trimStep(facts),
  ],
};

export const threadWhip: SkirtHold = {
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
    cement(facts),
    trimStep(facts),
  ],
};
