import type { BaitKind } from './definition';
import { dressSteps, step, TRAILER } from './usual-steps';

export const stingerGrub: BaitKind = {
  id: 'stinger-grub',
  name: 'Grub head with stinger',
  how: 'A painted head, a grub threaded straight, and a second hook on braid at a set distance.',
  takesHead: true,
  takesSkirt: false,
  arm: null,
  slots: [
    { ...TRAILER, name: 'Grub', isNeeded: true },
    { id: 'stinger', name: 'Stinger hook', takes: ['hook', 'rig'], isNeeded: true },
    { id: 'cord', name: 'Braid', takes: ['strap'], isNeeded: true },
    { id: 'stop', name: 'Stop bead', takes: ['bead'], isNeeded: false },
  ],
  tools: ['scissors', 'gel glue', 'mark board'],
  checks: ['Stinger at its mark', 'Bead stops it', 'Grub straight', 'Points open'],
  reasons: ['stinger off its mark', 'knot slipped', 'grub crooked', 'head chipped'],
  usualSeconds: 200,
  cautions: ['Instant glue bonds skin: one drop of gel, gloves.'],
  steps: (facts) => [
    step(
      'cut-cord',
      `Cut ${facts.slots.cord ?? 'the braid'} to length`,
      'On the board, with what both ends take.',
    ),
    {
      id: 'snell',
      title: `Snell ${facts.slots.stinger ?? 'the stinger'}`,
      how: 'Seven turns down the shank, drawn tight wet.',
      count: { of: 'turns', times: 7 },
      dries: null,
      mistakes: ['Turns crossing: they cut each other. Unwind them.'],
    },
    ...dressSteps(facts),
    step('tie', 'Loop it on the main hook', 'Behind the grub, so that the stinger lies at its mark.'),
    ...(facts.slots.stop
      ? [step('stop', `Push ${facts.slots.stop} up to it`, 'It keeps the loop from sliding.')]
      : []),
    {
      id: 'glue',
      title: 'One drop of gel on the knot',
      how: 'One. More makes the braid brittle.',
      count: null,
      dries: { what: 'Stinger knot', minutes: 5 },
      mistakes: [],
    },
  ],
};
