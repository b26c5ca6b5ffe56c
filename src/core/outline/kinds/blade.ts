import { size, within, type SightKind } from './definition';

export const blade: SightKind = {
  id: 'blade',
  name: 'Blade',
  roles: ['blade'],
  likely: ({ frame: { lengthMm, widthMm, inside }, fill, holes: [hole] }) => {
    const shape = within(fill, [0.62, 0.84], 0.08) * within(lengthMm / widthMm, [1.1, 4.5], 0.3);
    if (!hole || hole.acrossMm > 0.35 * widthMm) return 0.35 * shape * within(lengthMm, [12, 90], 6);
    const [along, aside] = inside(hole.at);
    const toEnd = Math.min(along, lengthMm - along) / lengthMm;
    return shape * within(toEnd, [0, 0.2], 0.1) * within(Math.abs(aside) / widthMm, [0, 0.12], 0.15);
  },
  usualHeightMm: ({ frame: { widthMm } }) => 0.8 + 0.1 * widthMm,
  read: (_, { frame: { lengthMm, widthMm, inside }, holes: [hole] }) => {
    const sizes = [size('lengthMm', 'Length', lengthMm), size('widthMm', 'Width', widthMm)];
    if (!hole) return sizes;
    const [along] = inside(hole.at);
    return [
      ...sizes,
      size('holeMm', 'Hole', hole.acrossMm),
      size('holeAtMm', 'Hole from the end', Math.min(along, lengthMm - along)),
    ];
  },
};
