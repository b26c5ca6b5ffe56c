import { hookShapeOf } from '../hook-shape';
import { size, within, type SightKind } from './definition';

export const hook: SightKind = {
  id: 'hook',
  name: 'Hook',
  roles: ['hook'],
  likely: ({ frame: { lengthMm, widthMm }, fill, wireMm, holes: [hole] }) =>
    within(fill, [0.08, 0.36], 0.1) *
    within(wireMm / widthMm, [0.02, 0.2], 0.08) *
    within(lengthMm / widthMm, [1.1, 5], 0.6) *
    (hole && hole.acrossMm > 0.5 * widthMm ? 0.1 : 1),
  usualHeightMm: ({ wireMm }) => wireMm,
  read: (outline, { frame }) => {
    const shape = hookShapeOf(outline);
    if (!shape) return [size('lengthMm', 'Length', frame.lengthMm), size('widthMm', 'Width', frame.widthMm)];
    const { lengthMm, shankMm, gapeMm, wireMm, eyeMm, biteMm, barbMm } = shape;
    return [
      size('lengthMm', 'Length', lengthMm),
      size('gapeMm', 'Gape', gapeMm, { soft: 0.15 }),
      size('wireMm', 'Wire', wireMm),
      size('shankMm', 'Shank', shankMm, { soft: 1 }),
      ...(eyeMm === null ? [] : [size('eyeMm', 'Eye, inside', eyeMm)]),
      size('biteMm', 'Bend behind the point', biteMm, { soft: 0.25 }),
      ...(barbMm === null ? [] : [size('barbMm', 'Barb behind the point', barbMm, { soft: 0.6 })]),
    ];
  },
};
