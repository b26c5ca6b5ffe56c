import { size, within, type SightKind } from './definition';

export const crimp: SightKind = {
  id: 'crimp',
  name: 'Crimp or tube',
  roles: ['crimp', 'tube', 'spacer', 'rivet', 'rattle', 'stop'],
  likely: ({ frame: { lengthMm, widthMm }, fill, holes }) =>
    within(fill, [0.93, 1], 0.07) *
    within(lengthMm / widthMm, [1.15, 12], 0.3) *
    within(widthMm, [0.6, 9], 4) *
    (holes.length > 0 ? 0.2 : 1),
  usualHeightMm: ({ frame }) => frame.widthMm,
  read: (_, { frame }) => [
    size('lengthMm', 'Length', frame.lengthMm),
    size('diameterMm', 'Across', frame.widthMm),
  ],
};
