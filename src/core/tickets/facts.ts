import type { EmbeddedPart } from '../cavities/embedded-part';
import type { HookSlot } from './takes-hook';

/** What the sums of a ticket need to know of the bench. The records of the bench fill these as they are. */

export interface MetalFacts {
  readonly id: string;
  readonly densityGcm3: number;
  readonly shrinkLinear: number;
}

export interface HookFacts {
  readonly id: string;
  readonly size: string;
  readonly massG: number;
  /** How thick its wire is, and how long its shank from the eye to the bend; left out where nobody measured. */
  readonly wireMm?: number;
  readonly shankMm?: number;
}

export interface CavityFacts {
  readonly style: string;
  readonly nominalG: number;
  readonly volumeCm3: number;
  /** Where that volume comes from; a guess was made from the mark alone. Left out, it is taken as measured. */
  readonly volumeBasis?: 'weighed' | 'reference' | 'guess';
  readonly hookSizes: readonly string[];
  /** Its slot for the hook, where it was measured. */
  readonly slot?: HookSlot | undefined;
  readonly hookShare: number;
  /** Pins, eyes and frames cast in besides the hook. */
  readonly inserts: readonly (EmbeddedPart & {
    /** The bin it is of; left out where nobody said. */
    readonly binId?: string | null | undefined;
  })[];
}

export interface MoldFacts {
  readonly id: string;
  readonly kind: 'bar' | 'spun' | 'frame' | 'board';
  readonly secondsPerPour: number;
  readonly setupSeconds: number;
  readonly spruePerPourG: number;
  /** Equal blocks poured as one, each with its own sprue. */
  readonly copies: number;
  /** First pours of a cold block, which go back; none where left out. */
  readonly warmUpPours?: number;
  /** The most pours in a session; null for no bound. */
  readonly maxPours: number | null;
  readonly cavities: readonly CavityFacts[];
}

/** A head as it is asked for: what it is, without who wants it. */
export interface HeadSpec {
  readonly style: string;
  readonly nominalG: number;
  readonly hookBinId: string | null;
}

/** What is still to be cast of a ticket line. */
export interface LineWant extends HeadSpec {
  readonly ticketId: string;
  readonly lineId: string;
  /** Null where bought heads would do, or any that lie there. */
  readonly metalBinId: string | null;
  readonly left: number;
  readonly dueOn: string | null;
  readonly toleranceShare: number;
}
