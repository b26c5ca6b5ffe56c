/** What a slice of a cost is: bought, made, or the hands, tools and power that went into it. */
export type CostTone = 'part' | 'made' | 'hands' | 'tools' | 'power';

/** A piece of a cost: what it is of, what it costs in one piece, what it opens to. */
export interface CostSlice {
  readonly id: string;
  readonly name: string;
  /** How much of it, in words; empty where there is nothing to say. */
  readonly amount: string;
  readonly each: number;
  readonly money: string;
  readonly tone: CostTone;
  readonly isGuess: boolean;
  readonly slices: readonly CostSlice[];
  /** The sum that it comes of, in words. */
  readonly how: readonly string[];
}
