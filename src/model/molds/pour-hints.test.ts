import { demoBench } from '@/demo/demo-bench';
import { fillFirst, pourHints } from './pour-hints';

const bench = demoBench(Date.UTC(2026, 10, 23, 12));
const blockC = bench.molds.find(({ name }) => name === 'Block C')!;
const blockB = bench.molds.find(({ name }) => name === 'Block B')!;
const lead = { composition: { Pb: 0.96, Sb: 0.04 } };
const size = { widthMm: 150, heightMm: 60, reachMm: 7 };

describe('pourHints', () => {
  it('has the smallest cavity filled first, while the metal is hottest', () => {
    const hints = pourHints(blockC, lead, size, 40)!;
    const [first] = fillFirst(hints);
    const marks = blockC.cavities.map(({ nominalG }) => nominalG);
    expect(marks[first!]).toBe(Math.min(...marks));
    expect(hints.order[0]!.flowsS).toBeLessThan(hints.order.at(-1)!.flowsS);
  });

  it('names none where all are alike', () => {
    const alike = { ...blockB, cavities: blockB.cavities.slice(0, 2) };
    expect(fillFirst(pourHints(alike, lead, size, 40)!)).toEqual([]);
  });

  it('says when a cold block is warm, sooner for a lighter block', () => {
    const heavy = pourHints(
      { ...blockC, heat: { of: 'aluminum', weighsG: 900, gapMm: 0.03 } },
      lead,
      size,
      40,
    )!;
    const light = pourHints(
      { ...blockC, heat: { of: 'aluminum', weighsG: 300, gapMm: 0.03 } },
      lead,
      size,
      40,
    )!;
    expect(light.warmth!.warmFrom).toBeGreaterThan(1);
    expect(light.warmth!.warmFrom!).toBeLessThan(heavy.warmth!.warmFrom ?? Infinity);
  });

  it('is silent about what nobody knows', () => {
    expect(pourHints(blockC, { composition: null }, size, 40)).toBeNull();
    expect(pourHints(blockC, lead, null, 40)!.warmth).toBeNull();
  });
});
