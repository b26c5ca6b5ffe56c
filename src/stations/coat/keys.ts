import type { KeyMap } from '@/station-kit/key-map';

/** The keys on a hung head. */
export const RACK_KEYS: KeyMap<'move' | 'down'> = {
  move: {
    press: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    shows: 'Arrows',
    does: 'on a hung head: to the next free slot',
  },
  down: { press: ['Delete', 'Backspace'], shows: 'Delete', does: 'on a hung head: down from the rack' },
};
