import type { CardStep } from '../../card-runs/card-step';
import type { LineForm, PartGauge, PartRoleId, SizeId } from '../../parts/part-roles';
import type { MatchLine } from '../match-table';
import type { RigFinding } from '../rig-finding';
import type { Rig, RigItem, RigPiece } from '../rig';

/** A number that a kind is laid out by. */
export interface RigWant {
  readonly id: string;
  readonly label: string;
  readonly unit: 'mm' | 'g' | 'kgf' | 'pieces' | 'percent';
  readonly usual: number;
  readonly least: number;
  readonly most: number;
  /** Whether these picks ask for it at all. */
  readonly when?: (picks: RigQuestion['picks']) => boolean;
}

/** A choice between a few ways; the first is usual. */
export interface RigPick {
  readonly id: string;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  /** Whether these other picks leave it open at all. */
  readonly when?: (picks: RigQuestion['picks']) => boolean;
}

/** What a place looks for on the shelf. */
export interface RigWish {
  readonly size: SizeId | 'massG';
  readonly value: number;
  /** The nearest to the value, or the least that is not under it. */
  readonly how: 'nearest' | 'at-least';
  /** Only these will do, where there are such. */
  readonly fits?: (piece: RigPiece) => boolean;
  /** Where there are none, nothing else will do. */
  readonly isStrict?: boolean;
}

/** What is known while a rig is laid out. */
export interface RigQuestion {
  readonly wants: Readonly<Record<string, number>>;
  readonly picks: Readonly<Record<string, string>>;
  /** The part at each place, as far as there is one. */
  readonly chosen: Readonly<Partial<Record<string, RigPiece>>>;
  readonly matches: readonly MatchLine[];
}

/** A place in a rig that one kind of part fills. */
export interface RigPlace {
  readonly id: string;
  readonly name: string;
  readonly takes: readonly PartRoleId[];
  /** Of a line, what it may be made of. */
  readonly line?: readonly LineForm[];
  readonly isNeeded: boolean;
  /** A line here that no load goes through: it ties, or it holds bait. */
  readonly isIdle?: boolean;
  /** A line that stays on its reel: nothing of it is cut. */
  readonly isOnReel?: boolean;
  /** Whether these picks have such a place at all. */
  readonly when?: (picks: RigQuestion['picks']) => boolean;
  readonly wish: (question: RigQuestion) => RigWish | null;
}

/** What a kind makes its steps of. */
export interface RigFacts {
  /** How a length is written, in the maker's own unit. */
  readonly mm: (value: number) => string;
  readonly picks: RigQuestion['picks'];
  readonly wants: RigQuestion['wants'];
  /** Part names by place. */
  readonly names: Readonly<Partial<Record<string, string>>>;
  /** How many parts there are at a place. */
  readonly counts: Readonly<Partial<Record<string, number>>>;
  /** What is cut for one, in order. */
  readonly cuts: readonly { readonly place: string | null; readonly name: string; readonly cutMm: number }[];
}

/** The contract each kind of rig fills. A new kind is a new file and a line in `index.ts`. */
export interface RigKind<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  readonly how: string;
  readonly wants: readonly RigWant[];
  readonly picks: readonly RigPick[];
  readonly places: readonly RigPlace[];
  /** The rig as it is usually laid out; places without a part are left out. */
  readonly lay: (question: RigQuestion) => readonly RigItem[];
  /** This kind’s own rules, over those of every rig. */
  readonly judge: (rig: Rig, shelf: readonly RigPiece[]) => readonly RigFinding[];
  readonly tools: readonly string[];
  readonly checks: readonly string[];
  /** Why one fails the last look. */
  readonly reasons: readonly string[];
  readonly cautions: readonly string[];
  /** A thing by whose own measures it is laid out, such as the jig it hangs on. */
  readonly goesOn?: {
    readonly label: string;
    readonly takes: readonly PartRoleId[];
    readonly wantsOf: (piece: RigPiece) => Readonly<Record<string, number>>;
  };
  /** What a finished one is to other rigs; left out where it is no part of any. */
  readonly finished?: (rig: Pick<Rig, 'items'>) => PartGauge | null;
  /** Before one has made a few: how long one takes, s. */
  readonly usualSeconds: number;
  readonly steps: (facts: RigFacts) => readonly CardStep[];
}
