import type { ShapeDefinition } from './definition';

export interface Frustum {
  readonly bottomDiameterMm: number;
  readonly topDiameterMm: number;
  readonly heightMm: number;
}

/** A cone cut across; a zero end makes a cone. */
export const frustum: ShapeDefinition<Frustum> = {
  dimensions: ['bottomDiameterMm', 'topDiameterMm', 'heightMm'],
  volumeMm3: ({ bottomDiameterMm: a, topDiameterMm: b, heightMm }) =>
    (Math.PI / 12) * heightMm * (a * a + a * b + b * b),
  centroidMm: ({ bottomDiameterMm: a, topDiameterMm: b, heightMm }) => {
    const squares = a * a + a * b + b * b;
    return squares > 0 ? (heightMm * (a * a + 2 * a * b + 3 * b * b)) / (4 * squares) : 0;
  },
  scale: (dims, k) => ({
    bottomDiameterMm: dims.bottomDiameterMm * k,
    topDiameterMm: dims.topDiameterMm * k,
    heightMm: dims.heightMm * k,
  }),
  loft: ({ bottomDiameterMm, topDiameterMm, heightMm }) => ({
    section: 'round',
    depth: 1,
    profile: [
      [bottomDiameterMm / 2, 0],
      [topDiameterMm / 2, heightMm],
    ],
  }),
};
