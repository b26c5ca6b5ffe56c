import type { BladeFormId } from '@/core/builds/blades/definition';
import type { Bend, LineForm, PartRoleId, Plastic, SizeId, TrailerShape } from '@/core/parts/part-roles';

/** How things are looked for: one heading in the list of kinds. */
export const THING_GROUPS = [
  'Metal',
  'Hooks',
  'Bought heads',
  'Blades',
  'Wire and beads',
  'Joints',
  'Line, cable and tube',
  'Weights',
  'Skirts and hair',
  'Plastics',
  'Fittings',
  'Powder',
] as const;
export type ThingGroup = (typeof THING_GROUPS)[number];

/** A size as the trade sells it, with what such a thing usually measures. */
export interface TypicalSize {
  /** Names it within its kind. */
  readonly key: string;
  /** As the trade writes it where one measures in mm, and in inches: `4.8 mm`, `3/16 in`. */
  readonly metric: string;
  readonly inch: string;
  /** In mm, g, kg or pieces, as the part's role says. */
  readonly sizes: Readonly<Partial<Record<SizeId, number>>>;
  /** Of one piece, g; null where it is sold by length or nobody says. */
  readonly massG: number | null;
}

interface Common {
  readonly id: string;
  /** Of one, as in a name: `Willow blade`. */
  readonly one: string;
  /** As in a list: `Willow blades`. */
  readonly many: string;
  readonly group: ThingGroup;
  /** What else makers call it, lower case: it is found by them too. */
  readonly words: readonly string[];
  /** Where the figures come from. */
  readonly source: string;
  /** In the order of size, the smallest first. */
  readonly sizes: readonly TypicalSize[];
  /** The size that is offered first. */
  readonly usual: string;
  /** How much a pack usually holds, in what it is kept by: pieces, mm or g. */
  readonly pack: number;
}

/** What is cast into a head. */
export interface HookKind extends Common {
  readonly makes: 'hook';
}

/** What is put on a bait or into a rig. */
export interface PartKind extends Common {
  readonly makes: 'part';
  /** Pieces, its length in mm, or g of what is used by the drop. */
  readonly unit: 'pieces' | 'mm' | 'g';
  readonly as: PartRoleId;
  readonly form: BladeFormId | null;
  readonly plastic: Plastic | null;
  readonly shape: TrailerShape | null;
  readonly bend: Bend | null;
  readonly line: LineForm | null;
}

/** What a skirt is made of. */
export interface StrandKind extends Common {
  readonly makes: 'strand';
  readonly form: 'tab' | 'hair' | 'fur' | 'sheet';
  /** Pieces, or g of what is sold by its weight. */
  readonly unit: 'pieces' | 'g';
  readonly strandWidthMm: number;
  /** Null for hair, which has as many as its bundle is thick. */
  readonly strandsPerTab: number | null;
  readonly longMm: number;
}

/** A jar of powder, and what most cards say of it. */
export interface PowderKind extends Common {
  readonly makes: 'powder';
  readonly cureC: number;
  readonly cureMin: number;
  /** Never over, and sticks from here on, C. */
  readonly maxC: number;
  readonly fuseC: number;
  readonly densityGcm3: number;
}

/** A head that was bought ready, with its hook in it. */
export interface HeadKind extends Common {
  readonly makes: 'head';
  /** One of the styles of heads. */
  readonly style: string;
  /** By size: its mark where one buys by the gram, and the hook usually in it. */
  readonly gramsBySize: Readonly<Record<string, number>>;
  readonly hookBySize: Readonly<Record<string, string>>;
}

/** A lot of one of the listed metals, by its key, or of scrap. */
export interface MetalKind extends Common {
  readonly makes: 'metal';
}

/** One kind of thing that can lie on a shelf. A new one is its line among those of its file. */
export type ThingKind = HookKind | HeadKind | PartKind | StrandKind | PowderKind | MetalKind;
