/** So many castings of something. */
export interface KeyCount {
  readonly key: string;
  readonly count: number;
}

/** What a group of like cavities casts over a run. */
export interface MoldFills {
  readonly cavities: readonly number[];
  readonly filled: readonly KeyCount[];
}

/** A block as the plan sees it: what each cavity can give, and what a pour of it costs in time. */
export interface PlanMold {
  readonly id: string;
  /** For each cavity the keys it can give; none where it is blocked or gives nothing that could be wanted. */
  readonly cavities: readonly (readonly string[])[];
  readonly secondsPerPour: number;
  /** Once, where the mold is poured at all. */
  readonly setupSeconds: number;
  /** Every cavity fills on each pour (spun and gang molds), wanted or not. */
  readonly fillAll?: boolean;
  /** Equal blocks poured as one, for the same seconds. */
  readonly copies?: number;
  readonly maxPours?: number;
}

export interface PlanRun {
  readonly moldId: string;
  readonly pours: number;
  /** What each group of like cavities casts in this run, what is over included. */
  readonly fills: readonly MoldFills[];
}

export interface PourPlan {
  readonly totalSeconds: number;
  readonly pours: number;
  readonly runs: readonly PlanRun[];
  readonly overPour: readonly KeyCount[];
  /** True where no plan can be shorter. */
  readonly optimal: boolean;
  /** Proven: no plan takes less. */
  readonly boundSeconds: number;
}

/** Cavities of one mold that can give the same keys: the plan need not tell them apart. */
export interface CavityGroup {
  /** Positions in the mold. */
  readonly cavities: readonly number[];
  /** Every key they can give. */
  readonly keys: readonly string[];
  /** Those that are asked for. */
  readonly wantedKeys: readonly string[];
  /** Castings a pour gives when all are filled: cavities times copies. */
  readonly slots: number;
}

/** A mold with its cavities gathered, ready for the program. */
export interface GatheredMold {
  readonly mold: PlanMold;
  readonly groups: readonly CavityGroup[];
  /** No plan needs more pours than this. */
  readonly mostPours: number;
}

/** A solution read back: pours of each mold, and for groups that can give several keys how many of each. */
export interface PourSolution {
  readonly pours: readonly number[];
  /** [mold][group] to castings by key; only groups with several wanted keys have an entry. */
  readonly shared: readonly (readonly (ReadonlyMap<string, number> | null)[])[];
}
