export const RIG_KIND_IDS = [
  'cable-set',
  'assist',
  'shot-cord',
  'feeder',
  'hair-lure',
  'running-sinker',
  'dropper',
  'leader',
  'float-rig',
  'hook-change',
] as const;

export type RigKindId = (typeof RIG_KIND_IDS)[number];
