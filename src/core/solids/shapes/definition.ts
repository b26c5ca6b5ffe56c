import type { Loft } from '../loft';

/** The contract each shape of a part fills. A new shape is a new file and a line in `index.ts`. */
export interface ShapeDefinition<Dims> {
  /** The sizes that can be solved for. */
  readonly dimensions: readonly (keyof Dims & string)[];
  readonly volumeMm3: (dims: Dims) => number;
  /** Height of the center of volume above the foot of the shape, mm. */
  readonly centroidMm: (dims: Dims) => number;
  /** All lengths k times as long. */
  readonly scale: (dims: Dims, k: number) => Dims;
  /** The shape by its sections, standing on z = 0, in facets fine enough for drawing and printing. */
  readonly loft: (dims: Dims) => Loft;
}
