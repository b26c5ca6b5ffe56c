import type { BaitKind } from './definition';
import { dressSteps, GUARD, guardSteps, READY_SKIRT, TRAILER } from './usual-steps';

export const swimJig: BaitKind = {
  id: 'swim-jig',
  name: 'Swim jig',
  how: 'A pointed head with a thin guard, a full skirt and a paddling trailer.',
  takesHead: true,
  takesSkirt: true,
  needsSkirt: true,
  arm: null,
  slots: [{ ...GUARD, isNeeded: false }, READY_SKIRT, { ...TRAILER, isNeeded: true }],
  tools: ['gel glue', 'scissors', 'comb'],
  checks: ['Trailer straight, tail upright', 'Guard thinned', 'Point open', 'Nothing crooked'],
  reasons: ['guard loose', 'trailer crooked', 'tail not upright'],
  usualSeconds: 100,
  cautions: ['Instant glue bonds skin: gel, one drop, gloves.'],
  steps: (facts) => [...guardSteps(facts), ...dressSteps(facts)],
};
