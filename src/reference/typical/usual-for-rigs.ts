import type { RigKindId } from '@/core/rigs/kinds';
import type { ThingKind } from './thing-kind';

/** Of several kinds that would do in a rig, the one that most makers take. */
const USUAL: readonly string[] = [
  'plastic-bead',
  'barrel-swivel',
  'nylon-line',
  'braid',
  'cable',
  'hollow-cord',
  'floss',
  'shrink-tube-3',
  'egg-sinker',
  'feeder-plate',
  'lead-shot',
  'split-ring',
  'solid-ring',
  'snap',
  'three-way-swivel',
  'crimp',
  'stop',
  'float',
  'feeder-body',
  'lure',
  'hair',
  'bulb-skirt',
];

/** The hooks that a rig usually has: others would fit it by their size, and be odd on it. */
const HOOKS: Readonly<Record<RigKindId, readonly string[]>> = {
  leader: [],
  'running-sinker': ['bait-hook'],
  'float-rig': ['bait-hook'],
  dropper: ['bait-hook'],
  feeder: ['bait-hook'],
  'cable-set': ['inline-single'],
  assist: ['inline-single'],
  'hook-change': ['treble-hook', 'inline-single', 'colorado-blade'],
  'hair-lure': ['bait-hook'],
  'shot-cord': [],
};

/**
 * Whether a kind of thing is what a rig usually has.
 *
 * @example THING_KINDS.filter(usualFor('cable-set')).some(({ id }) => id === 'inline-single') // true
 */
export const usualFor =
  (rig: RigKindId) =>
  ({ id }: ThingKind): boolean =>
    USUAL.includes(id) || HOOKS[rig].includes(id);
