import { sectionsOf } from '../sections';
import { size, within, type SightKind } from './definition';

const CUTS = 80;

export const trailer: SightKind = {
  id: 'trailer',
  name: 'Soft bait',
  roles: ['trailer', 'lure'],
  likely: ({ frame: { lengthMm, widthMm }, fill, holes }) =>
    0.8 *
    within(lengthMm, [45, 220], 20) *
    within(lengthMm / widthMm, [2.6, 20], 0.8) *
    within(fill, [0.3, 0.92], 0.1) *
    (holes.length > 1 ? 0.5 : 1),
  usualHeightMm: ({ frame }) => 0.8 * frame.widthMm,
  read: (outline, { frame, areaMm2 }) => {
    const widths = sectionsOf(outline, frame, CUTS).map((cut) =>
      cut.reduce((total, [from, to]) => total + to - from, 0),
    );
    return [
      size('lengthMm', 'Length', frame.lengthMm),
      size('widthMm', 'Width', frame.widthMm),
      size('bodyMm', 'Body', Math.max(...widths)),
      size('areaMm2', 'Area', areaMm2, { unit: 'mm2' }),
    ];
  },
};
