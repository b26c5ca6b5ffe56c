import type { SkirtHold } from './definition';
import { accentSteps, foldSteps, laySteps } from './lay-steps';

export const cutSheet: SkirtHold<'cut-sheet'> = {
  id: 'cut-sheet',
  name: 'Cut sheet round a head',
  how: 'A sheet cut into legs is stretched once round the head, bound with floss, its seam butted and closed by a glued strip; rather one leg short than overlapping.',
  tools: ['tape measure or a strip of paper', 'knife and rule', 'clip'],
  materials: ['waxed floss', 'glue strip', 'gel'],
  counts: [{ id: 'tight-wraps', usual: 8, most: 30 }],
  takesCollar: false,
  suits: ['sheet'],
  drying: { what: 'Seam', minutes: 15 },
  checks: ['Seam butted, not overlapped', 'Hangs true, does not spin when pulled', 'No glue on the legs'],
  usualSeconds: 600,
  cautions: ['Knife: cut away from the hand. Instant glue: no eyes, no fingers, vent the bench.'],
  steps: (facts) => {
    const { legs = 0, tails = 0, tailsSay = null, wholeSays = null } = facts.sheet ?? {};
    const all = facts.layers.length;
    return [
      {
        id: 'measure',
        title: legs > 0 ? `Measure round the head: ${legs} legs` : 'Measure round the head',
        how: 'Once round where the skirt is to sit: so many legs go round, none over.',
        count: null,
        shows: { layers: 0, as: 'tied' },
        mistakes: ['legs-overlap'],
      },
      ...(tails > 0
        ? [
            {
              id: 'tails',
              title: tails === 1 ? 'Set the inner tail' : `Set the ${tails} inner tails opposite each other`,
              how: `First of all${tailsSay === null ? ', by the angles of the recipe' : `: ${tailsSay}`}; what is on one side is on the other too, or it spins.`,
              count: null,
              shows: { layers: 0, as: 'tied' as const },
              mistakes: ['lopsided'] as const,
            },
          ]
        : []),
      {
        id: 'legs',
        title: legs > 0 ? `Cut ${legs} legs, their band left whole` : 'Cut the legs, their band left whole',
        how: `Along the rule, from the tips to ${wholeSays ?? 'the band'}: it holds them together on the head.`,
        count: null,
        shows: { layers: 0, as: 'tied' },
        mistakes: [],
      },
      ...laySteps(facts, 'Wrap', 'Stretch the band evenly round and butt its ends; nothing overlaps.', [
        'legs-overlap',
      ]),
      {
        id: 'floss',
        title: 'Bind the band with waxed floss',
        how: 'Turn beside turn, each pulled down; two half hitches at the end.',
        count: { of: 'tight-wraps', times: facts.counts['tight-wraps'] ?? 8 },
        shows: { layers: all, as: 'tied' },
        mistakes: ['thread-slack'],
      },
      // A sheet has no tabs to lay on a bald spot.
      ...foldSteps(facts).map((step) => ({ ...step, mistakes: ['in-the-bend'] as const })),
      {
        id: 'relief',
        title: 'Cut a relief beside the seam',
        how: 'A short cut each side of it, so that the seam lies flat and its legs stand like the others.',
        count: null,
        shows: { layers: all, as: 'rest' },
        mistakes: [],
      },
      {
        id: 'strip',
        title: 'Glue the strip over the seam',
        how: 'Last of all, a thin line of gel; clip it until it holds. Then pull it through water once: it must run without turning.',
        count: null,
        shows: { layers: all, as: 'flared' },
        mistakes: ['lopsided', 'glue-crept'],
      },
      ...accentSteps(facts),
    ];
  },
};
