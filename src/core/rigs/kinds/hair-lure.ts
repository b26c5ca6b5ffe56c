import { PACKED } from '../../skirts/bundle-strands';
import type { CardStep } from '../../card-runs/card-step';
import type { RigFacts, RigKind, RigQuestion } from './definition';
import { itemOf, layOutSteps, put, step, want, wanted } from './usual';

type Picks = RigQuestion['picks'];
const hasBulb = ({ bulb }: Picks) => bulb === 'yes';
const isBeside = ({ colors }: Picks) => colors === 'beside';
const hasTwo = ({ colors }: Picks) => colors === 'two' || colors === 'beside';

const BUNDLE = want('bundleMm', 'Bundle, pinched', 'mm', 6, 30, 1);
const HAIR = want('hairMm', 'Trimmed to', 'mm', 60, 300, 10);
const SPARE = want('spareMm', 'Trimmed off', 'mm', 15, 100, 0);
const WRAPS = want('wraps', 'Wraps of floss', 'pieces', 14, 80, 0);
const KNOTS = want('knots', 'Overhand knots', 'pieces', 4, 20, 1);

/** Every knot takes so much floss, and one holds on to so much. */
const KNOT_MM = 12;
const TAIL_MM = 160;
/** Hair weighs so much. Source: keratin, 1.3 g/cm3. */
const HAIR_GCM3 = 1.3;
/** What a hair lure is usually tied on, g. */
const USUAL_HEAD_G = 5;

/** Which share of the hair lies forward of the knots, and what a step calls it. */
const FORWARD: Readonly<Record<string, { readonly share: number; readonly says: string }>> = {
  none: { share: 0, says: 'none' },
  eighth: { share: 1 / 8, says: 'an eighth' },
  quarter: { share: 1 / 4, says: 'a quarter' },
  third: { share: 1 / 3, says: 'a third' },
};
const forwardOf = ({ forward }: Picks) => FORWARD[forward ?? 'none'] ?? { share: 0, says: 'none' };

/**
 * How long hair is cut: what lies back when it is trimmed, what is trimmed off, and what lies forward of the knots.
 *
 * @example hairLength({ hairMm: 60, spareMm: 15 }, { forward: 'quarter' }) // 100
 */
export function hairLength(wants: RigQuestion['wants'], picks: Picks): number {
  return (wanted({ wants }, HAIR) + wanted({ wants }, SPARE)) / (1 - forwardOf(picks).share);
}

/** Hair in a bundle of a pinched thickness, cut so long, g. */
export function bundleGrams(bundleMm: number, cutMm: number): number {
  return ((Math.PI / 4) * bundleMm ** 2 * PACKED * cutMm * HAIR_GCM3) / 1000;
}

/** Floss for so many wraps round a bundle and a knot every few, mm. */
export function flossLength(bundleMm: number, wraps: number, knots: number): number {
  return Math.round(Math.PI * bundleMm * wraps + KNOT_MM * knots + TAIL_MM);
}

/** A bundle of hair tied round a head with floss and overhand knots. */
export const hairLure: RigKind<'hair-lure'> = {
  id: 'hair-lure',
  name: 'Hair lure',
  how: 'A bundle as thick as you like, floss in the head’s groove, overhand knots, trimmed.',
  wants: [BUNDLE, HAIR, SPARE, WRAPS, KNOTS],
  picks: [
    {
      id: 'colors',
      label: 'Colors',
      options: [
        { value: 'one', label: 'one' },
        { value: 'two', label: 'two, back and belly' },
        { value: 'beside', label: 'two, side by side' },
      ],
    },
    {
      id: 'forward',
      label: 'Forward of the knots',
      options: [
        { value: 'none', label: 'none' },
        { value: 'eighth', label: 'an eighth' },
        { value: 'quarter', label: 'a quarter' },
        { value: 'third', label: 'a third' },
      ],
    },
    {
      id: 'bulb',
      label: 'Bulb skirt',
      options: [
        { value: 'no', label: 'without' },
        { value: 'yes', label: 'with' },
      ],
    },
  ],
  places: [
    {
      id: 'head',
      name: 'Head or weight',
      takes: ['weight', 'hook'],
      isNeeded: true,
      wish: () => ({
        size: 'massG',
        value: USUAL_HEAD_G,
        how: 'nearest',
        fits: ({ gauge }) => gauge.as === 'weight',
      }),
    },
    {
      id: 'bulb',
      name: 'Bulb skirt',
      takes: ['skirt', 'trailer'],
      isNeeded: true,
      when: hasBulb,
      wish: ({ wants }) => ({ size: 'lengthMm', value: wanted({ wants }, HAIR), how: 'nearest' }),
    },
    {
      id: 'floss',
      name: 'Floss',
      takes: ['line'],
      line: ['floss'],
      isNeeded: true,
      isIdle: true,
      wish: () => null,
    },
    { id: 'hair', name: 'Hair', takes: ['hair'], isNeeded: true, wish: () => null },
    {
      id: 'belly',
      name: 'Second hair',
      takes: ['hair'],
      isNeeded: true,
      when: hasTwo,
      wish: ({ chosen: { hair } }) => ({
        size: 'lengthMm',
        value: hair?.gauge.sizes.lengthMm ?? 100,
        how: 'nearest',
        fits: ({ binId }) => binId !== hair?.binId,
        isStrict: true,
      }),
    },
  ],
  lay: (question) => {
    const { floss } = question.chosen;
    const { share } = forwardOf(question.picks);
    // So much of it lies forward of where it is tied.
    const forwardMm = Math.round(share * hairLength(question.wants, question.picks) * 10) / 10;
    const hairLay = { lengthMm: wanted(question, HAIR), atMm: forwardMm > 0 ? forwardMm : null };
    const lengthMm = flossLength(wanted(question, BUNDLE), wanted(question, WRAPS), wanted(question, KNOTS));
    return [
      ...put(question, 'head'),
      ...(hasBulb(question.picks) && question.chosen.head ? put(question, 'bulb', { on: 'head' }) : []),
      ...(floss ? [itemOf('floss', floss, { lengthMm, ends: ['plain', 'plain'] })] : []),
      ...put(question, 'hair', hairLay),
      ...(hasTwo(question.picks) && question.chosen.hair
        ? put(question, 'belly', {
            ...hairLay,
            on: 'hair',
            id: isBeside(question.picks) ? 'beside' : 'belly',
          })
        : []),
    ];
  },
  judge: () => [],
  tools: ['comb', 'sharp scissors', 'sealing iron', 'vise'],
  checks: ['No hair pulls out', 'Even all round', 'Swims straight'],
  reasons: ['hair pulls out', 'uneven round the head', 'too short or too long', 'swims crooked'],
  cautions: ['Sealing hair ends smells and smokes: ventilate. Cement: read its sheet.'],
  usualSeconds: 480,
  steps: (facts) => {
    const { hair = 'hair', belly } = facts.names;
    const { picks, wants } = facts;
    const { share, says } = forwardOf(picks);
    const bundle = facts.mm(wanted({ wants }, BUNDLE));
    const each = belly ? `Half of ${bundle}` : bundle;
    const cut = facts.mm(hairLength(wants, picks));
    return [
      step(
        'bundle',
        `Pinch off a bundle of ${hair}`,
        `${each} across when pinched, ${cut} long; comb the short ones out.`,
      ),
      ...(belly
        ? [
            step(
              'belly',
              picks.colors === 'beside'
                ? `As much of ${belly} beside it`
                : `As much of ${belly} for the belly`,
              picks.colors === 'beside'
                ? 'Half to the left, half to the right: both together as thick as one.'
                : 'Half above, half below: both together as thick as one.',
            ),
          ]
        : []),
      step(
        'seal',
        'Seal the bundle’s end, then cut it square',
        'Sealed first, cut after: no hair falls out.',
        ['Burnt hard: cut it back, seal cooler.'],
      ),
      ...layOutSteps(facts),
      ...bulbSteps(facts),
      step(
        'lay',
        'Lay the hair round it',
        share > 0
          ? `Even all round, ${says} of its length forward of the groove: it stands up behind the head.`
          : 'Even all round, its sealed end at the groove.',
      ),
      ...tieSteps(facts),
      {
        ...step('cement', 'A drop of cement on the knots', 'Thin, round all of it.'),
        dries: { what: 'Hair lure cement', minutes: 20 },
      },
      step(
        'trim',
        `Trim it to ${facts.mm(wanted({ wants }, HAIR))}`,
        'Behind the knots; combed down, scissors along the hair, not across.',
      ),
    ];
  },
};

/** A bulb goes on before the hair; its tip is cut once it sits. */
function bulbSteps({ names: { bulb, head = 'the head' } }: RigFacts): CardStep[] {
  if (!bulb) return [];
  return [
    step(
      'bulb',
      `Wet ${head} and pull ${bulb} over it`,
      'Dry it sticks half way. It fills the hair from inside.',
    ),
    step('bulb-tip', 'Cut the tip of the bulb open', 'Just enough that the eye stands free.'),
  ];
}

/** Wraps in the groove, where the maker lays any, then knots. */
function tieSteps({ names: { head = 'the head', bulb, floss = 'floss' }, wants }: RigFacts): CardStep[] {
  const wraps = wanted({ wants }, WRAPS);
  return [
    ...(wraps > 0
      ? [
          step(
            'wrap',
            `Wind ${floss} round ${bulb ?? head} ${wraps} times`,
            'In its groove, evenly, each turn beside the last.',
          ),
        ]
      : []),
    step(
      'knots',
      'Overhand knots, turning the lure each time',
      `${wraps > 0 ? '' : `Of ${floss}, into the groove. `}Pull each down before the next; some extra at the end.`,
      ['All knots on one side: it tilts. Turn it a third each time.'],
      { of: 'knots', times: wanted({ wants }, KNOTS) },
    ),
  ];
}
