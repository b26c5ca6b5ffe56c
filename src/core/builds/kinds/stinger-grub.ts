import type { BaitKind } from './definition';
import { step, TRAILER } from './usual-steps';

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
    { id: 'cord', name: 'Braid', takes: ['line', 'strap'], isNeeded: true, cutMm: 130 },
    { id: 'strands', name: 'Strands', takes: ['strap', 'skirt', 'line'], isNeeded: false, cutMm: 60 },
    { id: 'stop', name: 'Stopper', takes: ['stop', 'bead'], isNeeded: false },
  ],
  tools: ['scissors', 'gel glue', 'mark board'],
  checks: ['Stinger at its mark', 'Loop does not slide', 'Grub straight, tail down', 'Points open'],
  reasons: ['stinger off its mark', 'knot slipped', 'grub crooked', 'head chipped'],
  usualSeconds: 200,
  cautions: ['Instant glue bonds skin: one drop of gel, gloves.'],
  steps: ({ slots, cuts }) => [
    step(
      'cut-cord',
      cuts.cord ? `Cut ${cuts.cord} of ${slots.cord}` : `Cut ${slots.cord ?? 'the braid'} to length`,
      'On the board: from hook to loop, and what the snell and the loop take.',
    ),
    {
      id: 'snell',
      title: `Snell ${slots.stinger ?? 'the stinger'}`,
      how: 'Seven turns down the shank, drawn tight wet.',
      count: { of: 'turns', times: 7 },
      dries: null,
      mistakes: ['Turns crossing: they cut each other. Unwind them.'],
    },
    ...(slots.strands
      ? [
          step(
            'strands',
            cuts.strands
              ? `Knot ${cuts.strands} of ${slots.strands} to the braid`
              : `Knot ${slots.strands} to the braid`,
            'Just ahead of the stinger, both ends back, trimmed level with its bend.',
          ),
        ]
      : []),
    ...(slots.trailer
      ? [
          step(
            'trailer',
            `Thread ${slots.trailer} straight, tail down`,
            'In at the nose’s middle, out where it lies unbent; the tail curls away from the point.',
            ['Threaded crooked it spins the bait. Take it off and thread it again.'],
          ),
        ]
      : []),
    step('tie', 'Loop it on the main hook', 'Behind the grub, so that the stinger lies at its mark.'),
    ...(slots.stop
      ? [step('stop', `Push ${slots.stop} over the point, up to it`, 'It keeps the loop from sliding.')]
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
