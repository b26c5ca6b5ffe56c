import fc from 'fast-check';
import { meltingRange, type MeltingFacts } from '@/core/metals/melting-range';
import { FIRST_LIQUIDS, HELD_BY_LEAD, MELTING_POINTS } from './eutectics';
import { REFERENCE_METALS } from './metals';
import { rangeOf } from './range-of';

const solidus = (composition: Record<string, number>) => rangeOf(composition)?.solidusC;

/** The lowest first liquid by going through every group, each rule written out anew. */
function byTheBook(composition: Readonly<Record<string, number>>): number | null {
  const melts = Object.entries(composition).filter(([element]) => element !== 'W' && element !== 'Fe');
  const all = melts.reduce((so, [, share]) => so + share, 0);
  const there = new Map(
    melts.map(([element, share]) => [element, share / all] as const).filter(([, s]) => s >= 0.005),
  );
  if (there.size === 1) return MELTING_POINTS[[...there.keys()][0]!]!;
  const lead = there.get('Pb') ?? 0;
  let best: number | null = null;
  for (const { elements, atC } of FIRST_LIQUIDS) {
    if (!elements.every((element) => there.has(element))) continue;
    let here = atC;
    if (lead >= 0.5) {
      if (!elements.includes('Pb')) continue;
      if (elements.length === 3 && elements.some((element) => there.get(element)! < 0.02)) continue;
      if (elements.length === 2) {
        const limit = HELD_BY_LEAD[elements[1]!];
        const share = there.get(elements[1]!)!;
        if (limit !== undefined && share <= limit) here = 327.5 - ((327.5 - atC) * share) / limit;
      }
    }
    if (best === null || here < best) best = here;
  }
  return best;
}

const mix = fc
  .dictionary(
    fc.constantFrom('Pb', 'Sn', 'Sb', 'Bi', 'Zn', 'Cu', 'Ag', 'As', 'W', 'Fe'),
    fc.oneof(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 50, max: 1000 })),
    { minKeys: 1, maxKeys: 5 },
  )
  .map((parts) => {
    const all = Object.values(parts).reduce((so, each) => so + each, 0);
    return Object.fromEntries(Object.entries(parts).map(([element, part]) => [element, part / all]));
  });

describe('where a metal begins to melt', () => {
  it('is told by the traces in it: pewter with lead, bismuth-tin with lead', () => {
    expect(rangeOf({ Sn: 0.895, Sb: 0.058, Cu: 0.02, Pb: 0.027 })).toMatchObject({
      solidusC: 183,
      firstLiquid: ['Pb', 'Sn'],
    });
    expect(rangeOf({ Bi: 0.568, Sn: 0.412, Pb: 0.02 })).toMatchObject({
      solidusC: 95,
      firstLiquid: ['Pb', 'Sn', 'Bi'],
    });
  });

  it('is what handbooks say of what is poured', () => {
    expect(solidus({ Pb: 1 })).toBe(327.5);
    expect(solidus({ Bi: 0.58, Sn: 0.42 })).toBe(138.5);
    expect(solidus({ Sn: 0.965, Ag: 0.035 })).toBe(221);
    expect(solidus({ Sn: 0.965, Ag: 0.03, Cu: 0.005 })).toBe(217);
    expect(solidus({ Pb: 0.6, Sn: 0.4 })).toBe(183);
    expect(solidus({ Pb: 0.78, Sb: 0.15, Sn: 0.07 })).toBe(239);
    for (const { composition, solidusC, liquidusC } of REFERENCE_METALS) {
      const range = rangeOf(composition);
      expect(range?.solidusC).toBeCloseTo(solidusC.value, 1);
      expect(range?.liquidusC).toBeCloseTo(liquidusC.value, 9);
    }
  });

  it('falls along a straight line with what solid lead holds', () => {
    expect(solidus({ Pb: 0.9825, Sb: 0.0175 })).toBeCloseTo((327.5 + 252) / 2, 9);
    expect(solidus({ Pb: 0.905, Sn: 0.095 })).toBeCloseTo((327.5 + 183) / 2, 9);
    expect(solidus({ Pb: 0.96, Sb: 0.04 })).toBe(252);
  });

  it('leaves out what is under half a percent, and sets tungsten and steel aside', () => {
    expect(rangeOf({ Pb: 0.9951, Sn: 0.0049 })).toEqual({
      solidusC: 327.5,
      liquidusC: 327.5,
      firstLiquid: null,
    });
    expect(solidus({ W: 0.5, Bi: 0.29, Sn: 0.21 })).toBe(138.5);
    expect(rangeOf({ W: 1 })).toEqual({ solidusC: null, liquidusC: null, firstLiquid: null });
  });

  it('is unknown where no group or no element is', () => {
    expect(solidus({ Zn: 0.9, Cu: 0.1 })).toBeNull();
    expect(solidus({ Pb: 0.9, Cd: 0.1 })).toBeNull();
    expect(rangeOf(null)).toBeNull();
  });

  it('is the lowest of all groups that count, in whatever is mixed', () => {
    fc.assert(
      fc.property(mix, (composition) => {
        const found = solidus(composition);
        const expected = Object.keys(composition).every((element) => element === 'W' || element === 'Fe')
          ? null
          : byTheBook(composition);
        if (expected === null) expect(found).toBeNull();
        else expect(found).toBeCloseTo(expected, 9);
      }),
    );
  });

  it('names the first listed on a tie', () => {
    const facts: MeltingFacts = {
      pointsC: MELTING_POINTS,
      firstLiquids: FIRST_LIQUIDS,
      heldByLead: HELD_BY_LEAD,
      alloys: [],
    };
    expect(meltingRange({ Bi: 0.6, Pb: 0.3, Sb: 0.1 }, facts).firstLiquid).toEqual(['Pb', 'Bi']);
  });
});
