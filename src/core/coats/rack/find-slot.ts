import type { RackSize } from './rack-facts';

/** A head where it hangs: its rod, its first slot, and how many it takes. */
export interface Hanging {
  readonly rod: number;
  readonly slot: number;
  readonly slotsEach: number;
}

export interface Place {
  readonly rod: number;
  readonly slot: number;
}

/**
 * Whether a head of so many slots can hang in a place: on the rack, and where nothing hangs.
 *
 * @example isFree([{ rod: 0, slot: 0, slotsEach: 2 }], { rods: 1, slots: 4 }, { rod: 0, slot: 1 }, 1) // false
 */
export function isFree(
  hung: readonly Hanging[],
  { rods, slots }: RackSize,
  { rod, slot }: Place,
  slotsEach: number,
): boolean {
  if (slotsEach < 1 || rod < 0 || rod >= rods || slot < 0 || slot + slotsEach > slots) return false;
  return hung.every(
    (each) => each.rod !== rod || each.slot + each.slotsEach <= slot || slot + slotsEach <= each.slot,
  );
}

/**
 * The first place a head can hang, rod by rod; null where the rack is full for it.
 *
 * @example firstFree([], { rods: 1, slots: 4 }, 2) // { rod: 0, slot: 0 }
 */
export function firstFree(hung: readonly Hanging[], size: RackSize, slotsEach: number): Place | null {
  for (let rod = 0; rod < size.rods; rod += 1) {
    for (let slot = 0; slot < size.slots; slot += 1) {
      if (isFree(hung, size, { rod, slot }, slotsEach)) return { rod, slot };
    }
  }
  return null;
}

/**
 * The next free place from a head's own in a direction, along its rod or to another rod; null where there is none.
 *
 * @example nextFree(hung, 0, { rods: 2, slots: 8 }, { rod: 0, slot: 1 })
 */
export function nextFree(hung: readonly Hanging[], index: number, size: RackSize, step: Place): Place | null {
  const head = hung[index];
  if (!head) return null;
  const others = hung.filter((_, at) => at !== index);
  let place = { rod: head.rod + step.rod, slot: head.slot + step.slot };
  while (place.rod >= 0 && place.rod < size.rods && place.slot >= 0 && place.slot < size.slots) {
    if (isFree(others, size, place, head.slotsEach)) return place;
    place = { rod: place.rod + step.rod, slot: place.slot + step.slot };
  }
  return null;
}
