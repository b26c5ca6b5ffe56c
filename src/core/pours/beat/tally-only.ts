import { FREEZE, POUR, WARM_WORK } from './hand-pour';
import type { BeatSchool } from './school';

/** For those who want one tap a pour: the freezing is shown and holds nobody up. */
export const TALLY_ONLY: BeatSchool = { id: 'tally', name: 'Pours only', steps: [POUR, FREEZE, WARM_WORK] };
