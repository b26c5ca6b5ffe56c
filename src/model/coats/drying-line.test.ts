import fc from 'fast-check';
import { rack } from '@/records/rack';
import { hungOnLines, lineSize, MOST_HUNG } from './drying-line';

const HEAD = { headBinId: 'bullets', coatId: 'pearl', ticketId: null, lineId: null };

describe('heads on drying lines', () => {
  it('hang each in a place of its own, as a rack is kept, any number of them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: MOST_HUNG }), (count) => {
        const hung = hungOnLines(HEAD, count);
        expect(new Set(hung.map(({ rod, slot }) => `${rod} ${slot}`)).size).toBe(count);
        expect(rack.shape.hung.safeParse(hung).success).toBe(true);
        const { rods, slots } = lineSize(hung, []);
        expect(rods * slots).toBeGreaterThanOrEqual(count);
      }),
    );
  });

  it('hang free of each other and of the next line', () => {
    const { slotMm, dropMm } = lineSize(hungOnLines(HEAD, 3), [
      { acrossMm: 18, longMm: 30 },
      { acrossMm: 9, longMm: 55 },
    ]);
    expect(slotMm).toBeGreaterThan(18);
    expect(dropMm).toBeGreaterThan(55);
  });
});
