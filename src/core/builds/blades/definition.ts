export const BLADE_FORM_IDS = ['leaf', 'drop', 'round', 'wing', 'plate'] as const;
export type BladeFormId = (typeof BLADE_FORM_IDS)[number];

/** A point of an outline: how far along from the hanger's hole, and how far to the side, each as a share of length and half width. */
export type BladePoint = readonly [along: number, aside: number];

/**
 * The contract each form of blade fills. Coefficients are estimates, good for setting builds side by side and for nothing
 * else; a speed the maker saw corrects them.
 */
export interface BladeForm {
  readonly id: BladeFormId;
  readonly name: string;
  /** Of length times width. */
  readonly areaShare: number;
  /** Estimates, on the blade's own area. */
  readonly liftCoefficient: number;
  readonly dragCoefficient: number;
  /** How far it stands out from the wire when pulled, degrees. */
  readonly standsDeg: number;
  /** How much of its width is felt as beat; 1 is the most. */
  readonly thumpShare: number;
  /** Turns on the wire itself, through holes in its ears, instead of hanging from a clevis or swivel. */
  readonly isOnWire: boolean;
  /** One half, from the hole end to the tip. */
  readonly outline: readonly BladePoint[];
}
