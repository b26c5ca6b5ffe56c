/** What is done on the way from a ticket to its bag; a parcel is waited for. */
export type WeekTaskKind =
  | 'pour'
  | 'dress'
  | 'coat'
  | 'cure'
  | 'tie'
  | 'cement'
  | 'build'
  | 'rig'
  | 'bag'
  | 'parcel';

export type WeekPlaceId = 'pot' | 'oven' | 'vise';

/** One thing to do, or to wait for, on the way of a ticket. */
export interface WeekTask {
  /** The same whenever it is asked, as long as it is the same work. */
  readonly id: string;
  readonly kind: WeekTaskKind;
  /** Of what and how many, `40 × Bullet 10 g`. */
  readonly what: string;
  readonly minutes: number;
  readonly hands: boolean;
  readonly place: WeekPlaceId | null;
  readonly after: readonly { readonly id: string; readonly waitMin: number }[];
  /** The tickets that it is for. */
  readonly ticketIds: readonly string[];
  /** How far it may lie from its minutes, as one standard deviation of the logarithm. */
  readonly spread: number;
  /** From the maker's own log, not as is usual. */
  readonly isOwn: boolean;
  /** Where it is done. */
  readonly href: string;
  /** The lot that is poured; null where nothing is. */
  readonly metalId: string | null;
  /** What it wants that does not lie there, and the day it is to come; null where none is on order, or nobody knows. */
  readonly lacks: readonly { readonly binId: string; readonly qty: number; readonly dueOn: string | null }[];
}

export const TASK_WORDS: Readonly<Record<WeekTaskKind, string>> = {
  pour: 'Melt and pour',
  dress: 'Dress',
  coat: 'Heat and coat',
  cure: 'Cure',
  tie: 'Tie',
  cement: 'Cement dries',
  build: 'Build',
  rig: 'Rig',
  bag: 'Bag',
  parcel: 'Parcel',
};

/** No piece of hand work is laid out longer than this in one go, min. */
const LONGEST_TASK_MIN = 75;

/**
 * Some pieces in parts that each go into one sitting, as equal as can be.
 *
 * @example sittings(40, 3, 75) // [20, 20]: twice an hour, rather than two hours in one go
 */
export function sittings(count: number, minutesEach: number, mostMin: number): number[] {
  if (count <= 0) return [];
  const most = Math.max(1, Math.floor(Math.min(mostMin, LONGEST_TASK_MIN) / minutesEach));
  const parts = Math.ceil(count / most);
  return Array.from(
    { length: parts },
    (_, nth) => Math.floor((count * (nth + 1)) / parts) - Math.floor((count * nth) / parts),
  );
}
