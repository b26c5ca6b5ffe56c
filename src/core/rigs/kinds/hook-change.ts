import { gapeFindings } from '../gape-findings';
import type { CardStep } from '../../card-runs/card-step';
import type { RigFacts, RigKind, RigPlace, RigQuestion } from './definition';
import { hook, measuresOf, put, splitRing, step, want } from './usual';

const APART = want('apartMm', 'Between the hangers', 'mm', 55, 400, 5);
const BODY = want('bodyMm', 'Across its body', 'mm', 18, 120, 2);
const LOAD = want('loadKgf', 'Must hold', 'kgf', 12, 200);
/** A hook’s gape for a body as wide, typical: it rides over. */
const GAPE_SHARE = 0.7;

type Picks = RigQuestion['picks'];
const hasBelly = ({ hangers }: Picks) => hangers !== 'one';
const hasTail = ({ hangers }: Picks) => hangers !== 'belly';
const hasNose = ({ nose }: Picks) => nose === 'ring';
const hasBlade = (picks: Picks) => hasTail(picks) && picks.tail === 'blade';

const gapeOf = ({ wants }: RigQuestion) => (wants.bodyMm ?? BODY.usual) * GAPE_SHARE;
const when = (place: RigPlace, isThere: (picks: Picks) => boolean): RigPlace => ({ ...place, when: isThere });

/** New rings, hooks and blades on a lure that is there: strong enough, clear of the body and of each other. */
export const hookChange: RigKind<'hook-change'> = {
  id: 'hook-change',
  name: 'Rings and hooks on a lure',
  how: 'Old ones off and new ones on: split rings by load, hooks that clear the body and never meet.',
  wants: [{ ...APART, when: (picks) => hasBelly(picks) && hasTail(picks) }, BODY, LOAD],
  picks: [
    {
      id: 'hangers',
      label: 'Hangers',
      options: [
        { value: 'two', label: 'belly and tail' },
        { value: 'one', label: 'tail alone' },
        { value: 'belly', label: 'belly alone' },
      ],
    },
    {
      id: 'nose',
      label: 'At its head',
      options: [
        { value: 'none', label: 'as it is' },
        { value: 'ring', label: 'a new ring' },
      ],
    },
    {
      id: 'tail',
      label: 'On its tail',
      when: hasTail,
      options: [
        { value: 'hook', label: 'a hook' },
        { value: 'blade', label: 'a blade' },
      ],
    },
    {
      id: 'old',
      label: 'What is on it',
      options: [
        { value: 'off', label: 'comes off' },
        { value: 'bare', label: 'nothing' },
      ],
    },
  ],
  places: [
    { id: 'lure', name: 'Lure', takes: ['lure'], isNeeded: false, wish: () => null },
    when(splitRing('nose-ring', 'Head ring'), hasNose),
    when(splitRing('belly-ring', 'Belly ring'), hasBelly),
    when(hook('belly', 'Belly hook', gapeOf, 3), hasBelly),
    when(splitRing('tail-ring', 'Tail ring'), hasTail),
    when(hook('tail', 'Tail hook', gapeOf, 3), (picks) => hasTail(picks) && !hasBlade(picks)),
    {
      id: 'blade',
      name: 'Tail blade',
      takes: ['blade'],
      isNeeded: true,
      when: hasBlade,
      wish: ({ wants }) => ({ size: 'lengthMm', value: (wants.bodyMm ?? BODY.usual) * 1.2, how: 'nearest' }),
    },
  ],
  lay: (question) => {
    const { picks, chosen } = question;
    const isOn = chosen.lure ? 'lure' : null;
    const onSide = hasTail(picks) ? { on: isOn } : {};
    return [
      ...(hasNose(picks) ? put(question, 'nose-ring') : []),
      ...put(question, 'lure'),
      ...(hasBelly(picks) ? [...put(question, 'belly-ring', onSide), ...put(question, 'belly', onSide)] : []),
      ...(hasTail(picks) ? put(question, 'tail-ring') : []),
      ...(hasTail(picks) ? put(question, hasBlade(picks) ? 'blade' : 'tail') : []),
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
  goesOn: {
    label: 'For the lure',
    takes: ['lure'],
    wantsOf: (piece) => measuresOf(piece, { bodyMm: 'bodyMm' }),
  },
  tools: ['split ring pliers'],
  checks: ['Hooks cannot reach each other', 'Rings closed all round', 'Lure still floats or sinks as it did'],
  reasons: ['ring bent open', 'hooks reach each other', 'hangs or swims crooked'],
  cautions: ['Hooks swing while rings are opened: clamp the lure, point away.'],
  usualSeconds: 90,
  steps: (facts) => [
    ...(hasNose(facts.picks) ? hangerSteps(facts, 'nose', 'head', null) : []),
    ...(hasBelly(facts.picks) ? hangerSteps(facts, 'belly', 'belly', facts.names.belly ?? null) : []),
    ...(hasTail(facts.picks)
      ? hangerSteps(facts, 'tail', 'tail', facts.names[hasBlade(facts.picks) ? 'blade' : 'tail'] ?? null)
      : []),
  ],
};

/** One hanger: what is on it off, where something is, then its ring and what hangs in it. */
function hangerSteps(
  { names, picks }: RigFacts,
  at: 'nose' | 'belly' | 'tail',
  hanger: string,
  hangs: string | null,
): CardStep[] {
  const ring = names[`${at}-ring`] ?? 'the ring';
  return [
    ...(picks.old === 'bare'
      ? []
      : [
          step(
            `${at}-seam`,
            `Find the seam of the old ring at the ${hanger}`,
            'Where the end of its wire shows: lift it there with the tooth of the pliers.',
          ),
          step(
            `${at}-old`,
            'Wind the old ring off',
            'With what hangs in it, point away. What is good goes back to the shelf, a bent ring away.',
          ),
        ]),
    step(`${at}-ring`, `Wind ${ring} into the ${hanger} hanger`, 'Split ring pliers, not nails or teeth.', [
      'A ring bent open stays open: throw it away.',
    ]),
    ...(hangs === null
      ? []
      : [
          step(
            at,
            `Hang ${hangs} in it`,
            hangs === names.blade
              ? 'Hollow side toward the lure; it must swing free.'
              : 'Point away from the lure’s nose.',
          ),
        ]),
  ];
}
