import type { BeatSchool, BeatStep } from './school';

const untimed = () => null;

export const OPEN: BeatStep = { id: 'open', word: 'Open', kind: 'hand', secondsOf: untimed };

export const LOAD: BeatStep = {
  id: 'load',
  word: 'Load',
  kind: 'hand',
  secondsOf: untimed,
  isSkipped: ({ hasLoad }) => !hasLoad,
};

export const POUR: BeatStep = { id: 'pour', word: 'Pour', kind: 'hand', secondsOf: untimed, pours: true };

export const WARM_WORK: BeatStep = {
  id: 'warm-work',
  word: 'Do it warm',
  kind: 'brief',
  secondsOf: ({ warmWork }) => warmWork?.seconds ?? null,
  isSkipped: ({ warmWork }) => warmWork === null,
};

export const FREEZE: BeatStep = {
  id: 'freeze',
  word: 'Freezing',
  kind: 'wait',
  secondsOf: ({ freezeS }) => freezeS,
  mayEndEarly: true,
};

/** A block poured by hand, every move of it. */
export const HAND_POUR: BeatSchool = {
  id: 'hand',
  name: 'Every step',
  steps: [
    LOAD,
    { id: 'close', word: 'Close', kind: 'hand', secondsOf: untimed },
    POUR,
    FREEZE,
    OPEN,
    WARM_WORK,
  ],
};
