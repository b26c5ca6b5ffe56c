import { demoBench } from '@/demo/demo-bench';
import { driftSentence } from '@/text/drift-sentence';
import { viewOf } from '../../../tests/support/view-of';
import { batchCavities, draftBatch, judgeBatch, weighedOf } from './batch-facts';
import { countedCastings, findingsOf } from './findings';
import { practiceCavities, practiceMetal } from './practice-castings';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);
const egg = view.batches.find(({ title, endedAt }) => title === 'Egg 20 g' && endedAt === null)!;
const larger = view.batches.find(({ title, endedAt }) => title === 'Egg 30 g' && endedAt === null)!;

describe('a batch of the bench', () => {
  it('knows the cavities its run cast it in', () => {
    expect(batchCavities(egg, view).map(({ mold, index }) => [mold.id, index])).toEqual([['block-j', 2]]);
    const bought = { ...egg, runId: null, moldId: null };
    expect(batchCavities(bought, view)).toEqual([]);
    const byMold = batchCavities({ ...egg, runId: null }, view);
    expect(byMold.map(({ cavity }) => cavity.nominalG)).toEqual([20]);
    expect(batchCavities({ ...egg, metalBinId: null }, view)[0]!.expectedG).toBeNull();
  });

  it('names the cavity that drifts, and leaves its neighbor in peace', () => {
    const [drifting] = judgeBatch(egg, view.batches, view).cavities;
    expect(drifting!.verdict!.drift).toMatchObject({ pattern: 'at-once', from: 7 });
    expect(drifting!.verdict!.drift!.offShare).toBeCloseTo(0.034, 2);
    const judged = judgeBatch(larger, view.batches, view);
    expect(judged.cavities[0]!.verdict!.drift).toBeNull();
    expect(judged.block.cavities).toHaveLength(2);
    expect(weighedOf(egg, view.weighings)).toHaveLength(12);
  });

  it('is begun with the steps of the last one like it, else by hook and pins', () => {
    const bin = view.bins.find((each) => each.kind === 'head' && each.style === 'bullet')!;
    if (bin.kind !== 'head') throw new Error('no head');
    const run = view.runs.find(({ no }) => no === 13)!;
    const draft = draftBatch(bin, { runId: run.id, count: 12 }, 40, 'Bullets', view);
    expect(draft).toMatchObject({ count: 12, tray: 10, runId: run.id, moldId: 'block-g' });
    expect(draft.steps).toContain('eye');
    const first = draftBatch({ ...bin, hookBinId: null }, null, 4, 'Bare', { ...view, batches: [] });
    expect(first).toMatchObject({ count: 4, tray: 4, runId: null, moldId: null });
    expect(first.steps).toEqual(['sprue', 'flash', 'parting']);
  });

  it('tries a blade in only where one hangs in the eye of such heads', () => {
    const bin = view.bins.find(
      (each) => each.kind === 'head' && each.hookBinId !== null && each.frameBinId === undefined,
    )!;
    if (bin.kind !== 'head') throw new Error('no head');
    const steps = (builds: typeof view.builds) =>
      draftBatch(bin, null, 4, 'Heads', { ...view, batches: [], builds }).steps;
    expect(steps([])).not.toContain('try-in');
    const [bait] = view.builds.filter(({ kind }) => kind === 'bladed-jig');
    const head = { ...bait!.head!, style: bin.style, nominalG: bin.nominalG };
    expect(steps([{ ...bait!, head }])).toContain('try-in');
    // By the block too: its eyes are opened while warm.
    const run = view.runs.find(({ no }) => no === 13)!;
    const bullet = view.bins.find((each) => each.kind === 'head' && each.style === 'bullet')!;
    if (bullet.kind !== 'head') throw new Error('no head');
    const warm = (what: string | null) => {
      const moldById = new Map(
        [...view.moldById].map(([id, mold]) => [
          id,
          { ...mold, warmWork: what === null ? null : { what, seconds: 6 } },
        ]),
      );
      const facts = { ...view, batches: [], builds: [], moldById };
      return draftBatch(bullet, { runId: run.id, count: 12 }, 40, 'Bullets', facts).steps;
    };
    expect(warm('Open the eyes')).toContain('try-in');
    expect(warm(null)).not.toContain('try-in');
  });
});

describe('findings', () => {
  const facts = { ...view, pours: demo.pours, flaws: demo.flaws };

  it('count every casting of the booked runs, and what was found later', () => {
    const counted = countedCastings(facts);
    const cast = demo.pours.flatMap(({ castings }) => castings).length;
    const later = demo.flaws.length;
    expect(counted).toHaveLength(cast + later);
    expect(counted.filter(({ isFoundLater }) => isFoundLater)).toHaveLength(later);
    const wasted = countedCastings({
      ...facts,
      pours: demo.pours.map((pour) => ({ ...pour, isWarmUp: true })),
    });
    expect(wasted).toHaveLength(later);
  });

  it('carry what the records say: pot, pour, and whether one cavity alone shows it', () => {
    const findings = findingsOf(facts);
    expect(findings.some(({ clues }) => clues.pour === 'first')).toBe(true);
    expect(findings.some(({ clues }) => clues.pot === 'cold')).toBe(true);
    expect(new Set(findings.map(({ clues }) => clues.spread))).toEqual(new Set(['one', 'many', null]));
    expect(findings.some(({ symptom, cause }) => symptom === 'flash' && cause === 'not-closed')).toBe(true);
    const unknown = findingsOf({ ...facts, binById: new Map() });
    expect(unknown.every(({ clues }) => clues.pot === null)).toBe(true);
  });
});

describe('the practice bench', () => {
  it('poses castings of the own blocks, or of spare cavities where there are none', () => {
    const all = demo.molds.flatMap(({ cavities }) => cavities);
    expect(practiceCavities(demo.molds)).toHaveLength(all.length);
    expect(practiceCavities([])).toHaveLength(3);
    const metal = practiceMetal(practiceCavities([])[0]!);
    // 4 % antimony: 0.96 of 23 kJ/kg and 0.04 of 163
    expect(metal.metal.melting.latentJkg).toBeCloseTo(28_600, 6);
    expect(metal.aimC).toBeGreaterThan(metal.metal.melting.liquidusC + 40);
    expect(() => practiceMetal(practiceCavities([])[0]!, 'gold')).toThrow(/gold/);
  });
});

describe('driftSentence', () => {
  it('says how a cavity drifts', () => {
    const say = (pattern: 'single' | 'at-once' | 'creeping' | 'always', from: number, offShare: number) =>
      driftSentence({ pattern, from, offShare }, 'Cavity 3');
    expect(say('at-once', 5, 0.031)).toBe(
      'Cavity 3 went heavy at its 6th casting: since then 3.1 % over what it should give.',
    );
    expect(say('creeping', 0, -0.02)).toBe(
      'Cavity 3 creeps light, casting by casting: by now 2.0 % under what it should give.',
    );
    expect(say('always', 0, -0.02)).toContain('light from the first casting on');
    expect(say('single', 1, 0.05)).toContain('its second casting is 5.0 % over');
  });
});
