import type { RigPiece } from '../rig';
import type { RigFacts, RigKind, RigPlace, RigQuestion } from './definition';
import {
  bead,
  bearing,
  hook,
  itemOf,
  knotted,
  layOutSteps,
  line,
  LOAD,
  MAIN_LINE,
  put,
  step,
  want,
  wanted,
} from './usual';

const hasPlate = ({ lead }: RigQuestion['picks']) => lead !== 'sinker';
const isOfTag = ({ hair }: RigQuestion['picks']) => hair !== 'own';

const CAST = want('castG', 'Cast plate or sinker', 'g', 30, 300, 2);
const LEADER = want('leaderMm', 'Leader', 'mm', 100, 3000, 30);
const HAIR = want('hairMm', 'Hair', 'mm', 18, 120, 4);

/** Above the feeder, so that its line path shows. */
const MAIN_MM = 260;

/** Cast flat, with no hole for a line: a plate; what has one runs on the line. */
const isPlate = ({ gauge: { sizes } }: RigPiece) =>
  sizes.holeMm === undefined && (sizes.lengthMm ?? 0) < 2 * (sizes.diameterMm ?? 0);

const lead = (id: 'plate' | 'sinker', name: string): RigPlace => ({
  id,
  name,
  takes: ['weight'],
  isNeeded: true,
  // A feeder kept before its plate was a part goes on without one.
  when: ({ lead: is }) => is === id,
  wish: ({ wants }) => ({
    size: 'massG',
    value: wants.castG ?? CAST.usual,
    how: 'nearest',
    fits: (piece) => isPlate(piece) === (id === 'plate'),
  }),
});

/** A feeder on the line above a swivel, with a leader, a hook and a hair for the bait. */
export const feeder: RigKind<'feeder'> = {
  id: 'feeder',
  name: 'Feeder or method lead',
  how: 'A body with a cast plate riveted on, or a sinker before it, above a swivel; a leader, a hook, a hair.',
  wants: [CAST, LEADER, HAIR, { ...LOAD, usual: 4 }],
  picks: [
    {
      id: 'lead',
      label: 'Its weight',
      options: [
        { value: 'plate', label: 'a cast plate on it' },
        { value: 'sinker', label: 'a sinker on the line' },
      ],
    },
    {
      id: 'path',
      label: 'Line',
      options: [
        { value: 'through', label: 'through the body' },
        { value: 'beside', label: 'beside it, from the bead' },
      ],
    },
    {
      id: 'hair',
      label: 'Hair',
      options: [
        { value: 'tag', label: 'of the leader’s end' },
        { value: 'own', label: 'a line of its own' },
      ],
    },
    {
      id: 'stop',
      label: 'Bait held by',
      options: [
        { value: 'stop', label: 'a stop' },
        { value: 'loop', label: 'the loop alone' },
      ],
    },
  ],
  places: [
    MAIN_LINE,
    lead('sinker', 'Sinker'),
    {
      id: 'body',
      name: 'Feeder body',
      takes: ['feeder'],
      isNeeded: true,
      wish: ({ wants }) => ({
        size: 'diameterMm',
        value: 24 + (wants.castG ?? CAST.usual) / 6,
        how: 'nearest',
      }),
    },
    lead('plate', 'Cast plate'),
    bead('main'),
    bearing('swivel', 'Swivel', ['swivel']),
    knotted('leader', 'Leader'),
    hook('hook', 'Hook', () => 9),
    {
      ...knotted('hair', 'Hair'),
      isIdle: true,
      line: ['strand', 'cord', 'floss'],
      wish: () => ({ size: 'diameterMm', value: 0.2, how: 'nearest' }),
      isNeeded: false,
      when: (picks) => !isOfTag(picks),
    },
    {
      id: 'stop',
      name: 'Stop',
      takes: ['stop', 'bead'],
      isNeeded: false,
      when: ({ stop }) => stop !== 'loop',
      wish: () => ({ size: 'lengthMm', value: 6, how: 'nearest' }),
    },
  ],
  lay: (question) => {
    const { picks, chosen } = question;
    const { hair, hook: on, bead: runs, leader } = chosen;
    // Beside the line it hangs from what runs on it.
    const isBeside = picks.path === 'beside' && runs !== undefined;
    const hairMm = wanted(question, HAIR);
    const body = (hangs: { on?: string }) => [
      ...put(question, 'body', hangs),
      ...(hasPlate(picks) && chosen.body ? put(question, 'plate', { on: 'body' }) : []),
    ];
    const ofLine = line(hairMm, isOfTag(picks) ? 'through' : 'plain', 'overhand-loop');
    // The leader's own end is the same piece and the same part as the leader.
    const tag = isOfTag(picks)
      ? leader && itemOf('leader', leader, { ...ofLine, id: 'hair', on: 'hook' })
      : hair && itemOf('hair', hair, { ...ofLine, on: 'hook' });
    return [
      ...put(question, 'main', line(MAIN_MM, 'plain', 'knot')),
      ...(hasPlate(picks) ? [] : put(question, 'sinker')),
      ...(isBeside ? [] : body({})),
      ...put(question, 'bead'),
      ...(isBeside ? body({ on: 'bead' }) : []),
      ...put(question, 'swivel'),
      ...put(question, 'leader', line(wanted(question, LEADER), 'knot', 'snell')),
      ...put(question, 'hook'),
      ...(tag && on ? [tag] : []),
      ...(tag && on && picks.stop !== 'loop' ? put(question, 'stop', { on: 'hook' }) : []),
    ];
  },
  judge: () => [],
  tools: ['drill and clamp', 'two-part glue', 'fine file', 'knot puller', 'baiting needle'],
  checks: [
    'Nothing turns or rattles on the body',
    'Line runs through without catching',
    'Bait hangs a little behind the bend',
  ],
  reasons: ['plate turns on its rivets', 'line catches', 'knot slipped', 'bait hangs wrong'],
  cautions: ['Glue and filings: gloves, ventilate, wash. Cast plates of lead are handled like all lead.'],
  usualSeconds: 420,
  steps: (facts) => {
    const { swivel = 'the swivel', hook: on = 'the hook', stop } = facts.names;
    return [
      ...plateSteps(facts),
      ...layOutSteps(facts),
      ...threadSteps(facts),
      step('swivel', `Tie ${swivel} on`, 'To the lower end of what runs, its other eye to the leader.'),
      step(
        'hook',
        `Snell ${on} on, the hair left over`,
        isOfTag(facts.picks)
          ? `${facts.mm(facts.wants.hairMm ?? HAIR.usual)} of the leader stays behind the snell; it leaves the shank opposite the point.`
          : 'The hair is snelled in with it; it leaves the shank opposite the point.',
        ['Hair too long: the bait hangs away from the hook. Slide it before you pull tight.'],
      ),
      step('loop', 'Tie the loop at the end of the hair', 'Small: the needle’s hook just goes through.'),
      ...(stop
        ? [
            step(
              'stop',
              `Try ${stop} in the loop`,
              'A bait on with the needle, the stop behind it: it must not slip off when it swings.',
            ),
          ]
        : []),
    ];
  },
};

/** The plate goes on the body before anything is tied; a sinker on the line is neither drilled nor glued. */
function plateSteps({ names: { body = 'the body', plate = 'the cast plate' }, picks }: RigFacts) {
  if (!hasPlate(picks)) return [];
  return [
    step('drill', `Drill ${body} by the pattern`, 'Clamped, slowly; deburr both sides.', [
      'A hole off its cross: the plate sits crooked and the feeder rolls.',
    ]),
    {
      ...step(
        'rivet',
        `Glue and rivet ${plate} on`,
        'Glue on both faces, rivets through, pressed flat on an anvil.',
      ),
      dries: { what: 'Feeder glue', minutes: 30 },
    },
  ];
}

/** In order from the rod down, as it goes onto the main line. */
function threadSteps({ names, picks }: RigFacts) {
  const { body = 'the body', sinker, bead: soft } = names;
  const isBeside = picks.path === 'beside' && soft !== undefined;
  const beside = isBeside ? [soft, `${body} hung from it`] : [body, ...(soft ? [soft] : [])];
  const order = [...(sinker && !hasPlate(picks) ? [sinker] : []), ...beside];
  return [
    step(
      'thread',
      `Thread ${order.join(', then ')}`,
      'Onto the main line, in this order from above; the line stays on its reel.',
    ),
  ];
}
