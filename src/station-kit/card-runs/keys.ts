import type { KeyMap } from '../key-map';

/** The keys of a step card. */
export const CARD_KEYS: KeyMap<'go' | 'pass' | 'on' | 'turnBack' | 'back'> = {
  go: { press: [' '], shows: 'Space', does: 'at a card: a count or a step on', notOnControls: true },
  pass: { press: ['a'], shows: 'A', does: 'at a card: the whole step is done' },
  on: { press: ['ArrowRight'], shows: 'Right', does: 'at a card: to the next step' },
  turnBack: { press: ['ArrowLeft'], shows: 'Left', does: 'at a card: to the step before' },
  back: { press: ['Backspace'], shows: 'Backspace', does: 'at a card: one press back' },
};
