import type { Saving } from './saved-copies';
import { markOf, newSharing, type SharingState } from './shared-benches';

/** What is remembered of a place: what was saved there last, what other devices laid there. */
export interface PlaceMemory {
  readonly saving: Saving;
  readonly sharing: SharingState;
}

/**
 * Remembers the last place that copies went to. A device that is called otherwise is the same device: its mark tells. `device`
 * is null where copies are nobody's in particular.
 *
 * @example placeMemory().at('Boat', 'phone-x7k2').saving.device // 'x7k2'
 */
export function placeMemory() {
  let known: (PlaceMemory & { readonly key: string }) | null = null;
  return {
    at: (place: string | null, device: string | null): PlaceMemory => {
      const mark = device === null ? null : markOf(device);
      const key = JSON.stringify([place, mark]);
      if (known?.key !== key) known = { key, saving: { device: mark, last: null }, sharing: newSharing() };
      return known;
    },
    /** The bench was changed: it may say other now than when it was shared last. */
    changed: (): void => {
      if (known) known.sharing.mayDiffer = true;
    },
  };
}
