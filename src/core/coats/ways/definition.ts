/** What heats a head: an open flame, a heat gun, or an oven. */
export const HEATER_KINDS = ['flame', 'gun', 'oven'] as const;

export type HeaterKind = (typeof HEATER_KINDS)[number];

export const COAT_WAY_IDS = ['flame-dip', 'fluid-bed', 'oven-dust'] as const;

export type CoatWayId = (typeof COAT_WAY_IDS)[number];

/** The contract each way to coat fills. A new one is a new file, a name above and a line in `index.ts`. */
export interface CoatWay {
  readonly id: CoatWayId;
  readonly name: string;
  /** What is done, in a breath. */
  readonly how: string;
  /** What it heats with, the usual one first. */
  readonly heaters: readonly HeaterKind[];
  /** How far over the powder's fuse temperature a head leaves the heat, C (common practice). */
  readonly overFuseC: number;
  /** Heat passing from the head to what is round it while it is dipped or dusted, W/(m2 K) (typical). */
  readonly coolingWm2K: number;
  /** The cured film, micrometers, and the share of the powder that stays on (typical). */
  readonly filmUm: number;
  readonly utilization: number;
  /** Heads heated at once: one in the hand, or the rack together. */
  readonly atOnce: 'one' | 'rack';
  /** Hands on a head besides the heating, s (typical). */
  readonly handS: number;
  readonly tooShort: string;
  readonly tooLong: string;
}
