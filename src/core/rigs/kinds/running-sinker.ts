import type { RigKind } from './definition';
import {
  bead,
  bearing,
  hook,
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

const LEADER = want('leaderMm', 'Leader', 'mm', 600, 5000, 50);
const SINKER = want('sinkerG', 'Sinker', 'g', 5, 300, 1);
const MAIN_MM = 240;

/** A sinker that runs on the main line above a swivel, or is stopped there. */
export const runningSinker: RigKind<'running-sinker'> = {
  id: 'running-sinker',
  name: 'Running or fixed sinker',
  how: 'A sinker on the main line, a bead to spare the knot, a swivel, a leader and a hook.',
  wants: [SINKER, LEADER, LOAD],
  picks: [
    {
      id: 'way',
      label: 'Sinker',
      options: [
        { value: 'running', label: 'runs' },
        { value: 'fixed', label: 'stopped at both ends' },
      ],
    },
  ],
  places: [
    MAIN_LINE,
    {
      id: 'upper-stop',
      name: 'Upper stop',
      takes: ['stop', 'bead'],
      isNeeded: true,
      when: ({ way }) => way === 'fixed',
      wish: () => null,
    },
    {
      id: 'sinker',
      name: 'Sinker',
      takes: ['weight'],
      isNeeded: true,
      wish: ({ wants }) => ({ size: 'massG', value: wants.sinkerG ?? SINKER.usual, how: 'nearest' }),
    },
    bead('main', true),
    bearing('swivel', 'Swivel', ['swivel']),
    knotted('leader', 'Leader'),
    hook('hook', 'Hook', () => 12),
  ],
  lay: (question) => [
    ...put(question, 'main', line(MAIN_MM, 'plain', 'knot')),
    ...(question.picks.way === 'fixed' ? put(question, 'upper-stop') : []),
    ...put(question, 'sinker'),
    ...put(question, 'bead'),
    ...put(question, 'swivel'),
    ...put(question, 'leader', line(wanted(question, LEADER), 'knot', 'snell')),
    ...put(question, 'hook'),
  ],
  judge: () => [],
  tools: ['sharp scissors', 'knot puller'],
  checks: ['Sinker runs without scraping the line', 'Knots wetted and tight', 'Leader hangs straight'],
  reasons: ['knot slipped', 'sinker catches on the line', 'too long or short'],
  cautions: [],
  usualSeconds: 150,
  steps: (facts) => {
    const {
      sinker = 'the sinker',
      bead: soft = 'the bead',
      swivel = 'the swivel',
      hook: on = 'the hook',
    } = facts.names;
    return [
      ...layOutSteps(facts),
      step(
        'thread',
        `Thread ${sinker}, then ${soft}`,
        'In this order from above: the bead takes the blow, not the knot.',
      ),
      step(
        'swivel',
        `Tie ${swivel} on`,
        'Main line to its upper eye, leader to its lower one. Wet before you pull.',
        ['A knot pulled dry is a weak one: cut it off and tie it again.'],
      ),
      step('hook', `Snell ${on} on`, 'Turns side by side, toward the bend.'),
    ];
  },
};
