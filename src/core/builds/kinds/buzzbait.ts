import type { BaitKind } from './definition';
import { cutSteps, dressSteps, SHEET_CAUTIONS, step, threadSteps, WIRE_SLOTS } from './usual-steps';

export const buzzbait: BaitKind = {
  id: 'buzzbait',
  name: 'Buzzbait',
  how: 'On the raised arm a bead, a winged blade or two that strike each other, a rivet; the end is bent down.',
  takesHead: true,
  takesSkirt: true,
  arm: {
    shape: 'raised',
    takes: ['blade', 'bead', 'spacer', 'rivet'],
    hasEnd: false,
    blades: { least: 1, most: 2 },
    mayStrike: true,
  },
  slots: WIRE_SLOTS,
  tools: ['pliers', 'side cutters'],
  checks: [
    'Blade turns at a breath',
    'Squeal as wanted: rivet pinched or free',
    'End bent down, no sharp tail',
  ],
  reasons: ['does not turn freely', 'does not run true', 'rivet slipped', 'crooked'],
  usualSeconds: 180,
  cautions: SHEET_CAUTIONS,
  steps: (facts) => [
    ...cutSteps(facts),
    ...threadSteps(facts),
    step('bend', 'Bend the end down', 'Square, just past the rivet, with a hand’s play left for the blade.', [
      'No play: the blade binds. Open the bend.',
    ]),
    step(
      'rivet',
      'Pinch the rivet, or leave it free',
      'Pinched it stays still and squeals on the blade; free it turns along.',
    ),
    ...dressSteps(facts),
  ],
};
