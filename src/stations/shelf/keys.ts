import type { KeyMap } from '@/station-kit/key-map';

/** The keys at the shelf. */
export const SHELF_KEYS: KeyMap<'search'> = {
  search: { press: ['/'], shows: '/', does: 'search the shelf' },
};
