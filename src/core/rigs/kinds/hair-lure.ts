import type { RigKind } from './definition';
import { itemOf, layOutSteps, put, step, want, wanted } from './usual';

const BUNDLE = want('bundleMm', 'Bundle, pinched', 'mm', 6, 30, 1);
const HAIR = want('hairMm', 'Trimmed to', 'mm', 60, 300, 10);
const WRAPS = want('wraps', 'Wraps of floss', 'pieces', 14, 80, 4);
const KNOTS = want('knots', 'Overhand knots', 'pieces', 4, 20, 1);

/** Every knot takes so much floss, and one holds on to so much. */
const KNOT_MM = 12;
const TAIL_MM = 160;
/** A pinched bundle is hair to this share; hair weighs so much. Source: keratin 1.3 g/cm3; typical packing. */
const PACKED_SHARE = 0.65;
const HAIR_GCM3 = 1.3;
/** What a hair lure is usually tied on, g. */
const USUAL_HEAD_G = 5;
/** Cut longer, trimmed when it is tied. */
const SPARE_MM = 15;

/** Hair in a bundle of a pinched thickness, cut with what is trimmed off, g. */
export function bundleGrams(bundleMm: number, hairMm: number): number {
  return ((Math.PI / 4) * bundleMm ** 2 * PACKED_SHARE * (hairMm + SPARE_MM) * HAIR_GCM3) / 1000;
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
  wants: [BUNDLE, HAIR, WRAPS, KNOTS],
  picks: [
    {
      id: 'colors',
      label: 'Colors',
      options: [
        { value: 'one', label: 'one' },
        { value: 'two', label: 'two, back and belly' },
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
      takes: ['trailer'],
      isNeeded: false,
      when: ({ bulb }) => bulb === 'yes',
      wish: () => null,
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
      name: 'Hair, belly',
      takes: ['hair'],
      isNeeded: true,
      when: ({ colors }) => colors === 'two',
      wish: ({ chosen: { hair } }) => ({
        size: 'lengthMm',
        value: hair?.gauge.sizes.lengthMm ?? 100,
        how: 'nearest',
        fits: ({ binId }) => binId !== hair?.binId,
      }),
    },
  ],
  lay: (question) => {
    const { floss } = question.chosen;
    const lengthMm = flossLength(wanted(question, BUNDLE), wanted(question, WRAPS), wanted(question, KNOTS));
    return [
      ...put(question, 'head'),
      ...(question.picks.bulb === 'yes' ? put(question, 'bulb') : []),
      ...(floss ? [itemOf('floss', floss, { lengthMm, ends: ['plain', 'plain'] })] : []),
      ...put(question, 'hair', { lengthMm: wanted(question, HAIR) }),
      ...(question.picks.colors === 'two'
        ? put(question, 'belly', {
            lengthMm: wanted(question, HAIR),
            on: question.chosen.head ? 'head' : null,
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
    const { head = 'the head', hair = 'hair', belly, bulb, floss = 'floss' } = facts.names;
    const knots = facts.wants.knots ?? KNOTS.usual;
    return [
      step(
        'bundle',
        `Pinch off a bundle of ${hair}`,
        `${facts.mm(facts.wants.bundleMm ?? BUNDLE.usual)} across when pinched; comb the short ones out.`,
      ),
      ...(belly
        ? [
            step(
              'belly',
              `As much of ${belly} for the belly`,
              'Half above, half below: both together as thick as one.',
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
      ...(bulb ? [step('bulb', `Slip ${bulb} on`, 'Before the hair: it fills the skirt from inside.')] : []),
      step('wrap', `Wind ${floss} round ${head}`, 'In its groove, evenly, each turn beside the last.'),
      step(
        'knots',
        'Overhand knots, turning the lure each time',
        'Pull each down before the next; some extra at the end.',
        ['All knots on one side: it tilts. Turn it a third each time.'],
        { of: 'knots', times: knots },
      ),
      {
        ...step('cement', 'A drop of cement on the knots', 'Thin, round all of it.'),
        dries: { what: 'Hair lure cement', minutes: 20 },
      },
      step(
        'trim',
        `Trim it to ${facts.mm(facts.wants.hairMm ?? HAIR.usual)}`,
        'Combed down, scissors along the hair, not across.',
      ),
    ];
  },
};
