import type { CardCure } from '../check-cure';

export const CURE_SCHOOL_IDS = ['card', 'hot-short', 'cool-long', 'hot-spray'] as const;

export type CureSchoolId = (typeof CURE_SCHOOL_IDS)[number];

/** A powder's card: one temperature and time, or several that do as well. */
export interface PowderCard {
  readonly cures: readonly Pick<CardCure, 'cureC' | 'cureMin'>[];
  readonly maxC: number;
}

/** A part so hot, so long. */
export interface CureTime {
  readonly partC: number;
  readonly minutes: number;
}

/** The contract each school of curing fills. A new one is a new file, a name above and a line in `index.ts`. */
export interface CureSchool {
  readonly id: CureSchoolId;
  readonly name: string;
  readonly how: string;
  /** What this school does with a powder; what its card says to that is for `judgeCure` to tell. */
  readonly cureFor: (card: PowderCard) => CureTime;
  /** Heads go in as hot as they left the spray, not cold. */
  readonly startsHot: boolean;
}
