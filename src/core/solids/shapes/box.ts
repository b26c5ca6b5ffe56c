import type { ShapeDefinition } from './definition';

export interface Box {
  readonly xMm: number;
  readonly yMm: number;
  readonly zSizeMm: number;
}

export const box: ShapeDefinition<Box> = {
  dimensions: ['xMm', 'yMm', 'zSizeMm'],
  volumeMm3: ({ xMm, yMm, zSizeMm }) => xMm * yMm * zSizeMm,
  centroidMm: ({ zSizeMm }) => zSizeMm / 2,
  scale: ({ xMm, yMm, zSizeMm }, k) => ({ xMm: xMm * k, yMm: yMm * k, zSizeMm: zSizeMm * k }),
  loft: ({ xMm, yMm, zSizeMm }) => ({
    section: 'square',
    depth: yMm / xMm,
    profile: [
      [xMm / 2, 0],
      [xMm / 2, zSizeMm],
    ],
  }),
};
