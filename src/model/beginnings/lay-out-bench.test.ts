import { PRACTICES } from '@/reference/typical/practices';
import { INCHES, METRIC } from '@/text/written-in';
import { layOutBench } from './lay-out-bench';

function laidOut(ids: readonly string[], units = INCHES) {
  let made = 0;
  const practices = PRACTICES.filter(({ id }) => ids.includes(id));
  return layOutBench(practices, { ...units, newId: () => `id-${(made += 1)}`, now: 1 });
}

describe('layOutBench', () => {
  it.each(PRACTICES.map(({ id }) => [id]))('%s: each thing once, and a ticket of what was laid out', (id) => {
    const { bins, molds, tickets } = laidOut([id]);
    expect(new Set(bins.map(({ name }) => name)).size).toBe(bins.length);
    expect(bins.length).toBeGreaterThan(0);
    const known = new Set(bins.map((bin) => bin.id));
    for (const { hookBinId, metalBinId, style, nominalG } of tickets.flatMap(({ lines }) => lines)) {
      expect(known).toContain(metalBinId);
      if (hookBinId !== null) expect(known).toContain(hookBinId);
      const marks = molds.flatMap(({ cavities }) => cavities);
      expect(marks.some((cavity) => cavity.style === style && cavity.nominalG === nominalG)).toBe(true);
    }
  });

  it('lays out what several practices share once, their tools too', () => {
    const both = laidOut(['pour-heads', 'bought-heads', 'bladed-jigs']);
    expect(both.heaters.map(({ kind }) => kind)).toEqual(['gun', 'oven']);
    expect(new Set(both.heaters.map(({ id }) => id)).size).toBe(2);
    expect(new Set(both.bins.map(({ name }) => name)).size).toBe(both.bins.length);
    expect(laidOut(['rigs']).heaters).toEqual([]);
  });

  it('marks blocks and heat as they are sold where the maker lives', () => {
    const ounces = laidOut(['pour-heads']).molds[0]!.cavities.map(({ nominalG }) => nominalG / 28.349523125);
    expect(ounces).toEqual([0.125, 0.25, 0.375, 0.5].map((each) => expect.closeTo(each, 9) as number));
    const grams = laidOut(['pour-heads'], METRIC).molds[0]!.cavities.map(({ nominalG }) => nominalG);
    expect(grams).toEqual([3.5, 7, 10, 14]);
    const fahrenheit = laidOut(['pour-heads']).heaters.map(({ sourceC }) => Math.round(sourceC * 1.8 + 32));
    expect(fahrenheit).toEqual([800, 400]);
  });
});
