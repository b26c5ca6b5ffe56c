import type { RigKind } from './definition';
import {
  bead,
  bearing,
  hook,
  itemOf,
  knotted,
  layOutSteps,
  line,
  LOAD,
  put,
  step,
  want,
  wanted,
} from './usual';

const CAST = want('castG', 'Cast plate', 'g', 30, 300, 2);
const LEADER = want('leaderMm', 'Leader', 'mm', 100, 3000, 30);
const HAIR = want('hairMm', 'Hair', 'mm', 18, 120, 4);

/** Above the feeder, so that its line path shows. */
const MAIN_MM = 260;

/** A feeder on the line above a swivel, with a leader, a hook and a hair for the bait. */
export const feeder: RigKind<'feeder'> = {
  id: 'feeder',
  name: 'Feeder or method lead',
  how: 'A body with a cast plate riveted on, running above a swivel; a leader, a hook, a hair.',
  wants: [CAST, LEADER, HAIR, { ...LOAD, usual: 4 }],
  picks: [
    {
      id: 'path',
      label: 'Line',
      options: [
        { value: 'through', label: 'through the body' },
        { value: 'beside', label: 'beside it, from the bead' },
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
    knotted('main', 'Main line'),
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
    const { hair, hook: on, bead: runs } = question.chosen;
    // Beside the line it hangs from what runs on it.
    const isBeside = question.picks.path === 'beside' && runs !== undefined;
    return [
      ...put(question, 'main', line(MAIN_MM, 'plain', 'knot')),
      ...(isBeside ? [] : put(question, 'body')),
      ...put(question, 'bead'),
      ...(isBeside ? put(question, 'body', { on: 'bead' }) : []),
      ...put(question, 'swivel'),
      ...put(question, 'leader', line(wanted(question, LEADER), 'knot', 'snell')),
      ...put(question, 'hook'),
      ...(hair && on
        ? [itemOf('hair', hair, { ...line(wanted(question, HAIR), 'plain', 'overhand-loop'), on: 'hook' })]
        : []),
      ...(hair && on && question.picks.stop !== 'loop' ? put(question, 'stop', { on: 'hook' }) : []),
    ];
  },
  judge: () => [],
  tools: ['riveting pliers or punch', 'two-part glue', 'fine file', 'knot puller'],
  checks: [
    'Plate does not turn on its rivets',
    'Line runs through without catching',
    'Bait hangs a little behind the bend',
  ],
  cautions: ['Glue and filings: gloves, ventilate, wash. Cast plates of lead are handled like all lead.'],
  usualSeconds: 420,
  steps: (facts) => {
    const { body = 'the body', swivel = 'the swivel', hook: on = 'the hook', stop, bead: soft } = facts.names;
    return [
      step('drill', `Drill ${body} by the pattern`, 'Clamped, slowly; deburr both sides.', [
        'A hole off its cross: the plate sits crooked and the feeder rolls.',
      ]),
      {
        ...step(
          'rivet',
          'Glue and rivet the cast plate on',
          'Glue on both faces, rivets through, pressed flat on an anvil.',
        ),
        dries: { what: 'Feeder glue', minutes: 30 },
      },
      ...layOutSteps(facts),
      step(
        'thread',
        `Thread ${body}${soft ? `, then ${soft}` : ''}`,
        'Onto the main line, in this order from above.',
      ),
      step('swivel', `Tie ${swivel} on`, 'Main line to the upper eye, leader to the lower one.'),
      step('hook', `Snell ${on} on, hair and all`, 'The hair leaves the shank opposite the point.', [
        'Hair too long: the bait hangs away from the hook. Slide it before you pull tight.',
      ]),
      ...(stop
        ? [
            step(
              'stop',
              `Try ${stop} in the loop`,
              'A bait on, stop behind it: it must not slip off when it swings.',
            ),
          ]
        : []),
    ];
  },
};
