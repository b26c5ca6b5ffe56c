/** A strand as it is drawn, mm: its body to fill, its middle line to strew flakes along. */
export interface DrawnStrand {
  /** Of the layers, as given. */
  readonly layer: number;
  /** A shade lighter or darker than its material, so that one strand is told from the next. */
  readonly tone: -1 | 0 | 1;
  readonly body: string;
  readonly line: string;
}

/** The collar: its middle line on the hook's shank, mm. */
export interface CollarPlace {
  /** Where the skirt leaves it, toward the bend. */
  readonly xMm: number;
  readonly lengthMm: number;
  /** Of the bundle it grips. */
  readonly diameterMm: number;
  /** How far strands stand out toward the head; 0 for none. */
  readonly headSideMm: number;
}

export type Point = readonly [x: number, y: number];

const GOLDEN = 0.6180339887498949;

/**
 * Something between 0 and 1 that looks like chance and is the same each time.
 *
 * @example strew(3, 1) // 0.47
 */
export function strew(nth: number, salt: number): number {
  const mixed = (nth + 1) * GOLDEN + salt * 0.7548776662466927;
  return mixed - Math.floor(mixed);
}

/**
 * The shade of a strand, so that neighbors differ.
 *
 * @example strandTone(0, 0) // 1
 */
export function strandTone(nth: number, layer: number): -1 | 0 | 1 {
  const at = strew(nth, layer + 11);
  return at < 0.3 ? -1 : at < 0.7 ? 0 : 1;
}

/**
 * Numbers as a path writes them, to a hundredth of a millimeter.
 *
 * @example pathPoint([1.23456, -2]) // '1.23 -2'
 */
export function pathPoint([x, y]: Point): string {
  return `${Math.round(x * 100) / 100} ${Math.round(y * 100) / 100}`;
}
