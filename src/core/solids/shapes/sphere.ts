import { arcProfile } from './arc-profile';
import type { ShapeDefinition } from './definition';

export interface Sphere {
  readonly diameterMm: number;
}

export const sphere: ShapeDefinition<Sphere> = {
  dimensions: ['diameterMm'],
  volumeMm3: ({ diameterMm }) => (Math.PI / 6) * diameterMm ** 3,
  centroidMm: ({ diameterMm }) => diameterMm / 2,
  scale: ({ diameterMm }, k) => ({ diameterMm: diameterMm * k }),
  loft: ({ diameterMm: d }) => ({
    section: 'round',
    depth: 1,
    profile: arcProfile(d / 2, d / 2, -90, 90, d / 2),
  }),
};
