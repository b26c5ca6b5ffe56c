import { size, within, type SightKind } from './definition';

export const clevis: SightKind = {
  id: 'clevis',
  name: 'Clevis',
  roles: ['clevis', 'strap'],
  likely: ({ frame: { lengthMm, widthMm }, fill, wireMm, holes }) =>
    0.7 *
    within(fill, [0.25, 0.7], 0.15) *
    within(lengthMm, [4, 16], 5) *
    within(lengthMm / widthMm, [1, 2.2], 0.5) *
    within(wireMm / widthMm, [0.1, 0.4], 0.1) *
    (holes.length > 0 && holes.length < 3 ? 1 : 0.6),
  usualHeightMm: ({ frame }) => 0.5 * frame.widthMm,
  read: (_, { frame, holes: [hole] }) => [
    size('lengthMm', 'Length', frame.lengthMm),
    size('widthMm', 'Width', frame.widthMm),
    ...(hole ? [size('holeMm', 'Hole', hole.acrossMm)] : []),
  ],
};
