import type { KeyMap } from '@/station-kit/key-map';

/** The keys at a batch. */
export const STEP_KEYS: KeyMap<'tray' | 'more' | 'less'> = {
  tray: { press: [' '], shows: 'Space', does: 'at a batch: a tray is through' },
  more: { press: ['+'], shows: '+', does: 'at a batch: one piece more is through' },
  less: { press: ['-'], shows: '-', does: 'at a batch: one piece fewer' },
};
