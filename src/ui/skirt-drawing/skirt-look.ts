import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import type { HeadView } from '@/drawing/head-view';
import type { CollarPlace } from '@/drawing/skirt/drawn-strand';
import type { CoatLook } from '../head-drawing/CoatedHead';

/** A material as it is drawn. */
export interface StrandLook {
  /** A shade darker, as it is, a shade lighter. */
  readonly tones: readonly [string, string, string];
  readonly flakes: readonly { readonly hex: string; readonly sizeMm: number }[];
  readonly opacity: number;
}

/** A skirt on its head as it is drawn, measures in mm. */
export interface JigLook {
  readonly head: HeadView;
  readonly coat: CoatLook | null;
  /** How much wider across than high the head is. */
  readonly depth: number;
  /** As they are drawn: hair in locks. */
  readonly layers: readonly SkirtLayer[];
  /** A look for each of the layers. */
  readonly looks: readonly StrandLook[];
  readonly collar: CollarPlace;
  /** A rubber collar's color; null where thread, floss or wire holds. */
  readonly collarHex: string | null;
  readonly guardHex: string | null;
  readonly hasRattle: boolean;
  readonly trailerHex: string | null;
}

/** How a skirt is seen: laid back, in the tying with so many layers on, or standing open. */
export type SkirtState =
  | { readonly is: 'rest' }
  | { readonly is: 'tying'; readonly layers: number }
  | { readonly is: 'open'; readonly open: number; readonly pulse: number };
