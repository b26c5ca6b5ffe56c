import { loftMoments, type Loft, type ProfilePoint } from '../loft';
import type { ShapeDefinition } from './definition';

/** A body by its sections: for pyramids, flat backs and footballs, which no turning makes. */
export const loft: ShapeDefinition<Loft> = {
  dimensions: ['depth'],
  volumeMm3: (dims) => loftMoments(dims).volumeMm3,
  centroidMm: (dims) => {
    const { volumeMm3, momentMm4 } = loftMoments(dims);
    return volumeMm3 > 0 ? momentMm4 / volumeMm3 : 0;
  },
  // The depth is a ratio: it stays.
  scale: ({ section, depth, profile }, k) => ({
    section,
    depth,
    profile: profile.map(([r, z]): ProfilePoint => [r * k, z * k]),
  }),
  loft: (dims) => dims,
};
