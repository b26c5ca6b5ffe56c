import type { BaitKind } from './definition';
import { dressSteps, SHEET_CAUTIONS, step, TRAILER, WIRE_CHECKS, WIRE_REASONS } from './usual-steps';

export const underspin: BaitKind = {
  id: 'underspin',
  name: 'Underspin',
  how: 'A head with a short wire under it: a swivel in its loop and one small blade.',
  takesHead: true,
  takesSkirt: false,
  arm: { shape: 'under', takes: ['bead'], hasEnd: true, blades: { least: 1, most: 1 }, mayStrike: false },
  slots: [{ id: 'frame', name: 'Wire', takes: ['frame'], isNeeded: true }, TRAILER],
  tools: ['round-nose pliers', 'split-ring pliers'],
  checks: WIRE_CHECKS,
  reasons: WIRE_REASONS,
  usualSeconds: 110,
  cautions: SHEET_CAUTIONS,
  steps: (facts) => [
    ...(facts.end
      ? [step('end', `Hang ${facts.end} in the loop`, 'Blade clear of the hook’s point on its whole round.')]
      : []),
    step('close', 'Close the loop', 'Until no thread slips through.'),
    ...dressSteps(facts),
  ],
};
