import type { KeyMap } from '@/station-kit/key-map';

/** The keys on the rig. */
export const RIG_KEYS: KeyMap<'takeOff'> = {
  takeOff: { press: ['Delete', 'Backspace'], shows: 'Delete', does: 'on a chosen part of the rig: off it' },
};

/** The keys of a cut card. */
export const CUT_KEYS: KeyMap<'go' | 'back'> = {
  go: { press: [' '], shows: 'Space', does: 'cutting: the next', notOnControls: true },
  back: { press: ['Backspace'], shows: 'Backspace', does: 'cutting: one back' },
};
