import type { CardStep } from '../../card-runs/card-step';
import type { Bend, PartRoleId } from '../../parts/part-roles';

export const BAIT_KIND_IDS = [
  'spinnerbait',
  'in-line',
  'buzzbait',
  'bladed-jig',
  'dressed-jig',
  'swim-jig',
  'stinger-grub',
  'strap-jig',
  'underspin',
  'jig-and-plastic',
] as const;
export type BaitKindId = (typeof BAIT_KIND_IDS)[number];

/** A place on a bait beside the arm, that takes one part. */
export interface BaitSlot {
  readonly id: string;
  readonly name: string;
  readonly takes: readonly PartRoleId[];
  /** Nothing of this kind runs without it. */
  readonly isNeeded: boolean;
  /** Of a line that is cut for it: how much to begin with, mm. */
  readonly cutMm?: number;
}

/** How the wire of a kind runs; `none` where parts are on the head alone. */
export interface BaitArm {
  readonly shape: Bend;
  readonly takes: readonly PartRoleId[];
  /** A loop at the end from which a swivel and a blade hang. */
  readonly hasEnd: boolean;
  readonly blades: { readonly least: number; readonly most: number };
  /** Two blades of it are meant to strike each other. */
  readonly mayStrike: boolean;
}

/** What a kind makes its steps of. */
export interface BaitFacts {
  /** On the arm from eye to end, by name, a blade with what it hangs from. */
  readonly arm: readonly string[];
  readonly end: string | null;
  /** By slot. */
  readonly slots: Readonly<Partial<Record<string, string>>>;
  /** How long what is cut for a slot is, as the maker writes it; only of lines. */
  readonly cuts: Readonly<Partial<Record<string, string>>>;
  readonly skirt: string | null;
  readonly head: string | null;
  readonly isShortened: boolean;
  /** Of the blade in the head’s eye: whether it comes flat, and how many holes are drilled into it. */
  readonly plate: { readonly isFlat: boolean; readonly drilled: number };
}

/** The contract each kind of bait fills. A new kind is a new file and a line in `index.ts`. */
export interface BaitKind {
  readonly id: BaitKindId;
  readonly name: string;
  readonly how: string;
  /** Takes a head from the rack; else the weight is on the wire. */
  readonly takesHead: boolean;
  readonly takesSkirt: boolean;
  /** Nothing of this kind fishes without one, tied here or bought. */
  readonly needsSkirt?: boolean;
  /** The style of head that it usually opens on; left out where any does. */
  readonly headStyle?: string;
  readonly arm: BaitArm | null;
  readonly slots: readonly BaitSlot[];
  readonly tools: readonly string[];
  /** Looked at before it counts as built. */
  readonly checks: readonly string[];
  /** Why one fails the last look. */
  readonly reasons: readonly string[];
  /** Before one has built a few: how long one takes, s. */
  readonly usualSeconds: number;
  readonly cautions: readonly string[];
  readonly steps: (facts: BaitFacts) => readonly CardStep[];
}
