import type { BaitKind } from './definition';
import { dressSteps, RATTLE, READY_SKIRT, step, TRAILER } from './usual-steps';

/**
 * How far a strap reaches behind its sinker: it goes through the eye and lies double, mm.
 *
 * @example strapReach(60) // 30
 */
export function strapReach(lengthMm: number): number {
  return lengthMm / 2;
}

export const strapJig: BaitKind = {
  id: 'strap-jig',
  name: 'Strap jig on a walking sinker',
  how: 'A hook on a strap doubled through the eye of a walking sinker, so that it stands up from the bottom behind the weight.',
  takesHead: true,
  takesSkirt: true,
  headStyle: 'walking',
  arm: null,
  slots: [
    { id: 'strap', name: 'Strap', takes: ['strap'], isNeeded: true },
    { id: 'hook', name: 'Hook', takes: ['hook'], isNeeded: true },
    { id: 'ring', name: 'Ring', takes: ['ring'], isNeeded: false },
    READY_SKIRT,
    TRAILER,
    RATTLE,
    { id: 'body', name: 'Foam body', takes: ['float', 'bead'], isNeeded: false },
    { id: 'tape', name: 'Tape', takes: ['strap', 'line'], isNeeded: false, cutMm: 60 },
    { id: 'feelers', name: 'Feelers', takes: ['strap'], isNeeded: false },
    { id: 'claws', name: 'Claws', takes: ['trailer'], isNeeded: false },
  ],
  tools: ['split-ring pliers', 'crimping pliers'],
  checks: ['Strap fast at both ends', 'Hook swings freely', 'Nothing crooked'],
  reasons: ['strap slipped', 'hook does not swing', 'crooked'],
  usualSeconds: 160,
  cautions: ['Cut strap ends are sharp.'],
  steps: (facts) => {
    const { strap = 'the strap', hook = 'the hook', ring, body, tape, feelers, claws } = facts.slots;
    return [
      step(
        'strap',
        `Draw ${strap} half through the sinker’s eye`,
        'Smooth edge of the eye only. Fold it there: both ends even, it works at half its length.',
        ['One end longer: all of the load hangs on the other. Even them before anything is fixed.'],
      ),
      ...(body
        ? [step('body', `Slide ${body} over both halves`, 'Against the sinker: it lifts the hook.')]
        : []),
      step('hook', `Fix ${hook} to both ends`, 'Point up when the sinker stands.'),
      ...(ring ? [step('ring', `Close it with ${ring}`, 'Both turns of the ring.')] : []),
      ...(tape
        ? [step('tape', `Wind ${tape} round the strap`, 'Tight and flat, its end under the last turn.')]
        : []),
      ...dressSteps({ ...facts, slots: { ...facts.slots, trailer: undefined } }),
      ...(feelers
        ? [
            step(
              'feelers',
              `Draw ${feelers} through under the skirt`,
              'One forward each side, of one length.',
            ),
          ]
        : []),
      ...(claws
        ? [step('claws', `Set ${claws} at the front`, 'One each side, opposite each other: else it spins.')]
        : []),
      ...dressSteps({ ...facts, skirt: null, slots: { trailer: facts.slots.trailer } }),
    ];
  },
};
