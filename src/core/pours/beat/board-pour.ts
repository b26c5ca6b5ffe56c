import { FREEZE, LOAD, POUR, WARM_WORK } from './hand-pour';
import type { BeatSchool } from './school';

/** A board with open holes: nothing is closed, and what is cast is turned out of it. */
export const BOARD_POUR: BeatSchool = {
  id: 'board',
  name: 'Open board',
  steps: [
    LOAD,
    POUR,
    FREEZE,
    { id: 'open', word: 'Turn out', kind: 'hand', secondsOf: () => null },
    WARM_WORK,
  ],
};
