/** What a hold counts off while a skirt is tied. How often is the maker's. */
export const HOLD_COUNT_IDS = [
  'base-wraps',
  'spread-wraps',
  'tight-wraps',
  'hitches',
  'wire-turns',
  'knots',
] as const;
export type HoldCountId = (typeof HOLD_COUNT_IDS)[number];

/** What can go wrong at a step; told with how it is mended. */
export const MISTAKE_IDS = [
  'bald-spot',
  'thin-side',
  'cut-too-near',
  'thread-slack',
  'in-the-bend',
  'uneven-tips',
  'off-center',
  'legs-overlap',
  'lopsided',
  'glue-crept',
  'nicked-collar',
  'pulled-uneven',
  'accent-too-short',
  'rattle-aside',
] as const;
export type MistakeId = (typeof MISTAKE_IDS)[number];

/** A layer as a step speaks of it. */
export interface TiedLayer {
  readonly key: string;
  /** `half a tab of silt brown, on top`. */
  readonly says: string;
  readonly isForward: boolean;
  readonly isShort: boolean;
}

/** What a hold makes its steps of. */
export interface TyingFacts {
  readonly layers: readonly TiedLayer[];
  readonly counts: Readonly<Partial<Record<HoldCountId, number>>>;
  /** How far along its strands the skirt is held: a third, or where the maker sets it. */
  readonly heldAt: string;
  /** A collar holds it: it can still be turned under it. */
  readonly hasCollar: boolean;
  /** Tabs are in it, whose folded ends are cut; hair and fur have none. */
  readonly hasTabs: boolean;
  readonly hasGuard: boolean;
  readonly hasRattle: boolean;
  /** Of a sheet wrapped round a head: its legs, and how many inner tails lie under it. Null for every other. */
  readonly sheet: {
    readonly legs: number;
    readonly tails: number;
    /** What the tails are cut from, and where each is set, in words; null where nobody said. */
    readonly tailsSay: string | null;
    /** How much of the sheet is left whole, in words; null where nobody said. */
    readonly wholeSays: string | null;
  } | null;
}

export interface HoldStep {
  readonly id: string;
  /** What the hands do, in a few words. */
  readonly title: string;
  readonly how: string;
  /** So often, counted off by key or knuckle; null where there is nothing to count. */
  readonly count: { readonly of: HoldCountId; readonly times: number } | null;
  /** How much of the recipe lies there after this step: so many layers, as tied or laid back as they will be. */
  readonly shows: { readonly layers: number; readonly as: 'tied' | 'rest' | 'flared' };
  readonly mistakes: readonly MistakeId[];
  /** Glue in this step that dries, min; left out where none does. */
  readonly dries?: { readonly what: string; readonly minutes: number };
}

interface HoldCount {
  readonly id: HoldCountId;
  readonly usual: number;
  readonly most: number;
}

/** The contract each way to hold a skirt fills. A new way is a new file and a line in `index.ts`. */
export interface SkirtHold<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  readonly how: string;
  readonly tools: readonly string[];
  /** Besides what the layers are made of. */
  readonly materials: readonly string[];
  readonly counts: readonly HoldCount[];
  /** Wound on a hook: there is no loose one of it. */
  readonly isOnHead?: boolean;
  /** It takes one collar a skirt. */
  readonly takesCollar: boolean;
  /** What it is made of: tabs, hair, fur, sheet. */
  readonly suits: readonly ('tab' | 'hair' | 'fur' | 'sheet')[];
  /** How long what seals it dries, min, with what it is; null where nothing dries. */
  readonly drying: { readonly what: string; readonly minutes: number } | null;
  /** Looked at before it counts as tied. */
  readonly checks: readonly string[];
  /** Before one has tied ten: how long a skirt takes, s. */
  readonly usualSeconds: number;
  readonly cautions: readonly string[];
  readonly steps: (facts: TyingFacts) => readonly HoldStep[];
}
