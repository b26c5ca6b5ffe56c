import { OPEN } from './hand-pour';
import type { BeatSchool } from './school';

const untimed = () => null;

/** A disc: its waits are the machine's, and none is cut short. */
export const SPIN_POUR: BeatSchool = {
  id: 'spin',
  name: 'Spin',
  steps: [
    { id: 'load', word: 'Load', kind: 'hand', secondsOf: untimed },
    { id: 'clamp', word: 'Clamp', kind: 'hand', secondsOf: untimed },
    { id: 'hold', word: 'Holding', kind: 'wait', secondsOf: ({ holdS }) => holdS },
    { id: 'spin', word: 'Spin and pour', kind: 'hand', secondsOf: untimed, pours: true },
    { id: 'spinning', word: 'Spinning', kind: 'wait', secondsOf: ({ spinS }) => spinS },
    { id: 'stop', word: 'Stop', kind: 'hand', secondsOf: untimed },
    { id: 'cool', word: 'Cooling', kind: 'wait', secondsOf: ({ coolS }) => coolS },
    OPEN,
  ],
};
