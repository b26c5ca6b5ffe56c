import { bladedJig } from './bladed-jig';
import { buzzbait } from './buzzbait';
import type { BaitKind, BaitKindId } from './definition';
import { dressedJig } from './dressed-jig';
import { jigAndPlastic } from './jig-and-plastic';
import { inLine } from './in-line';
import { spinnerbait } from './spinnerbait';
import { stingerGrub } from './stinger-grub';
import { strapJig } from './strap-jig';
import { swimJig } from './swim-jig';
import { underspin } from './underspin';

/** Every kind of bait that can be built. */
export const BAIT_KINDS: readonly BaitKind[] = [
  spinnerbait,
  buzzbait,
  bladedJig,
  inLine,
  underspin,
  dressedJig,
  swimJig,
  jigAndPlastic,
  stingerGrub,
  strapJig,
];

/**
 * The kind of this id.
 *
 * @example findKind('buzzbait').name // 'Buzzbait'
 */
export function findKind(id: BaitKindId): BaitKind {
  const kind = BAIT_KINDS.find((each) => each.id === id);
  if (!kind) throw new RangeError(`findKind requires one of the registered kinds, not ${id}`);
  return kind;
}
