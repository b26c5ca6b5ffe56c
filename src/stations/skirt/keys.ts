import type { KeyMap } from '@/station-kit/key-map';

/** The keys of the bench card. */
export const TYING_KEYS: KeyMap<'count' | 'on' | 'turnBack' | 'back'> = {
  count: { press: [' '], shows: 'Space', does: 'tying: a count or a step on', notOnControls: true },
  on: { press: ['ArrowRight'], shows: 'Right', does: 'tying: a step on' },
  turnBack: { press: ['ArrowLeft'], shows: 'Left', does: 'tying: a step back' },
  back: { press: ['Backspace'], shows: 'Backspace', does: 'tying: one press back' },
};
