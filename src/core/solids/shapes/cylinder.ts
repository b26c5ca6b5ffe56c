import type { ShapeDefinition } from './definition';

export interface Cylinder {
  readonly diameterMm: number;
  readonly heightMm: number;
}

export const cylinder: ShapeDefinition<Cylinder> = {
  dimensions: ['diameterMm', 'heightMm'],
  volumeMm3: ({ diameterMm, heightMm }) => (Math.PI / 4) * diameterMm ** 2 * heightMm,
  centroidMm: ({ heightMm }) => heightMm / 2,
  scale: ({ diameterMm, heightMm }, k) => ({ diameterMm: diameterMm * k, heightMm: heightMm * k }),
  loft: ({ diameterMm, heightMm }) => ({
    section: 'round',
    depth: 1,
    profile: [
      [diameterMm / 2, 0],
      [diameterMm / 2, heightMm],
    ],
  }),
};
