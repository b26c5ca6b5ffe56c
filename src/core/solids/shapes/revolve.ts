import { loftMoments, type Loft, type ProfilePoint } from '../loft';
import type { ShapeDefinition } from './definition';

export interface Revolve {
  /** From the bottom up; z never falls. Its z adds to the part's own. */
  readonly profile: readonly ProfilePoint[];
}

const turned = ({ profile }: Revolve): Loft => ({ section: 'round', depth: 1, profile });

/** A turned body. */
export const revolve: ShapeDefinition<Revolve> = {
  dimensions: [],
  volumeMm3: (dims) => loftMoments(turned(dims)).volumeMm3,
  centroidMm: (dims) => {
    const { volumeMm3, momentMm4 } = loftMoments(turned(dims));
    return volumeMm3 > 0 ? momentMm4 / volumeMm3 : 0;
  },
  scale: ({ profile }, k) => ({ profile: profile.map(([r, z]): ProfilePoint => [r * k, z * k]) }),
  loft: turned,
};
