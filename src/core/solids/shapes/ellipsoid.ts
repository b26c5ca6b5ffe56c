import { arcProfile } from './arc-profile';
import type { ShapeDefinition } from './definition';

export interface Ellipsoid {
  readonly xMm: number;
  readonly yMm: number;
  readonly zSizeMm: number;
}

export const ellipsoid: ShapeDefinition<Ellipsoid> = {
  dimensions: ['xMm', 'yMm', 'zSizeMm'],
  volumeMm3: ({ xMm, yMm, zSizeMm }) => (Math.PI / 6) * xMm * yMm * zSizeMm,
  centroidMm: ({ zSizeMm }) => zSizeMm / 2,
  scale: ({ xMm, yMm, zSizeMm }, k) => ({ xMm: xMm * k, yMm: yMm * k, zSizeMm: zSizeMm * k }),
  loft: ({ xMm, yMm, zSizeMm }) => ({
    section: 'round',
    depth: yMm / xMm,
    profile: arcProfile(xMm / 2, zSizeMm / 2, -90, 90, zSizeMm / 2),
  }),
};
