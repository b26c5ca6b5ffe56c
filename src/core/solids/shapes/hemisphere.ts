import { arcProfile } from './arc-profile';
import type { ShapeDefinition } from './definition';

export interface Hemisphere {
  readonly diameterMm: number;
}

/** Half a ball, flat side down: its center of volume lies 3/8 of the radius above the flat. */
export const hemisphere: ShapeDefinition<Hemisphere> = {
  dimensions: ['diameterMm'],
  volumeMm3: ({ diameterMm }) => (Math.PI / 12) * diameterMm ** 3,
  centroidMm: ({ diameterMm }) => (3 / 16) * diameterMm,
  scale: ({ diameterMm }, k) => ({ diameterMm: diameterMm * k }),
  loft: ({ diameterMm: d }) => ({ section: 'round', depth: 1, profile: arcProfile(d / 2, d / 2, 0, 90, 0) }),
};
