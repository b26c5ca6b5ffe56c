import { assist } from './assist';
import { cableSet } from './cable-set';
import type { RigKind } from './definition';
import { dropper } from './dropper';
import { feeder } from './feeder';
import { floatRig } from './float-rig';
import { hairLure } from './hair-lure';
import { hookChange } from './hook-change';
import { leader } from './leader';
import { runningSinker } from './running-sinker';
import { shotCord } from './shot-cord';

/** Every kind of rig that can be made. */
export const RIG_KINDS = [
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
] as const;

export type RigKindId = (typeof RIG_KINDS)[number]['id'];

export const RIG_KIND_IDS: readonly RigKindId[] = RIG_KINDS.map(({ id }) => id);

/**
 * The kind of this id.
 *
 * @example findRigKind('assist').name // 'Assist hook'
 */
export function findRigKind(id: string): RigKind {
  const kind = RIG_KINDS.find((each) => each.id === id);
  if (!kind) throw new RangeError(`findRigKind requires one of the registered kinds, not ${id}`);
  return kind;
}
