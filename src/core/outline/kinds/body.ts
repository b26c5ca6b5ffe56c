import { loftMoments } from '../../solids/loft';
import { bodyProfileOf } from '../body-profile';
import { size, within, type SightKind } from './definition';

export const body: SightKind = {
  id: 'body',
  name: 'Head or sinker',
  roles: ['weight'],
  likely: ({ frame: { lengthMm, widthMm }, fill, holes: [hole] }) =>
    0.75 *
    within(fill, [0.5, 0.95], 0.2) *
    within(lengthMm / widthMm, [1, 4], 0.6) *
    within(widthMm, [5, 45], 3) *
    (hole && hole.acrossMm > 0.4 * widthMm ? 0.2 : 1),
  usualHeightMm: ({ frame }) => frame.widthMm,
  read: (outline, { frame }, heightMm) => {
    const profile = bodyProfileOf(outline, frame);
    const widthMm = 2 * Math.max(...profile.map(([r]) => r));
    const lengthMm = profile.at(-1)?.[1] ?? 0;
    const depth = widthMm > 0 ? heightMm / widthMm : 1;
    return [
      size('lengthMm', 'Length', lengthMm),
      size('diameterMm', 'Across', widthMm),
      size('volumeMm3', 'Room, if it is round', loftMoments({ section: 'round', depth, profile }).volumeMm3, {
        unit: 'mm3',
      }),
    ];
  },
};
