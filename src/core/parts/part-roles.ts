import type { BladeFormId } from '../builds/blades/definition';

export const PART_ROLE_IDS = [
  'blade',
  'clevis',
  'bead',
  'spacer',
  'weight',
  'rivet',
  'swivel',
  'ring',
  'snap',
  'frame',
  'hook',
  'keeper',
  'trailer',
  'rattle',
  'guard',
  'strap',
  'line',
  'crimp',
  'tube',
  'solid',
  'junction',
  'stop',
  'float',
  'shot',
  'feeder',
  'lure',
  'hair',
  'collar',
  'skirt',
  'rig',
  'glue',
] as const;
export type PartRoleId = (typeof PART_ROLE_IDS)[number];

export const SIZE_IDS = [
  'lengthMm',
  'widthMm',
  'thickMm',
  'diameterMm',
  'holeMm',
  'hubMm',
  'ringMm',
  'wireMm',
  'upperMm',
  'lowerMm',
  'spreadDeg',
  'loopMm',
  'gapeMm',
  'eyeMm',
  'bodyMm',
  'fibers',
  'headG',
  'breakKgf',
  'shrinkRatio',
  'holdsCm3',
  'points',
] as const;
export type SizeId = (typeof SIZE_IDS)[number];

export const PLASTICS = ['soft', 'stretch'] as const;

/** What a bait threaded on a hook looks like. */
export const TRAILER_SHAPES = ['paddle', 'grub', 'worm', 'claw', 'chunk', 'pork'] as const;
export type TrailerShape = (typeof TRAILER_SHAPES)[number];

export type Plastic = (typeof PLASTICS)[number];

/** How a bait's wire runs: a V, one line, up and back, or short under the head. */
export const BENDS = ['bent', 'straight', 'raised', 'under'] as const;
export type Bend = (typeof BENDS)[number];

/** What a line is: one strand, plaited cord, a hollow one, floss for tying, steel cable. */
export const LINE_FORMS = ['strand', 'cord', 'hollow', 'floss', 'cable'] as const;
export type LineForm = (typeof LINE_FORMS)[number];

/** A part as it was measured: what it is and its sizes, whatever its packet says. */
export interface PartGauge {
  readonly as: PartRoleId;
  readonly sizes: Readonly<Partial<Record<SizeId, number>>>;
  /** Of a blade. */
  readonly form: BladeFormId | null;
  /** Of a trailer: soft plastic and stretchy plastic melt each other. */
  readonly plastic: Plastic | null;
  /** Of a trailer; null where nobody said. */
  readonly shape: TrailerShape | null;
  /** Of a wire. */
  readonly bend: Bend | null;
  /** Of a line. */
  readonly line: LineForm | null;
  readonly basis: 'measured' | 'guess';
}

/** What a part is not that has neither form, plastic, shape, bend nor make: most of them. */
export const PLAIN_GAUGE = {
  form: null,
  plastic: null,
  shape: null,
  bend: null,
  line: null,
} as const satisfies Partial<PartGauge>;

export interface RoleSize {
  readonly id: SizeId;
  readonly label: string;
  readonly unit: 'mm' | 'deg' | 'pieces' | 'g' | 'kgf' | 'times' | 'cm3';
  readonly most: number;
}

/** What a part is for, which of its sizes matter, and how much of an arm it takes. */
export interface PartRole {
  readonly id: PartRoleId;
  readonly name: string;
  readonly sizes: readonly RoleSize[];
  /** The size it takes of a wire it is threaded on; null where it is never threaded. */
  readonly along: SizeId | null;
  /** The size of the hole that the wire goes through. */
  readonly hole: SizeId | null;
}

const mm = (id: SizeId, label: string, most = 200): RoleSize => ({ id, label, unit: 'mm', most });
const LENGTH = mm('lengthMm', 'Length');
const HOLE = mm('holeMm', 'Hole', 20);
const ROUND = mm('diameterMm', 'Across', 60);
const BREAKS: RoleSize = { id: 'breakKgf', label: 'Breaks at', unit: 'kgf', most: 500 };

/** Every role a part can have in a bait. */
export const PART_ROLES: readonly PartRole[] = [
  {
    id: 'blade',
    name: 'Blade',
    sizes: [
      LENGTH,
      mm('widthMm', 'Width', 120),
      mm('thickMm', 'Sheet', 5),
      mm('hubMm', 'Length on the wire', 60),
    ],
    along: 'hubMm',
    hole: null,
  },
  {
    id: 'clevis',
    name: 'Clevis',
    sizes: [mm('lengthMm', 'Length on the wire', 30), HOLE],
    along: 'lengthMm',
    hole: 'holeMm',
  },
  { id: 'bead', name: 'Bead', sizes: [ROUND, HOLE], along: 'diameterMm', hole: 'holeMm' },
  { id: 'spacer', name: 'Spacer', sizes: [LENGTH, ROUND, HOLE], along: 'lengthMm', hole: 'holeMm' },
  { id: 'weight', name: 'Body weight', sizes: [LENGTH, ROUND, HOLE], along: 'lengthMm', hole: 'holeMm' },
  { id: 'rivet', name: 'Rivet', sizes: [LENGTH, ROUND, HOLE], along: 'lengthMm', hole: 'holeMm' },
  {
    id: 'swivel',
    name: 'Swivel',
    sizes: [LENGTH, mm('ringMm', 'Ring wire', 5), BREAKS],
    along: null,
    hole: null,
  },
  {
    id: 'ring',
    name: 'Split ring',
    sizes: [ROUND, mm('ringMm', 'Wire, doubled', 5), BREAKS],
    along: null,
    hole: null,
  },
  { id: 'snap', name: 'Snap', sizes: [LENGTH, BREAKS], along: null, hole: null },
  {
    id: 'frame',
    name: 'Wire',
    sizes: [
      mm('wireMm', 'Wire', 5),
      mm('upperMm', 'Upper arm', 300),
      mm('lowerMm', 'Lower arm', 200),
      { id: 'spreadDeg', label: 'Arms apart', unit: 'deg', most: 180 },
      mm('loopMm', 'Loop, inside', 20),
      { id: 'headG', label: 'Head on it, marked', unit: 'g', most: 500 },
      mm('bodyMm', 'Head, across', 60),
      mm('gapeMm', 'Gape', 100),
    ],
    along: null,
    hole: null,
  },
  {
    id: 'hook',
    name: 'Hook',
    sizes: [
      LENGTH,
      mm('gapeMm', 'Gape', 100),
      mm('wireMm', 'Wire', 5),
      mm('eyeMm', 'Eye, inside', 15),
      { id: 'points', label: 'Points', unit: 'pieces', most: 3 },
      BREAKS,
    ],
    along: null,
    hole: null,
  },
  { id: 'keeper', name: 'Keeper', sizes: [ROUND], along: null, hole: null },
  { id: 'trailer', name: 'Trailer', sizes: [LENGTH, mm('bodyMm', 'Body', 60)], along: null, hole: null },
  { id: 'rattle', name: 'Rattle', sizes: [LENGTH, ROUND], along: null, hole: null },
  {
    id: 'guard',
    name: 'Weed guard',
    sizes: [LENGTH, ROUND, { id: 'fibers', label: 'Fibers', unit: 'pieces', most: 100 }],
    along: null,
    hole: null,
  },
  { id: 'strap', name: 'Strap', sizes: [LENGTH, mm('wireMm', 'Thick', 5)], along: null, hole: null },
  { id: 'line', name: 'Line', sizes: [mm('diameterMm', 'Thick', 10), BREAKS], along: null, hole: null },
  { id: 'crimp', name: 'Crimp', sizes: [mm('holeMm', 'Inside', 8), LENGTH], along: null, hole: null },
  {
    id: 'tube',
    name: 'Tube',
    sizes: [
      mm('holeMm', 'Inside, as it comes', 20),
      { id: 'shrinkRatio', label: 'Shrinks, times', unit: 'times', most: 6 },
    ],
    along: null,
    hole: null,
  },
  {
    id: 'solid',
    name: 'Solid ring',
    sizes: [ROUND, mm('ringMm', 'Wire', 5), BREAKS],
    along: null,
    hole: null,
  },
  { id: 'junction', name: 'Three-way swivel', sizes: [LENGTH, BREAKS], along: null, hole: null },
  { id: 'stop', name: 'Stop', sizes: [LENGTH], along: null, hole: null },
  { id: 'float', name: 'Float', sizes: [LENGTH, ROUND, HOLE], along: null, hole: null },
  { id: 'shot', name: 'Shot', sizes: [ROUND], along: null, hole: null },
  {
    id: 'feeder',
    name: 'Feeder body',
    sizes: [LENGTH, ROUND, HOLE, { id: 'holdsCm3', label: 'Holds bait', unit: 'cm3', most: 500 }],
    along: null,
    hole: null,
  },
  { id: 'hair', name: 'Hair', sizes: [LENGTH], along: null, hole: null },
  {
    id: 'collar',
    name: 'Skirt collar',
    sizes: [mm('holeMm', 'Inside', 20), ROUND, LENGTH],
    along: null,
    hole: null,
  },
  {
    id: 'skirt',
    name: 'Ready skirt',
    sizes: [
      LENGTH,
      mm('holeMm', 'Band, inside', 20),
      { id: 'fibers', label: 'Strands', unit: 'pieces', most: 500 },
    ],
    along: null,
    hole: null,
  },
  { id: 'rig', name: 'Ready rig', sizes: [mm('lengthMm', 'Length', 500), BREAKS], along: null, hole: null },
  { id: 'glue', name: 'Glue', sizes: [], along: null, hole: null },
  { id: 'lure', name: 'Lure', sizes: [LENGTH, mm('bodyMm', 'Body', 120)], along: null, hole: null },
];

/**
 * The role of this id.
 *
 * @example findRole('bead').along // 'diameterMm'
 */
export function findRole(id: PartRoleId): PartRole {
  const role = PART_ROLES.find((each) => each.id === id);
  if (!role) throw new RangeError(`findRole requires one of the registered roles, not ${id}`);
  return role;
}

/** Whether a part turns on the wire itself. */
export function isOnWire({ as, form }: Pick<PartGauge, 'as' | 'form'>): boolean {
  return as === 'blade' ? form === 'wing' : findRole(as).along !== null;
}
