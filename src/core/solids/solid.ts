import { SHAPES, type ShapeDims, type ShapeName } from './shapes';
import type { ShapeDefinition } from './shapes/definition';

interface Placement {
  /** -1 cuts; 1 where absent. */
  readonly sign?: 1 | -1 | undefined;
  /** How many alike; 1 where absent. */
  readonly count?: number | undefined;
  /** Where its foot stands on the axis, mm; 0 where absent. */
  readonly zMm?: number | undefined;
}

/** A shape with its sizes and its place. */
export type Part = { [Name in ShapeName]: { readonly shape: Name } & ShapeDims[Name] & Placement }[ShapeName];

/** Parts standing along one axis that do not overlap. */
export interface Solid {
  readonly parts: readonly Part[];
}

/**
 * The definition of a part's shape, to be given the part itself.
 *
 * @example shapeOf({ shape: 'sphere', diameterMm: 2 }).volumeMm3(part) // 4.188...
 */
export function shapeOf(part: Part): ShapeDefinition<Part> {
  return SHAPES[part.shape] as unknown as ShapeDefinition<Part>;
}
