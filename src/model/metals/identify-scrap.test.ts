import { demoBench } from '@/demo/demo-bench';
import { REFERENCE_METALS } from '@/reference/metals';
import { pouredMetal } from '@/reference/poured-metal';
import { identifyByCasting } from './identify-scrap';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const cavity = {
  ...demo.molds[0]!.cavities[0]!,
  hookSizes: [],
  inserts: [],
  volumeCm3: 2,
  volumeBasis: 'weighed' as const,
  standardErrorCm3: 0.004,
};
/** What ten castings of it weigh in a metal, with so many pores. */
const weighed = (key: string, pores = 0) => 10 * 2 * pouredMetal(key).gPerCm3 * (1 - pores);
const identify = (massG: number) => {
  const found = identifyByCasting(cavity, null, massG, 10, 0.01);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value.fits;
};
const fitOf = (key: string, massG: number) => identify(massG).find((fit) => fit.key === key)!;

describe('what a casting is of', () => {
  it.each(REFERENCE_METALS.map(({ key }) => key))('never rules out %s, which it truly is', (key) => {
    const fit = fitOf(key, weighed(key));
    expect(fit.fits).toBe(true);
    expect(fit.gapErrors).toBeLessThan(0.1);
  });

  it('tells bismuth-tin and zinc apart from one shrink for all, which put them three and four errors off', () => {
    // Bismuth swells: 1.5 % more metal goes into a cavity than lead's shrink has it. Zinc shrinks nearly twice as much.
    for (const key of ['bismuth-tin', 'zinc']) expect(identify(weighed(key))[0]?.key).toBe(key);
  });

  it('lets pores lighten a casting, and nothing make it heavier', () => {
    expect(fitOf('soft-lead', weighed('soft-lead', 0.012)).fits).toBe(true);
    expect(fitOf('soft-lead', weighed('soft-lead', -0.012)).fits).toBe(false);
  });
});
