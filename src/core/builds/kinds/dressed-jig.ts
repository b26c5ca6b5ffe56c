import type { BaitKind } from './definition';
import { dressSteps, GUARD, guardSteps, RATTLE_PAIR, READY_SKIRT, stopSteps, TRAILER } from './usual-steps';

export const dressedJig: BaitKind = {
  id: 'dressed-jig',
  name: 'Dressed jig',
  how: 'A head with its guard glued in, a rattle or two, a skirt and a trailer.',
  takesHead: true,
  takesSkirt: true,
  needsSkirt: true,
  arm: null,
  slots: [
    GUARD,
    ...RATTLE_PAIR,
    READY_SKIRT,
    TRAILER,
    { id: 'stop', name: 'Trailer stop', takes: ['bead', 'keeper', 'trailer'], isNeeded: false },
  ],
  tools: ['gel glue', 'scissors', 'comb'],
  checks: ['Guard fanned and fast', 'Trailer straight', 'Point open', 'Nothing crooked'],
  reasons: ['guard loose', 'glue on the skirt', 'rattle broken', 'trailer crooked'],
  usualSeconds: 120,
  cautions: ['Instant glue bonds skin: gel, one drop, gloves. Glass rattles break: no pliers.'],
  steps: (facts) => [...guardSteps(facts), ...dressSteps(facts), ...stopSteps(facts)],
};
