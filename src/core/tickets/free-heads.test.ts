import * as fc from 'fast-check';
import { orderMetals, rankMetal, type PouredMetal } from '../metals/order-metals';
import { allotFreeHeads, type FreeHeads } from './allot-free-heads';
import type { LineWant } from './facts';

const want = (lineId: string, left: number, dueOn: string | null = null): LineWant => ({
  ticketId: `t-${lineId}`,
  lineId,
  style: 'round',
  nominalG: 10,
  hookBinId: 'hook',
  metalBinId: 'lead',
  dueOn,
  left,
  toleranceShare: 0.05,
});
const heads = (headBinId: string, count: number, more: Partial<FreeHeads> = {}): FreeHeads => ({
  headBinId,
  style: 'round',
  nominalG: 10,
  hookBinId: 'hook',
  metalBinId: 'lead',
  count,
  ...more,
});

describe('allotFreeHeads', () => {
  it('serves who is due first, from every bin of like heads', () => {
    const allotted = allotFreeHeads(
      [want('late', 8), want('soon', 5, '2026-11-28')],
      [heads('a', 4), heads('b', 6)],
    );
    expect(allotted.map(({ lineId, headBinId, count }) => [lineId, headBinId, count])).toEqual([
      ['soon', 'a', 4],
      ['soon', 'b', 1],
      ['late', 'b', 5],
    ]);
  });

  it('gives no other head, hook, weight or metal', () => {
    const others = [
      heads('a', 9, { style: 'dart' }),
      heads('b', 9, { nominalG: 11 }),
      heads('c', 9, { hookBinId: null }),
      heads('d', 9, { metalBinId: 'pewter' }),
    ];
    expect(allotFreeHeads([want('line', 5)], others)).toEqual([]);
  });

  it('gives any heads near the weight to a line that names no metal, on any hook where it names none', () => {
    const bought: LineWant = { ...want('line', 20), metalBinId: null, hookBinId: null };
    const others = [
      heads('tungsten', 4, { metalBinId: null, hookBinId: null, nominalG: 10.3 }),
      heads('pewter', 3, { metalBinId: 'pewter' }),
      heads('heavy', 9, { nominalG: 11 }),
      heads('dart', 9, { style: 'dart' }),
    ];
    const given = allotFreeHeads([bought], others).map(({ headBinId, count }) => [headBinId, count]);
    expect(given).toEqual([
      ['tungsten', 4],
      ['pewter', 3],
    ]);
    const hooked = allotFreeHeads([{ ...bought, hookBinId: 'hook' }], others);
    expect(hooked.map(({ headBinId }) => headBinId)).toEqual(['pewter']);
  });

  it('gives no more than lies there and no more than is wanted', () => {
    const counts = fc.array(fc.integer({ min: 0, max: 20 }), { maxLength: 5 });
    fc.assert(
      fc.property(counts, counts, (lefts, frees) => {
        const wants = lefts.map((left, index) => want(String(index), left));
        const free = frees.map((count, index) => heads(`bin-${index}`, count));
        const allotted = allotFreeHeads(wants, free);
        const sum = (of: typeof allotted) => of.reduce((so, { count }) => so + count, 0);
        for (const { lineId, left } of wants) {
          expect(sum(allotted.filter((each) => each.lineId === lineId))).toBeLessThanOrEqual(left);
        }
        for (const { headBinId, count } of free) {
          expect(sum(allotted.filter((each) => each.headBinId === headBinId))).toBeLessThanOrEqual(count);
        }
        const all = (of: readonly number[]) => of.reduce((so, each) => so + each, 0);
        expect(sum(allotted)).toBe(Math.min(all(lefts), all(frees)));
      }),
    );
  });
});

describe('orderMetals', () => {
  it('pours lead-free before lead, soft before hard, and zinc last', () => {
    const metals: PouredMetal[] = [
      { id: 'zinc', composition: { Zn: 1 } },
      { id: 'scrap', composition: null },
      { id: 'hard', composition: { Pb: 0.96, Sb: 0.04 } },
      { id: 'pewter', composition: { Sn: 0.92, Sb: 0.06, Cu: 0.02 } },
      { id: 'soft', composition: { Pb: 1 } },
      { id: 'bismuth', composition: { Bi: 0.58, Sn: 0.42 } },
    ];
    expect(orderMetals(metals).map(({ id }) => id)).toEqual([
      'pewter',
      'bismuth',
      'soft',
      'hard',
      'scrap',
      'zinc',
    ]);
    expect(rankMetal(metals[2]!)).toBe('hard lead');
  });
});
