import { BY_CARD } from './card';
import type { CureSchool } from './definition';

/** Without a line of the card's for it: so much hotter, and so much of the time (common practice). */
const HOTTER_C = 14;
const SHORTER = 2 / 3;

/** Hotter and shorter: the card's hottest line, else the usual rule of thumb. */
export const HOT_SHORT: CureSchool = {
  id: 'hot-short',
  name: 'Hotter, shorter',
  how: 'Over sooner, and the oven is free again; nearest to scorching.',
  cureFor: (card) => {
    const usual = BY_CARD.cureFor(card);
    const [hottest] = [...card.cures].sort((a, b) => b.cureC - a.cureC);
    return hottest && hottest.cureC > usual.partC
      ? { partC: hottest.cureC, minutes: hottest.cureMin }
      : { partC: usual.partC + HOTTER_C, minutes: Math.ceil(usual.minutes * SHORTER) };
  },
  startsHot: false,
};
