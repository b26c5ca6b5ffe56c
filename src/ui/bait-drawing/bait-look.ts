import type { BuildPiece } from '@/core/builds/build';
import type { LaidBait } from '@/core/builds/place-parts';
import type { HolePattern } from '@/core/builds/hole-pattern';
import type { JigLook } from '../skirt-drawing/skirt-look';

/** Something on the bait beside its arm, as it is drawn. */
export interface TrailingPart {
  readonly slot: string;
  readonly piece: BuildPiece;
  readonly hex: string;
}

/** A bait as it is drawn, measures in mm. */
export interface BaitLook {
  readonly laid: LaidBait;
  /** Its head with what is tied to it; null on a wire without a head. */
  readonly jig: JigLook | null;
  readonly trailing: readonly TrailingPart[];
  /** By arm piece id or `end`: the color of a blade or bead. */
  readonly hexOf: (piece: BuildPiece) => string;
  readonly pattern: HolePattern | null;
  /** The color that its tail was dipped in; null where it was not. */
  readonly dipHex: string | null;
  /** Degrees it turns when it hangs from the line. */
  readonly hangsDeg: number;
  /** Where it balances. */
  readonly center: { readonly x: number; readonly y: number };
}

export type BaitPose = 'pulled' | 'hanging';
