import type { Hung } from '@/records/rack';

/** As a rack is kept: so many lines, so many heads on each. */
const MOST_LINES = 12;
/** Heads side by side before the next line is begun, where they are few. */
const ON_A_LINE = 12;

/** As many as hang at once. */
export const MOST_HUNG = 720;

/**
 * Heads as they hang along lines, with no oven: side by side, the next line under the last.
 *
 * @example hungOnLines({ headBinId: 'a', coatId: 'b', ticketId: null, lineId: null }, 13)[12] // rod 1, slot 0
 */
export function hungOnLines(head: Omit<Hung, 'rod' | 'slot' | 'slotsEach'>, count: number): Hung[] {
  const each = Math.max(ON_A_LINE, Math.ceil(count / MOST_LINES));
  return Array.from({ length: count }, (_, nth) => ({
    ...head,
    rod: Math.floor(nth / each),
    slot: nth % each,
    slotsEach: 1,
  }));
}

/**
 * How far apart lines and heads are where all that hangs there hangs free, as a rack is drawn.
 *
 * @example lineSize(hungOnLines(head, 6), [{ acrossMm: 18, longMm: 30 }]) // { rods: 1, slots: 12, slotMm: 22, dropMm: 38 }
 */
export function lineSize(
  hung: readonly Hung[],
  heads: readonly { readonly acrossMm: number; readonly longMm: number }[],
): { readonly rods: number; readonly slots: number; readonly slotMm: number; readonly dropMm: number } {
  return {
    rods: Math.max(0, ...hung.map(({ rod }) => rod)) + 1,
    slots: Math.max(ON_A_LINE - 1, ...hung.map(({ slot }) => slot)) + 1,
    slotMm: Math.max(12, ...heads.map(({ acrossMm }) => acrossMm + 4)),
    dropMm: Math.max(30, ...heads.map(({ longMm }) => longMm + 8)),
  };
}
