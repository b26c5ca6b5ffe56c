import { assist } from './assist';
import { cableSet } from './cable-set';
import type { RigKind } from './definition';
import type { RigKindId } from './kind-ids';
import { dropper } from './dropper';
import { feeder } from './feeder';
import { floatRig } from './float-rig';
import { hairLure } from './hair-lure';
import { hookChange } from './hook-change';
import { leader } from './leader';
import { runningSinker } from './running-sinker';
import { shotCord } from './shot-cord';

/** Every kind of rig that can be made. */
export const RIG_KINDS: readonly RigKind[] = [
  cableSet,
  assist,
  shotCord,
  feeder,
  runningSinker,
  dropper,
  leader,
  floatRig,
  hairLure,
  hookChange,
];

/**
 * The kind of this id.
 *
 * @example findRigKind('assist').name // 'Assist hook'
 */
export function findRigKind(id: RigKindId): RigKind {
  const kind = RIG_KINDS.find((each) => each.id === id);
  if (!kind) throw new RangeError(`findRigKind requires one of the registered kinds, not ${id}`);
  return kind;
}
