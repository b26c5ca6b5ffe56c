import type { KeyMap } from '@/station-kit/key-map';

/** The keys on the bait. */
export const BAIT_KEYS: KeyMap<'takeOff'> = {
  takeOff: { press: ['Delete', 'Backspace'], shows: 'Delete', does: 'on a chosen part of the bait: off it' },
};
