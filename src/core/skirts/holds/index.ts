import { collarTool } from './collar-tool';
import { cutSheet } from './cut-sheet';
import type { SkirtHold } from './definition';
import { hairLure } from './hair-lure';
import { threadHitches, threadWhip } from './thread';
import { twoBunches } from './two-bunches';
import { wire } from './wire';

/** Every way to hold a skirt. */
export const SKIRT_HOLDS = [
  collarTool,
  threadHitches,
  threadWhip,
  wire,
  twoBunches,
  hairLure,
  cutSheet,
] as const;

export type HoldId = (typeof SKIRT_HOLDS)[number]['id'];

export const HOLD_IDS: readonly HoldId[] = SKIRT_HOLDS.map(({ id }) => id);

/**
 * The way of this id.
 *
 * @example findHold('wire').name // 'Soft wire'
 */
export function findHold(id: string): SkirtHold {
  const hold = SKIRT_HOLDS.find((each) => each.id === id);
  if (!hold) throw new RangeError(`findHold requires one of the registered holds, not ${id}`);
  return hold;
}
