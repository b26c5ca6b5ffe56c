import { gapeFindings } from '../gape-findings';
import type { RigKind } from './definition';
import { hook, put, splitRing, step, want } from './usual';

const APART = want('apartMm', 'Between the hangers', 'mm', 55, 400, 5);
const BODY = want('bodyMm', 'Across its body', 'mm', 18, 120, 2);
const LOAD = want('loadKgf', 'Must hold', 'kgf', 12, 200);
/** A hook’s gape for a body as wide, typical: it rides over. */
const GAPE_SHARE = 0.7;

/** New rings and hooks on a lure that is there: strong enough, clear of the body and of each other. */
export const hookChange: RigKind<'hook-change'> = {
  id: 'hook-change',
  name: 'Rings and hooks on a lure',
  how: 'Split rings by load, hooks that clear the body and never meet.',
  wants: [APART, BODY, LOAD],
  picks: [
    {
      id: 'hangers',
      label: 'Hangers',
      options: [
        { value: 'two', label: 'belly and tail' },
        { value: 'one', label: 'tail alone' },
      ],
    },
  ],
  places: [
    { id: 'lure', name: 'Lure', takes: ['lure'], isNeeded: false, wish: () => null },
    { ...splitRing('belly-ring', 'Belly ring'), when: ({ hangers }) => hangers !== 'one' },
    {
      ...hook('belly', 'Belly hook', ({ wants }) => (wants.bodyMm ?? BODY.usual) * GAPE_SHARE, 3),
      when: ({ hangers }) => hangers !== 'one',
    },
    splitRing('tail-ring', 'Tail ring'),
    hook('tail', 'Tail hook', ({ wants }) => (wants.bodyMm ?? BODY.usual) * GAPE_SHARE, 3),
  ],
  lay: (question) => {
    const isOn = question.chosen.lure ? 'lure' : null;
    return [
      ...put(question, 'lure'),
      ...(question.picks.hangers === 'one'
        ? []
        : [...put(question, 'belly-ring', { on: isOn }), ...put(question, 'belly', { on: isOn })]),
      ...put(question, 'tail-ring'),
      ...put(question, 'tail'),
    ];
  },
  judge: (rig, shelf) => {
    const of = (place: string) => rig.items.find((item) => item.place === place);
    const bodyMm = rig.wants.bodyMm ?? BODY.usual;
    const found = [of('belly'), of('tail')].flatMap((at) => gapeFindings(at, bodyMm, shelf));
    const reach = (ring: string, on: string) =>
      (of(ring)?.part.gauge.sizes.diameterMm ?? 0) + (of(on)?.part.gauge.sizes.lengthMm ?? 0);
    const [belly, tail] = [of('belly'), of('tail')];
    const overMm =
      reach('belly-ring', 'belly') + reach('tail-ring', 'tail') - (rig.wants.apartMm ?? APART.usual);
    if (belly && tail && overMm > 0) {
      found.push({
        code: 'hooks-meet',
        weight: 'mind',
        at: [belly.id, tail.id],
        name: belly.part.name,
        next: tail.part.name,
        overMm,
      });
    }
    return found;
  },
  tools: ['split ring pliers'],
  checks: ['Hooks cannot reach each other', 'Rings closed all round', 'Lure still floats or sinks as it did'],
  reasons: ['ring bent open', 'hooks reach each other', 'hangs or swims crooked'],
  cautions: ['Hooks swing while rings are opened: clamp the lure, point away.'],
  usualSeconds: 90,
  steps: ({ names }) =>
    (['belly', 'tail'] as const).flatMap((at) =>
      names[at]
        ? [
            step(
              `${at}-ring`,
              `Wind ${names[`${at}-ring`] ?? 'the ring'} into the ${at} hanger`,
              'Split ring pliers, not nails or teeth.',
              ['A ring bent open stays open: throw it away.'],
            ),
            step(at, `Hang ${names[at]} in it`, 'Point away from the lure’s nose.'),
          ]
        : [],
    ),
};
