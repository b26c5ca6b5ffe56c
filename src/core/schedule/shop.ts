/** Something that is done once: by hand, or by itself, as a cure or a drying. Minutes from the beginning of the plan. */
export interface ShopTask {
  readonly id: string;
  readonly minutes: number;
  /** It takes the maker's hands, all along. */
  readonly hands: boolean;
  /** Where it is done; nowhere in particular where left out. */
  readonly place?: string | undefined;
  /** What has to be over before, and how long to wait after that. */
  readonly after?: readonly { readonly id: string; readonly waitMin?: number | undefined }[] | undefined;
  /** Whose it is; nobody's where left out. */
  readonly order?: string | undefined;
  /** It begins no sooner; from the beginning on where left out. */
  readonly fromMin?: number | undefined;
  /** It is over by then, before what is not held to a time; whenever where left out. */
  readonly untilMin?: number | undefined;
}

/** So many tasks at once. */
export interface ShopPlace {
  readonly id: string;
  readonly count: number;
}

/** When the maker is at the bench. */
export interface ShopWindow {
  readonly fromMin: number;
  readonly toMin: number;
}

export interface ShopOrder {
  readonly id: string;
  readonly dueMin: number;
}

/** A small shop's work: one pair of hands, its places, when the hands are there, and who waits for what. */
export interface Shop {
  readonly tasks: readonly ShopTask[];
  readonly places: readonly ShopPlace[];
  readonly windows: readonly ShopWindow[];
  readonly orders: readonly ShopOrder[];
  /** How many pairs of hands are there in every window; one where left out. */
  readonly pairs?: number | undefined;
}

export interface OrderEnd {
  readonly id: string;
  readonly finishMin: number;
  readonly lateMin: number;
}

export interface ShopPlan {
  /** In the order of the tasks. */
  readonly starts: readonly { readonly id: string; readonly startMin: number }[];
  readonly orders: readonly OrderEnd[];
  readonly totalLateMin: number;
  /** Proven: nothing is less late, and of what is as late nothing is finished sooner. */
  readonly optimal: boolean;
  /** No plan of this shop is less late than this, min. */
  readonly boundLateMin: number;
}

/** Minutes nearer than this are one. */
export const SAME_MIN = 1e-9;
