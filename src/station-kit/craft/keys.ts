import type { KeyMap } from '../key-map';

/** The keys of a step card. */
export const CARD_KEYS: KeyMap<'go' | 'back'> = {
  go: { press: [' '], shows: 'Space', does: 'at a card: a count or a step on', notOnControls: true },
  back: { press: ['Backspace'], shows: 'Backspace', does: 'at a card: one press back' },
};
