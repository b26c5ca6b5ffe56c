import type { BaitKind } from './definition';
import { step, stopSteps, TRAILER } from './usual-steps';

export const jigAndPlastic: BaitKind = {
  id: 'jig-and-plastic',
  name: 'Head with a plastic',
  how: 'A head alone, bare or painted, and a soft bait threaded straight up to it.',
  takesHead: true,
  takesSkirt: false,
  arm: null,
  slots: [
    { ...TRAILER, name: 'Plastic', isNeeded: true },
    { id: 'stop', name: 'Stop behind it', takes: ['bead', 'keeper'], isNeeded: false },
  ],
  tools: ['gel glue'],
  checks: ['Plastic straight, snug at the head', 'Point open'],
  reasons: ['plastic crooked', 'plastic torn', 'head chipped'],
  usualSeconds: 30,
  cautions: ['Instant glue bonds skin: gel, one drop, gloves.'],
  steps: (facts) => {
    const plastic = facts.slots.trailer ?? 'the plastic';
    return [
      step('measure', `Lay ${plastic} beside the hook`, 'Nose at the keeper: mark where the bend comes out.'),
      step(
        'trailer',
        `Thread ${plastic} straight`,
        'In at the nose’s middle, out at the mark, over the keeper and up to the head.',
        ['Threaded crooked it spins. Take it off and thread it again.'],
      ),
      ...stopSteps(facts),
    ];
  },
};
