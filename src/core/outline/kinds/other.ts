import { size, type SightKind } from './definition';

export const other: SightKind = {
  id: 'other',
  name: 'Something else',
  roles: [],
  likely: () => 0.15,
  usualHeightMm: ({ wireMm }) => wireMm,
  read: (_, { frame, areaMm2 }) => [
    size('lengthMm', 'Length', frame.lengthMm),
    size('widthMm', 'Width', frame.widthMm),
    size('areaMm2', 'Area', areaMm2, { unit: 'mm2' }),
  ],
};
