import type { BaitKind } from './definition';
import { dressSteps, step, READY_SKIRT, TRAILER } from './usual-steps';

export const strapJig: BaitKind = {
  id: 'strap-jig',
  name: 'Strap jig on a walking sinker',
  how: 'A hook on a strap through a walking sinker, so that it stands up from the bottom behind the weight.',
  takesHead: true,
  takesSkirt: true,
  arm: null,
  slots: [
    { id: 'strap', name: 'Strap', takes: ['strap'], isNeeded: true },
    { id: 'hook', name: 'Hook', takes: ['hook'], isNeeded: true },
    { id: 'ring', name: 'Ring', takes: ['ring'], isNeeded: false },
    READY_SKIRT,
    TRAILER,
  ],
  tools: ['split-ring pliers', 'crimping pliers'],
  checks: ['Strap fast at both ends', 'Hook swings freely', 'Nothing crooked'],
  reasons: ['strap slipped', 'hook does not swing', 'crooked'],
  usualSeconds: 160,
  cautions: ['Cut strap ends are sharp.'],
  steps: (facts) => [
    step(
      'strap',
      `Draw ${facts.slots.strap ?? 'the strap'} through the sinker`,
      'Smooth edge of the hole only.',
    ),
    step('hook', `Fix ${facts.slots.hook ?? 'the hook'} to it`, 'Point up when the sinker stands.'),
    ...(facts.slots.ring
      ? [step('ring', `Close it with ${facts.slots.ring}`, 'Both turns of the ring.')]
      : []),
    ...dressSteps(facts),
  ],
};
