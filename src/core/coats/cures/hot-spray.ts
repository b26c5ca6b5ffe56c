import { BY_CARD } from './card';
import type { CureSchool } from './definition';

/** Straight from a hot spray: as the card says, but the heads go in hot. */
export const HOT_SPRAY: CureSchool = {
  id: 'hot-spray',
  name: 'After a hot spray',
  how: 'The rack goes back in while it is hot: it is at temperature sooner, the time there is the same.',
  cureFor: BY_CARD.cureFor,
  startsHot: true,
};
