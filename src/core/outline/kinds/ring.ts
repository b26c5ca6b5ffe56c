import { acrossOf } from '../outline';
import { size, within, type SightKind } from './definition';

export const ring: SightKind = {
  id: 'ring',
  name: 'Ring',
  roles: ['ring', 'solid'],
  likely: ({ filledMm2, roundness, holes: [hole] }) =>
    hole
      ? within(hole.acrossMm / Math.sqrt((4 * filledMm2) / Math.PI), [0.5, 0.92], 0.1) *
        within(roundness, [0.9, 1.1], 0.1)
      : 0,
  usualHeightMm: ({ filledMm2, holes: [hole] }) =>
    (Math.sqrt((4 * filledMm2) / Math.PI) - (hole?.acrossMm ?? 0)) / 2,
  read: (outline, { holes: [hole] }) => {
    const acrossMm = acrossOf(outline.outer);
    const sizes = [size('diameterMm', 'Across', acrossMm)];
    if (!hole) return sizes;
    return [
      ...sizes,
      size('ringMm', 'Wire', (acrossMm - hole.acrossMm) / 2),
      size('holeMm', 'Inside', hole.acrossMm),
    ];
  },
};
