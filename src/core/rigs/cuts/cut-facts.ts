/** Rolls, sticks or offcuts of one length. */
export interface CutStock {
  readonly id: string;
  readonly lengthMm: number;
  /** How many there are; null for as many as it takes. */
  readonly count: number | null;
}

/** Pieces of one length that are wanted. */
export interface CutPiece {
  readonly id: string;
  readonly lengthMm: number;
  readonly count: number;
}

/** One way to cut a length of stock, and how often it is cut that way. */
export interface CutPattern {
  readonly stockId: string;
  readonly times: number;
  readonly cuts: readonly { readonly id: string; readonly count: number }[];
}

export interface CutPlan {
  readonly used: readonly { readonly stockId: string; readonly count: number }[];
  readonly patterns: readonly CutPattern[];
  /** Opened length less the pieces, what the blade eats included, mm. */
  readonly wasteMm: number;
  /** Proven: no plan opens less. */
  readonly optimal: boolean;
}

/** How many of each piece one length gives, by the order of the pieces. */
export type CutCounts = readonly number[];
