import type { Loft } from '../loft';
import { box, type Box } from './box';
import { cylinder, type Cylinder } from './cylinder';
import type { ShapeDefinition } from './definition';
import { ellipsoid, type Ellipsoid } from './ellipsoid';
import { frustum, type Frustum } from './frustum';
import { hemisphere, type Hemisphere } from './hemisphere';
import { loft } from './loft';
import { revolve, type Revolve } from './revolve';
import { sphere, type Sphere } from './sphere';

/** The sizes of each shape, by its name. */
export interface ShapeDims {
  cylinder: Cylinder;
  frustum: Frustum;
  sphere: Sphere;
  hemisphere: Hemisphere;
  ellipsoid: Ellipsoid;
  box: Box;
  revolve: Revolve;
  loft: Loft;
}

export type ShapeName = keyof ShapeDims;

/** Every shape a part can have. */
export const SHAPES: { readonly [Name in ShapeName]: ShapeDefinition<ShapeDims[Name]> } = {
  cylinder,
  frustum,
  sphere,
  hemisphere,
  ellipsoid,
  box,
  revolve,
  loft,
};
