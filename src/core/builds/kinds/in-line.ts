import type { BaitKind } from './definition';
import {
  cutSteps,
  dressSteps,
  SHEET_CAUTIONS,
  step,
  threadSteps,
  WIRE_CHECKS,
  WIRE_REASONS,
} from './usual-steps';

export const inLine: BaitKind = {
  id: 'in-line',
  name: 'In-line spinner',
  how: 'One straight wire: eye, blade on its clevis, bead, body weight, and a hook in the loop behind.',
  takesHead: false,
  takesSkirt: false,
  arm: {
    shape: 'straight',
    takes: ['clevis', 'bead', 'spacer', 'weight'],
    hasEnd: false,
    blades: { least: 1, most: 2 },
    mayStrike: false,
  },
  slots: [
    { id: 'frame', name: 'Wire', takes: ['frame'], isNeeded: true },
    { id: 'hook', name: 'Hook behind', takes: ['hook'], isNeeded: true },
    { id: 'ring', name: 'Ring', takes: ['ring'], isNeeded: false },
  ],
  tools: ['round-nose pliers', 'side cutters'],
  checks: WIRE_CHECKS,
  reasons: WIRE_REASONS,
  usualSeconds: 150,
  cautions: SHEET_CAUTIONS,
  steps: (facts) => [
    ...cutSteps(facts),
    ...threadSteps(facts),
    step('loop', 'Bend the loop behind', 'Leave the blade its play: it must turn with a finger’s breath.', [
      'Wound down tight the blade will not start: open it by a millimeter.',
    ]),
    ...(facts.slots.hook
      ? [step('hook', `Hang ${facts.slots.hook} in the loop`, 'Then wrap the tail twice and cut it flush.')]
      : []),
    ...dressSteps(facts),
  ],
};
