import { runOf } from '../rig';
import type { RigKind, RigQuestion } from './definition';
import { bearing, hook, itemOf, knotted, layOutSteps, line, LOAD, put, step, want, wanted } from './usual';

const COUNT = want('droppers', 'Droppers', 'pieces', 2, 6, 1);
const DROP = want('dropMm', 'Each dropper', 'mm', 180, 1500, 30);
const APART = want('apartMm', 'Between them', 'mm', 420, 3000, 50);
const FOOT = want('footMm', 'Below the last', 'mm', 320, 3000, 30);

const SINKER = want('sinkerG', 'Sinker', 'g', 60, 500, 1);

const isKnotted = ({ picks }: Pick<RigQuestion, 'picks'>) => picks.join === 'loop';

/** Hooks on droppers above a sinker, from three-way swivels or bare loops. */
export const dropper: RigKind<'dropper'> = {
  id: 'dropper',
  name: 'Dropper rig',
  how: 'Hooks to the side of the main run, the sinker at the bottom.',
  wants: [COUNT, DROP, APART, FOOT, SINKER, LOAD],
  picks: [
    {
      id: 'join',
      label: 'Droppers from',
      options: [
        { value: 'three-way', label: 'three-way swivels' },
        { value: 'loop', label: 'solid rings' },
      ],
    },
  ],
  places: [
    bearing('top', 'Top swivel', ['swivel']),
    knotted('main', 'Main run'),
    { ...bearing('junction', 'Three-way swivel', ['junction']), when: (picks) => !isKnotted({ picks }) },
    { ...bearing('ring', 'Solid ring', ['solid']), when: (picks) => isKnotted({ picks }) },
    knotted('drop', 'Dropper line'),
    hook('hook', 'Hook', () => 12),
    bearing('snap', 'Snap for the sinker', ['snap']),
    {
      id: 'sinker',
      name: 'Sinker',
      takes: ['weight'],
      isNeeded: false,
      wish: ({ wants }) => ({ size: 'massG', value: wants.sinkerG ?? SINKER.usual, how: 'nearest' }),
    },
  ],
  lay: (question) => {
    const { main, drop, hook: on } = question.chosen;
    const at = isKnotted(question) ? 'ring' : 'junction';
    const joint = question.chosen[at];
    const rounds = Array.from({ length: wanted(question, COUNT) }, (_, nth) => nth + 1);
    return [
      ...put(question, 'top'),
      ...rounds.flatMap((nth) => [
        ...(main
          ? [itemOf('main', main, { ...line(wanted(question, APART), 'knot', 'knot'), id: `main-${nth}` })]
          : []),
        ...(joint ? [itemOf(at, joint, { id: `${at}-${nth}` })] : []),
        ...(joint && drop
          ? [
              itemOf('drop', drop, {
                id: `drop-${nth}`,
                on: `${at}-${nth}`,
                ...line(wanted(question, DROP), 'knot', 'snell'),
              }),
            ]
          : []),
        ...(joint && on ? [itemOf('hook', on, { id: `hook-${nth}`, on: `${at}-${nth}` })] : []),
      ]),
      ...(main
        ? [itemOf('main', main, { ...line(wanted(question, FOOT), 'knot', 'knot'), id: 'foot' })]
        : []),
      ...put(question, 'snap'),
      ...put(question, 'sinker'),
    ];
  },
  // Two droppers that reach each other tangle.
  judge: (rig) => {
    const joints = rig.items.filter(({ place }) => place === 'junction' || place === 'ring');
    const main = runOf(rig.items, null);
    const dropOf = (on: string) =>
      rig.items
        .filter((item) => item.on === on)
        .reduce((sum, { lengthMm, part }) => sum + (lengthMm ?? part.gauge.sizes.lengthMm ?? 0), 0);
    return joints.slice(1).flatMap((joint, index) => {
      const before = joints[index];
      if (!before) return [];
      const from = main.indexOf(before);
      const apartMm = main
        .slice(from, main.indexOf(joint))
        .reduce((sum, { lengthMm }) => sum + (lengthMm ?? 0), 0);
      const overMm = dropOf(before.id) + dropOf(joint.id) - apartMm;
      return overMm > 0
        ? [
            {
              code: 'hooks-meet' as const,
              weight: 'mind' as const,
              at: [before.id, joint.id],
              overMm,
              name: 'one dropper',
              next: 'the next',
            },
          ]
        : [];
    });
  },
  tools: ['sharp scissors', 'knot puller', 'mark board'],
  checks: ['Held up, every dropper stands off', 'Knots wetted and tight'],
  reasons: ['knot slipped', 'droppers not alike', 'too long or short'],
  cautions: [],
  usualSeconds: 360,
  steps: (facts) => {
    const { junction, ring, hook: on = 'the hook', snap = 'the snap', sinker } = facts.names;
    const joint = junction ?? ring ?? 'the joint';
    const times = facts.wants.droppers ?? COUNT.usual;
    return [
      ...layOutSteps(facts),
      step(
        'droppers',
        `Snell ${on} on its dropper`,
        'All droppers first, laid side by side: they must be alike.',
        [],
        { of: 'droppers', times },
      ),
      step(
        'joints',
        `Tie ${joint} into the main run`,
        'From the top down, a dropper to its side eye.',
        ['Main run and dropper swapped: the rig hangs sideways.'],
        { of: 'joints', times },
      ),
      step(
        'foot',
        `Tie ${snap} on at the foot`,
        'Weaker than the main run, if you want to lose the sinker alone.',
      ),
      ...(sinker ? [step('sinker', `Hang ${sinker} in it`, 'Closed until it clicks.')] : []),
    ];
  },
};
