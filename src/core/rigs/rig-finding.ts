/** What does not fit in a rig, as data: `stop` keeps it from being made, `mind` is the maker's to judge. */
export type RigFinding = {
  readonly weight: 'stop' | 'mind';
  /** Items by id, or places that are empty. */
  readonly at: readonly string[];
} & (
  | { readonly code: 'missing'; readonly what: string }
  | {
      readonly code: 'crimp-wrong';
      readonly name: string;
      readonly holeMm: number;
      readonly cable: string;
      readonly wantMm: number;
      /** The part of the shelf that is right, if one lies there. */
      readonly right: Suited | null;
    }
  | {
      readonly code: 'tube-small' | 'tube-loose';
      readonly name: string;
      readonly hook: string;
      readonly holeMm: number;
      readonly shrunkMm: number;
      readonly overMm: number;
      readonly gripMm: number;
      readonly right: Suited | null;
    }
  | {
      readonly code: 'tube-on-bend';
      readonly name: string;
      readonly downMm: number;
      readonly shankMm: number;
    }
  | { readonly code: 'tube-order'; readonly frontMm: number; readonly rearMm: number }
  | {
      readonly code: 'gape-fouls';
      readonly name: string;
      readonly gapeMm: number;
      readonly bodyMm: number;
      /** Hooks of the shelf that clear it: the next smaller, the next larger. */
      readonly smaller: Suited | null;
      readonly larger: Suited | null;
    }
  | { readonly code: 'hangs-low'; readonly name: string; readonly reachMm: number; readonly jigMm: number }
  | {
      readonly code: 'cord-least';
      readonly name: string;
      readonly leastMm: number;
      readonly reachMm: number;
      readonly wishedMm: number;
    }
  | {
      readonly code: 'too-weak';
      readonly weakest: string;
      readonly kgf: number;
      readonly loadKgf: number;
      readonly right: Suited | null;
    }
  | { readonly code: 'unknown-strength'; readonly names: readonly string[] }
  | {
      readonly code: 'hole-small';
      readonly name: string;
      readonly holeMm: number;
      readonly over: string;
      readonly overMm: number;
    }
  | { readonly code: 'lines-meet'; readonly name: string; readonly next: string }
  | { readonly code: 'spacing-odd'; readonly mm: number; readonly regularMm: number; readonly longMm: number }
  | { readonly code: 'hooks-meet'; readonly name: string; readonly next: string; readonly overMm: number }
  | { readonly code: 'off-weight'; readonly massG: number; readonly targetG: number }
  | { readonly code: 'not-measured'; readonly name: string; readonly what: string }
);

/** A part of the shelf that would suit, with its size. */
export interface Suited {
  readonly binId: string;
  readonly name: string;
}
