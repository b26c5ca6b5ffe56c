/** A rack as it goes into the oven: so many rods, so many slots on each. */
export interface RackSize {
  readonly rods: number;
  readonly slots: number;
}

/** Heads that are alike to the rack: of one kind and color. */
export interface RackGroup {
  readonly key: string;
  readonly count: number;
  /** Slots that one takes. */
  readonly slotsEach: number;
  /** The cures that suit it, by their place in the list of cures. */
  readonly cures: readonly number[];
  /** Light before dark: lower numbers go in earlier. */
  readonly order: number;
}

export interface Hung {
  readonly key: string;
  readonly rod: number;
  /** The first of its slots. */
  readonly slot: number;
}

export interface RackLoad {
  /** By its place in the list of cures. */
  readonly cure: number;
  readonly hung: readonly Hung[];
}

export interface RackPlan {
  readonly loads: readonly RackLoad[];
  /** Nobody can do with fewer loads. */
  readonly optimal: boolean;
  /** Groups that no cure suits, or that fit on no rod. */
  readonly refused: readonly string[];
}
