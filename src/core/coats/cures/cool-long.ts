import { BY_CARD } from './card';
import type { CureSchool } from './definition';

/** Without a line of the card's for it: so much cooler, and so much more time (common practice). */
const COOLER_C = 14;
const LONGER = 1.5;

/** Longer and cooler: the card's coolest line, else the usual rule of thumb. */
export const COOL_LONG: CureSchool = {
  id: 'cool-long',
  name: 'Longer, cooler',
  how: 'Kinder to soft metals, glow and light colors; the oven is taken longer.',
  cureFor: (card) => {
    const usual = BY_CARD.cureFor(card);
    const [coolest] = [...card.cures].sort((a, b) => a.cureC - b.cureC);
    return coolest && coolest.cureC < usual.partC
      ? { partC: coolest.cureC, minutes: coolest.cureMin }
      : { partC: usual.partC - COOLER_C, minutes: Math.ceil(usual.minutes * LONGER) };
  },
  startsHot: false,
};
