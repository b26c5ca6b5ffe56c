/** A point of an outline: how far along the axis from the nose, how far from it. Units of the style's own. */
export type OutlinePoint = readonly [along: number, radius: number];

/** The contract each head or sinker style fills. A new style is a new file and a line in `index.ts`. */
export interface HeadStyle {
  readonly key: string;
  /** As on a ticket: `Round`. */
  readonly name: string;
  /** As in a sentence: `round heads`. */
  readonly plural: string;
  /** Cast on a hook; else a sinker. */
  readonly isHooked: boolean;
  /** Outline of one half from nose to tail, in units of the body's radius. */
  readonly outline: readonly OutlinePoint[];
  /** How much wider across than high: 1 for a turned body, more for a football. */
  readonly depth: number;
  /** Where the eye leaves the body, as a share of its length. */
  readonly eyeAt: number;
  /** Share of the hook in the metal where nobody measured it. */
  readonly hookShare: number;
}
