import { CAVITY_FORMS } from '@/core/solids/forms';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import { demoBench } from '@/demo/demo-bench';
import type { Rule } from '@/records/rule';
import { nearestMetal } from '@/reference/nearest-metal';
import { compositionText, hardnessOf } from '@/model/metals/alloys';
import { rangeOf } from '@/reference/range-of';
import { blendInput, lotsFor, whyOutOfReach } from '@/model/metals/blend-request';
import { firstHelping, readCharge } from '@/model/metals/charge';
import { identifyByCasting, identifyInWater } from '@/model/metals/identify-scrap';
import { potLedger } from '@/model/metals/pot-ledger';
import { sectionsOf } from '@/model/molds/sections';
import { chartCavity, judgeWeighings } from '@/model/molds/cavity-weighings';
import { workOut, type Shape, type Wish } from '@/model/molds/design';
import { drillingSteps } from '@/model/molds/drilling-steps';
import { composePlate } from '@/station-kit/print/cavity-plate';
import { viewOf } from '../../tests/support/view-of';
import { wantsOf } from '@/model/tickets/wants-of';
import { doubtOf } from '@/model/quality/doubts';
import { ruleNotes } from '@/model/tickets/rule-notes';
import { insertsText, lengthText, ruleText } from '@/text/words';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);
const levels = new Map(view.levels);
const lotOf = (id: string) => view.metals.find((metal) => metal.id === id)!;

describe('the made-up bench', () => {
  it('has weighings that tell its cavities, all but a few inside their bands', () => {
    const judged = demo.molds
      .flatMap((mold) => mold.cavities)
      .flatMap((cavity) => judgeWeighings(cavity, view));
    const telling = judged.filter(({ weighing }) => weighing.calibrates);
    expect(telling.length).toBeGreaterThan(60);
    const out = telling.filter(({ residualG, bandG }) => Math.abs(residualG) > bandG);
    expect(out.length / telling.length).toBeLessThan(0.2);
  });

  it('doubts the one lot that is not what it is called, and no other', () => {
    expect(doubtOf(lotOf('lot-12'), view)?.ratio).toBeCloseTo(11.03 / 11.185, 2);
    expect(view.metals.filter((lot) => doubtOf(lot, view)).map(({ id }) => id)).toEqual(['lot-12']);
  });

  it('charts a cavity from two weighings on', () => {
    const weighed = demo.molds[0]!.cavities.find(({ volumeBasis }) => volumeBasis === 'weighed')!;
    expect(chartCavity(weighed, view)?.meanG).toBeCloseTo(weighed.volumeCm3, 1);
    expect(chartCavity({ ...weighed, id: 'nobody' }, view)).toBeNull();
  });

  it('keeps the pot book: what went in is what came out', () => {
    const entries = potLedger(demo.runs, [], view.binById);
    expect(entries).toHaveLength(demo.runs.length);
    for (const { chargedG, pouredG, returnedG, drossG, leftG } of entries) {
      expect(pouredG + returnedG + drossG + leftG).toBeCloseTo(chargedG, 6);
    }
    expect(entries.map(({ at }) => at)).toEqual(entries.map(({ at }) => at).sort((a, b) => b - a));
  });
});

describe('alloys', () => {
  it('names, softens and melts as the list says', () => {
    expect(compositionText({ Pb: 0.96, Sb: 0.04 })).toBe('96 % lead, 4 % antimony');
    expect(compositionText(null)).toBe('unknown');
    expect(hardnessOf({ Pb: 0.97, Sb: 0.03 })).toBeCloseTo(8.75, 6);
    expect(hardnessOf({ Sn: 0.5, Zn: 0.5 })).toBeNull();
    expect(nearestMetal({ Pb: 0.95, Sb: 0.05 })?.isLead).toBe(true);
    expect(rangeOf({ Bi: 0.58, Sn: 0.42 })?.solidusC).toBe(138.5);
    expect(rangeOf(null)).toBeNull();
  });
});

describe('charges and blends', () => {
  it('read a charge: its mix, what stops it, what is overdrawn', () => {
    const read = readCharge(
      [
        { binId: 'lot-9', g: 1000 },
        { binId: 'lot-17', g: 2000 },
        { binId: 'lot-12', g: null },
      ],
      view.metals,
      levels,
      2500,
    );
    expect(read).toMatchObject({ totalG: 3000, stops: [{ why: 'overfull' }] });
    expect(read.overdrawn.map(({ lot }) => lot.id)).toEqual(['lot-17']);
    expect(read.mix?.composition?.Sb).toBeCloseTo(0.1, 9);
    expect(firstHelping(5000, 300)).toBe(300);
    expect(firstHelping(200, 5000)).toBe(200);
  });

  it('keep lead out of lead-free lots, and zinc and the unknown out of both', () => {
    const zinc = { ...lotOf('lot-9'), id: 'zinc', composition: { Zn: 1 } };
    const lots = [...view.metals, zinc];
    const stocked = new Map([...levels, ['zinc', 100]]);
    expect(lotsFor('lead-free', lots, stocked).map(({ id }) => id)).toEqual(['lot-18', 'lot-19']);
    expect(lotsFor('lead', lots, stocked).map(({ id }) => id)).not.toContain('lot-21');
    expect(lotsFor('lead', lots, stocked)).toHaveLength(5);
  });

  it('say why a band is out of reach', () => {
    const lots = lotsFor('lead', view.metals, levels);
    const names = { Sb: 'antimony' };
    expect(whyOutOfReach({ Sb: { min: 0.2 } }, lots, names)).toContain('the most is 15 % in Lot 17');
    expect(whyOutOfReach({ Sb: { max: 0.01 } }, lots.slice(1), names)).toContain(
      'the least is 2 % in Lot 12',
    );
    expect(whyOutOfReach({ Sb: { min: 0.1 } }, lots, names)).toContain('run out first');
    const input = blendInput(
      {
        family: 'lead',
        amountG: 100,
        antimony: { min: 0.03 },
        other: { element: 'Sn', band: { max: 0.02 } },
        mostPerKg: null,
      },
      lots,
      levels,
    );
    expect(input.target).toEqual({ Sb: { min: 0.03 }, Sn: { max: 0.02 } });
  });
});

describe('identify', () => {
  it('tells lead from tin by a casting, and pewter from tin by nothing', () => {
    const cavity = demo.molds
      .find(({ id }) => id === 'block-j')!
      .cavities.find((each) => each.standardErrorCm3 !== null)!;
    const cast = castFromCavity(cavity, lotOf('lot-18'), null);
    const found = identifyByCasting(cavity, null, (cast.ok ? cast.value.finishedG : 0) * 4, 4, 0.05);
    if (!found.ok) throw new Error(found.problem.code);
    const fitting = found.value.fits.filter(({ fits }) => fits).map(({ key }) => key);
    expect(fitting).toEqual(expect.arrayContaining(['pewter', 'tin']));
    expect(fitting).not.toContain('soft-lead');
    expect(identifyInWater(10, 11, 20, 0.1)).toMatchObject({ ok: false });
  });
});

describe('designs', () => {
  const wish: Wish = { targetG: 25, metal: lotOf('lot-18'), hook: null, pinMm: null, vary: 'scale' };
  const out = (shape: Shape, change: Partial<Wish> = {}) => {
    const design = workOut(shape, { ...wish, ...change });
    if (!design.ok) throw new Error(design.problem.code);
    return design.value;
  };

  it.each(CAVITY_FORMS.map((form) => [form.key, form] as const))(
    'make the weight in every form: %s',
    (_, form) => {
      const hook = [...view.hooks.values()].find(({ size }) => size === '3/0')!;
      for (const change of [{}, { pinMm: 2.4 }, { hook, metal: lotOf('lot-19') }]) {
        expect(out({ kind: 'form', form, sizes: {} }, change).finishedG).toBeCloseTo(25, 6);
      }
    },
  );

  it('give a pin its room: the same weight wants a longer cavity', () => {
    const egg = CAVITY_FORMS.find(({ key }) => key === 'egg')!;
    const bare = out({ kind: 'form', form: egg, sizes: {} }, { vary: 'length' });
    const pinned = out({ kind: 'form', form: egg, sizes: {} }, { vary: 'length', pinMm: 3 });
    expect(pinned.sizes.length).toBeGreaterThan(bare.sizes.length!);
    expect(pinned.sizes.diameter).toBe(13);
    const [pin] = pinned.embedded;
    expect(pin!.volumeCm3).toBeCloseTo((Math.PI / 4) * 0.09 * (pinned.lengthMm / 10), 4);
  });

  it('say where a drawn profile is none, and where no size does it', () => {
    const turned = {
      kind: 'profile',
      points: [
        [0, 0],
        [5, 5],
        [3, 4],
        [9, 0],
      ],
    } as const;
    expect(workOut(turned, wish)).toMatchObject({ problem: { code: 'outline.turns-back' } });
    const disc = CAVITY_FORMS[0]!;
    expect(
      workOut({ kind: 'form', form: disc, sizes: { prong: 200 } }, { ...wish, targetG: 3, vary: 'depth' }),
    ).toMatchObject({ problem: { code: 'solid.out-of-reach' } });
  });

  it('write the drilling in steps with bits and depths, and draw the sheet to hold it', () => {
    const disc = CAVITY_FORMS[0]!;
    const design = out({ kind: 'form', form: disc, sizes: {} }, { vary: 'depth' });
    const steps = drillingSteps(disc, design.sizes, 'mm');
    const bored = steps.find(({ bitMm }) => bitMm === 30)!;
    expect(bored.depthMm).toBeCloseTo(design.sizes.depth!, 9);
    expect(steps.find(({ bitMm }) => bitMm === 2.5)!.depthMm).toBeCloseTo(design.sizes.depth! + 8, 9);
    expect(drillingSteps(CAVITY_FORMS[1]!, {}, 'mm')).toEqual([]);
    const plate = composePlate({ title: 't', subtitle: '', solid: design.solid!, facts: [], steps: [] });
    expect(plate.views.map(({ boxMm }) => boxMm[3])).toEqual([34, 34]);
  });
});

describe('sections', () => {
  it('guide by the thinnest casting of each block', () => {
    const sections = sectionsOf(demo.molds, 'g');
    expect(sections).toHaveLength(12);
    const thin = sections.find(({ name }) => name.startsWith('Block A'))!;
    const thick = sections.find(({ name }) => name.startsWith('Block K'))!;
    expect(thin.modulusMm).toBeLessThan(thick.modulusMm);
  });
});

describe('rules', () => {
  const noLead: Rule = { ...demo.rules[0]!, isOn: true };
  const zander = demo.tickets.find(({ title }) => title === 'Zander league')!;
  const wants = wantsOf(zander, view.made);

  it('name the rule, and a metal that some mold makes the line in', () => {
    const notes = ruleNotes(wants, { ...view, rules: [noLead] }, '2026-11-23');
    expect(notes).toHaveLength(wants.length);
    expect(notes.every(({ verdict }) => verdict === 'bars')).toBe(true);
    for (const { instead, want } of notes) {
      for (const metal of instead) {
        if (metal.kind !== 'metal') throw new Error('a line that names its metal is cast');
        expect(metal.composition?.Pb ?? 0).toBe(0);
        const hook = want.hookBinId === null ? null : view.hooks.get(want.hookBinId)!;
        const made = demo.molds
          .flatMap(({ cavities }) => cavities)
          .some((cavity) => {
            const cast = castFromCavity(cavity, metal, hook);
            const off = cast.ok ? Math.abs(cast.value.finishedG / want.nominalG - 1) : 1;
            return cavity.style === want.style && off <= want.toleranceShare + 1e-9;
          });
        expect(made).toBe(true);
      }
    }
    expect(ruleNotes(wants, { ...view, rules: [] }, '2026-11-23')).toEqual([]);
  });

  it('hold heads that were bought against the metal their seller names, and ask where he names none', () => {
    const rack = demo.bins.find((bin) => bin.kind === 'head')!;
    if (rack.kind !== 'head') throw new Error('no rack');
    const plain = { hookSize: '3/0', hex: null, guard: 'none', hasKeeper: false } as const;
    const boughtOf = (id: string, metal: string | null) => ({
      ...rack,
      id,
      name: `Bought ${id}`,
      hookBinId: null,
      metalBinId: null,
      coatId: null,
      skirtId: null,
      bought: { ...plain, metal },
    });
    const bins = [
      boughtOf('lead', 'soft-lead'),
      boughtOf('tungsten', 'tungsten-sintered'),
      boughtOf('which', null),
    ];
    const entry = { ...demo.entries[0]!, ticketId: null, lineId: null, runId: null, unitCost: null, qty: 9 };
    const shelved = viewOf({
      ...demo,
      bins: [...demo.bins, ...bins],
      entries: [...demo.entries, ...bins.map(({ id }) => ({ ...entry, id: `e-${id}`, binId: id }))],
      rules: [{ ...noLead, underG: null, underMm: null, from: null, until: null }],
    });
    const [want] = wants;
    const asked = { ...want!, style: rack.style, nominalG: rack.nominalG, hookBinId: null, metalBinId: null };
    const notes = ruleNotes([asked], shelved, '2026-11-23').filter(({ heads }) => heads!.bought !== null);
    expect(notes.map(({ heads, verdict }) => [heads!.id, verdict])).toEqual([
      ['lead', 'bars'],
      ['which', 'asks'],
    ]);
    expect(notes[0]!.instead.map(({ id }) => id)).toContain('tungsten');
    expect(notes[0]!.instead.map(({ id }) => id)).not.toContain('lead');
  });

  it('are told in words', () => {
    expect(ruleText({ ...noLead, underG: 4, underMm: 12 }, { mass: 'g', length: 'mm' })).toBe(
      'lead under 4.00 g or shorter than 12 mm, Pellworth lagoon',
    );
    expect(lengthText(25.4, 'in')).toBe('1 in');
    expect(
      insertsText([{ name: 'Pin', count: 2, massG: 0, volumeCm3: 1, embeddedShare: 1, removed: true }]),
    ).toBe('2 Pin, pulled');
  });
});
