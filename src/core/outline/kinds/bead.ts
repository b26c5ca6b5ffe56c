import { acrossOf } from '../outline';
import { size, within, type SightKind } from './definition';

export const bead: SightKind = {
  id: 'bead',
  name: 'Bead or shot',
  roles: ['bead', 'shot', 'float', 'keeper'],
  likely: ({ frame: { lengthMm, widthMm }, roundness, filledMm2, areaMm2 }) =>
    within(roundness, [0.93, 1.1], 0.1) *
    within(lengthMm / widthMm, [1, 1.08], 0.12) *
    (areaMm2 < 0.75 * filledMm2 ? 0.1 : 1) *
    within(lengthMm, [1, 25], 15),
  usualHeightMm: ({ frame }) => frame.widthMm,
  read: (outline) => [size('diameterMm', 'Across', acrossOf(outline.outer))],
};
