import { size, within, type SightKind } from './definition';

/** Two loops that are not seen, as a share of what is. */
const UNSEEN_LOOPS = 0.6;

export const swivel: SightKind = {
  id: 'swivel',
  name: 'Swivel',
  roles: ['swivel', 'snap', 'junction'],
  likely: ({ frame: { lengthMm, widthMm, inside }, holes: [one, two] }) => {
    if (!one || !two) return 0;
    const ends = [inside(one.at)[0] / lengthMm, inside(two.at)[0] / lengthMm].sort((a, b) => a - b);
    return (
      within(ends[0] ?? 0, [0, 0.35], 0.1) *
      within(ends[1] ?? 0, [0.65, 1], 0.1) *
      within(lengthMm / widthMm, [1.8, 8], 0.6)
    );
  },
  usualHeightMm: ({ frame }) => frame.widthMm,
  read: (_, { frame: { lengthMm, widthMm }, holes: [one, two] }) => [
    // A loop of thin wire that is not seen may stand out at either end.
    size('lengthMm', 'Length', lengthMm, { soft: one && two ? 0 : UNSEEN_LOOPS * lengthMm }),
    size('widthMm', 'Width', widthMm),
    ...(one && two ? [size('holeMm', 'Smaller loop, inside', Math.min(one.acrossMm, two.acrossMm))] : []),
  ],
};
