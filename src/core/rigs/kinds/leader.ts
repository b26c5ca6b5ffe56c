import type { RigKind } from './definition';
import { bearing, knotted, layOutSteps, line, LOAD, put, step, want, wanted } from './usual';

const LEADER = want('leaderMm', 'Leader', 'mm', 900, 8000, 100);
const BUMPER = want('bumperMm', 'Bumper line', 'mm', 350, 4000, 50);

/** A leader with a thicker stretch in front of the hook or the lure. */
export const leader: RigKind<'leader'> = {
  id: 'leader',
  name: 'Leader with bumper line',
  how: 'Thin above, thick in front of the teeth and the stones, a snap at its end.',
  wants: [LEADER, BUMPER, { ...LOAD, usual: 9 }],
  picks: [],
  places: [
    bearing('swivel', 'Swivel', ['swivel']),
    knotted('leader', 'Leader'),
    {
      ...knotted('bumper', 'Bumper line'),
      wish: ({ chosen: { leader: thin } }) => ({
        size: 'diameterMm',
        value: (thin?.gauge.sizes.diameterMm ?? 0.4) * 1.4,
        how: 'at-least',
      }),
    },
    bearing('snap', 'Snap', ['snap']),
  ],
  lay: (question) => [
    ...put(question, 'swivel'),
    ...put(question, 'leader', line(wanted(question, LEADER), 'knot', 'knot')),
    ...put(question, 'bumper', line(wanted(question, BUMPER), 'knot', 'knot')),
    ...put(question, 'snap'),
  ],
  judge: () => [],
  tools: ['sharp scissors', 'knot puller'],
  checks: ['The knot between both runs through a ring', 'Pulled by hand: nothing slips'],
  reasons: ['knot slipped', 'line scored', 'too long or short'],
  cautions: [],
  usualSeconds: 150,
  steps: (facts) => [
    ...layOutSteps(facts),
    step(
      'join',
      'Tie leader and bumper line together',
      'Tags cut short, a drop of glue where it runs through rings.',
      ['A bulky knot catches in the rings: tie it with fewer turns.'],
    ),
    step('swivel', `Tie ${facts.names.swivel ?? 'the swivel'} on above`, 'Wet before you pull.'),
    step(
      'snap',
      `Tie ${facts.names.snap ?? 'the snap'} on below`,
      'A loop lets a lure swing, a tight knot does not.',
    ),
  ],
};
