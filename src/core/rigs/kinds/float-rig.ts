import type { RigKind } from './definition';
import { bearing, hook, itemOf, knotted, layOutSteps, line, LOAD, put, step, want, wanted } from './usual';

const DEPTH = want('depthMm', 'Float to swivel', 'mm', 900, 10_000, 100);
const LEADER = want('leaderMm', 'Leader', 'mm', 300, 3000, 30);
const SHOT = want('shots', 'Shot', 'pieces', 4, 30, 1);

/** A float over shot that cocks it, a leader, a hook. */
export const floatRig: RigKind<'float-rig'> = {
  id: 'float-rig',
  name: 'Float rig',
  how: 'A fixed float or a slider with a stop, shot to cock it, a leader and a hook.',
  wants: [DEPTH, SHOT, LEADER, { ...LOAD, usual: 3 }],
  picks: [
    {
      id: 'float',
      label: 'Float',
      options: [
        { value: 'fixed', label: 'fixed' },
        { value: 'slider', label: 'slider with a stop' },
      ],
    },
    {
      id: 'shotting',
      label: 'Shot',
      options: [
        { value: 'spread', label: 'spread out' },
        { value: 'bulk', label: 'in a bulk' },
      ],
    },
  ],
  places: [
    knotted('main', 'Main line'),
    {
      id: 'stop',
      name: 'Stop',
      takes: ['stop', 'bead'],
      isNeeded: true,
      when: ({ float }) => float === 'slider',
      wish: () => null,
    },
    { id: 'float', name: 'Float', takes: ['float'], isNeeded: true, wish: () => null },
    {
      id: 'shot',
      name: 'Shot',
      takes: ['shot'],
      isNeeded: true,
      wish: () => ({ size: 'massG', value: 0.3, how: 'nearest' }),
    },
    bearing('swivel', 'Swivel', ['swivel']),
    knotted('leader', 'Leader'),
    hook('hook', 'Hook', () => 7),
  ],
  lay: (question) => {
    const { shot } = question.chosen;
    const depthMm = wanted(question, DEPTH);
    const count = wanted(question, SHOT);
    const shotMm = shot?.gauge.sizes.diameterMm ?? 4;
    const isBulk = question.picks.shotting === 'bulk';
    const spread = Array.from({ length: count }, (_, nth) =>
      Math.round(depthMm * (0.35 + (0.6 * nth) / count)),
    );
    return [
      ...put(question, 'main', line(depthMm + 120, 'plain', 'knot')),
      ...(question.picks.float === 'slider' ? put(question, 'stop', { atMm: 60 }) : []),
      ...put(question, 'float', { atMm: 120 }),
      ...(shot && isBulk
        ? [itemOf('shot', shot, { count, atMm: Math.max(130, Math.round(depthMm * 0.8 - count * shotMm)) })]
        : []),
      ...(shot && !isBulk
        ? spread.map((mm, nth) => itemOf('shot', shot, { id: `shot-${nth + 1}`, atMm: 120 + mm }))
        : []),
      ...put(question, 'swivel'),
      ...put(question, 'leader', line(wanted(question, LEADER), 'knot', 'snell')),
      ...put(question, 'hook'),
    ];
  },
  judge: () => [],
  tools: ['shot pliers', 'sharp scissors'],
  checks: ['Cocked in a bucket: a finger of tip shows', 'Shot slides only when it is meant to'],
  reasons: ['knot slipped', 'sits too deep or too high', 'stop slides'],
  cautions: ['Lead shot: wash your hands; local rules may bar it.'],
  usualSeconds: 210,
  steps: (facts) => [
    ...layOutSteps(facts),
    step(
      'float',
      `Thread ${facts.names.float ?? 'the float'}${facts.names.stop ? `, ${facts.names.stop} above it` : ''}`,
      'At its mark on the board.',
    ),
    step(
      'shot',
      'Pinch the shot on',
      'At their marks: heavy ones above, the last small.',
      ['Pinched too hard it cuts the line: slide it off, do not pull.'],
      { of: 'shot', times: facts.wants.shots ?? SHOT.usual },
    ),
    step('swivel', `Tie ${facts.names.swivel ?? 'the swivel'} on`, 'Main line above, leader below.'),
    step('hook', `Snell ${facts.names.hook ?? 'the hook'} on`, 'Turns side by side.'),
  ],
};
