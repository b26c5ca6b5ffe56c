/** A hook, wire or eye cast in, or a pin that is pulled after casting (`removed`: a hole and no mass). */
export interface EmbeddedPart {
  readonly name: string;
  readonly count?: number | undefined;
  readonly massG: number;
  readonly volumeCm3: number;
  /** The share of its volume that lies in the cavity, 0..1. */
  readonly embeddedShare?: number | undefined;
  readonly removed?: boolean | undefined;
}
