import type { Arc } from './skirt-layer';

/** From where a skirt is looked at. */
export const SKIRT_VIEWS = ['side', 'top', 'end'] as const;
export type SkirtView = (typeof SKIRT_VIEWS)[number];

/** The part of the round that faces who looks: nose to the left from the side, so the left half; the upper from the top. */
export const FACING: Readonly<Record<SkirtView, Arc>> = {
  side: { fromDeg: 180, toDeg: 360 },
  top: { fromDeg: -90, toDeg: 90 },
  end: { fromDeg: 0, toDeg: 360 },
};
