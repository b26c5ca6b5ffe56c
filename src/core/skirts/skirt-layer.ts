/** Where a layer lies round the collar, in degrees clockwise as seen from behind: 0 on top, 90 right, 180 below. */
export interface Arc {
  readonly fromDeg: number;
  /** Over `fromDeg`, at most a full round further. */
  readonly toDeg: number;
}

/** One layer of a skirt as it is held: what the drawing and the shares are made from. */
export interface SkirtLayer {
  readonly material: string;
  /** May be broken: a quarter of a tab of 22 is 5.5. */
  readonly strands: number;
  readonly strandWidthMm: number;
  readonly arc: Arc;
  /** From the collar back. */
  readonly lengthMm: number;
  /** Tied pointing forward and folded back; else tied as it is to lie. */
  readonly isForward: boolean;
}

/** Where a layer may be asked to lie. */
export type SkirtPlace =
  | { readonly at: 'round' | 'top' | 'below' | 'left' | 'right' }
  | { readonly at: 'angles'; readonly fromDeg: number; readonly toDeg: number };
