import type { KeyMap } from '@/station-kit/key-map';

/** The keys of a run. */
export const RUN_KEYS: KeyMap<'next' | 'misfill' | 'back'> = {
  next: { press: [' '], shows: 'Space', does: 'in a run: the next pour', notOnControls: true },
  misfill: {
    press: ['Digit1', 'Digit2', 'Digit3', 'Digit4', 'Digit5', 'Digit6', 'Digit7', 'Digit8', 'Digit9'],
    shows: '1 to 9',
    does: 'in a run: that cavity of the last pour did not fill, or did after all',
  },
  back: { press: ['Backspace'], shows: 'Backspace', does: 'in a run: take the last pour or mark back' },
};
