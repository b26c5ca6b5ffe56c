import { FREEZE, WARM_WORK } from './hand-pour';
import type { BeatSchool } from './school';

/** For those who want one tap a pour: the freezing is shown and holds nobody up. */
export const TALLY_ONLY: BeatSchool = {
  id: 'tally',
  name: 'Pours only',
  steps: [{ id: 'pour', word: 'Pour', kind: 'hand', secondsOf: () => null, pours: true }, FREEZE, WARM_WORK],
};
