import type { BaitKind } from './definition';
import {
  cutSteps,
  dressSteps,
  SHEET_CAUTIONS,
  step,
  threadSteps,
  WIRE_CHECKS,
  WIRE_REASONS,
  WIRE_SLOTS,
} from './usual-steps';

export const spinnerbait: BaitKind = {
  id: 'spinnerbait',
  name: 'Spinnerbait',
  how: 'Head on the lower arm; on the upper a blade on its clevis, beads or a spacer, and a blade on a swivel in the loop.',
  takesHead: true,
  takesSkirt: true,
  arm: {
    shape: 'bent',
    takes: ['clevis', 'bead', 'spacer'],
    hasEnd: true,
    blades: { least: 1, most: 6 },
    mayStrike: false,
  },
  slots: WIRE_SLOTS,
  tools: ['round-nose pliers', 'side cutters', 'wire former'],
  checks: WIRE_CHECKS,
  reasons: WIRE_REASONS,
  usualSeconds: 240,
  cautions: SHEET_CAUTIONS,
  steps: (facts) => [
    ...cutSteps(facts),
    ...threadSteps(facts),
    step('loop', 'Bend the loop', 'Round the pliers where the mark is, all but closed.', [
      'Loop smaller than the swivel’s ring wire: open it on the next step of the pliers.',
    ]),
    ...(facts.end
      ? [
          step(
            'end',
            `Hang ${facts.end} in the loop`,
            'Swivel first, then wrap the tail twice and cut it flush.',
          ),
        ]
      : []),
    ...dressSteps(facts),
  ],
};
