import { withTrial } from '@/records/heater';
import { calibrateHeat } from '@/core/heat/calibrate-heat';
import { rackLoads } from '@/core/coats/rack/rack-loads';
import { demoBench } from '@/demo/demo-bench';
import type { BenchContents } from '@/records/bench-file';
import type { HeadBin } from '@/records/bin';
import type { Rack } from '@/records/rack';
import { viewOf } from '../../../tests/support/view-of';
import { composeCoatSheet } from '@/station-kit/print/coat-sheet';
import { curesOn } from '@/model/coats/cure-choices';
import { eveningOf, heaterFor, prepSeconds } from '@/model/coats/evening';
import { handText, heatPlanOf } from '@/ui/coat-drawing/heat-facts';
import { gramsEach, learnUtilization, reckonedSince } from '@/model/coats/powder-facts';
import { hungKinds, judgeRack, schoolOf, usedBy, warmingOf } from '@/model/coats/rack-facts';
import { rackRequest, slotsOf, waitingOf } from '@/station-kit/coats/waiting';
import { refusalsOf } from '@/station-kit/coats/refusals';
import { curesFor, powdersOf, solidusOf } from '@/model/coats/coat-facts';
import { pieceOf } from '@/model/heads/head-facts';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);
const inC = (celsius: number) => `${celsius} C`;
const oven = view.heaters.find(({ kind }) => kind === 'oven')!;
const BULLET = 'head-bullet-10-hook-2-0-lot-14';
const EGG = 'head-egg-30-bare-lot-9';

const rackOf = (
  heads: readonly (readonly [headBinId: string, coatId: string])[],
  more: Partial<Rack> = {},
): Rack => ({
  ...demo.racks[0]!,
  id: 'rack',
  no: 9,
  state: 'hanging',
  partC: 177,
  minutes: 15,
  startC: 20,
  hung: heads.map(([headBinId, coatId], index) => ({
    rod: 0,
    slot: 2 * index,
    slotsEach: 2,
    headBinId,
    coatId,
    ticketId: null,
    lineId: null,
  })),
  ...more,
});

/** The demo with a bismuth-tin twin of a bullet. */
function withBismuth(): BenchContents {
  const like = demo.bins.find(({ id }) => id === BULLET) as HeadBin;
  return {
    ...demo,
    bins: [...demo.bins, { ...like, id: 'bismuth', metalBinId: 'lot-19', name: 'Bullet, Lot 19' }],
  };
}

describe('what a color may go on', () => {
  it('is every lead of the demo, and no powder on bismuth-tin', () => {
    for (const coat of view.coats) {
      expect(refusalsOf(coat, 'lot-14', view, inC)).toEqual([]);
      const isPowder = coat.base.kind === 'powder';
      expect(refusalsOf(coat, 'lot-19', view, inC).length > 0).toBe(isPowder);
      if (isPowder) expect(curesFor(powdersOf(coat, view), ['lot-14'], view).length).toBeGreaterThan(0);
    }
    expect(solidusOf('lot-19', view)).toBe(138.5);
    expect(refusalsOf(view.coatById.get('coat-night-eel')!, 'lot-19', view, inC)[0]).toBe(
      'Oven at 177 C would melt Lot 19, bismuth-tin (138.5 C). Keep it under 113.5 C with a powder that cures so low, air-dry a paint, or take another metal.',
    );
    expect(refusalsOf(view.coatById.get('coat-night-eel')!, 'lot-21', view, inC)[0]).toMatch(
      /^Nobody knows what/,
    );
  });

  it('falls to softening where a cure would do but the powder sticks too late', () => {
    const bins = demo.bins.map((bin) =>
      bin.id === 'powder-straw' && bin.kind === 'powder'
        ? { ...bin, cures: [{ cureC: 110, cureMin: 60 }], fuseC: 118 }
        : bin,
    );
    const weak = viewOf({ ...demo, bins });
    expect(refusalsOf(weak.coatById.get('coat-straw')!, 'lot-19', weak, inC)).toEqual([
      expect.stringMatching(/goes soft from 113.5 C; the powder needs 118 C/),
    ]);
  });
});

describe('the rack request', () => {
  it('holds what waits for open tickets, light before dark, and the fewest loads carry it', async () => {
    const waiting = waitingOf(view.toCoat, view, inC);
    expect(waiting.map(({ coat, count }) => [coat.name, count])).toEqual([
      ['Reed shiner', 20],
      ['Night eel', 10],
      ['Silt flounder', 24],
      ['Straw', 12],
    ]);
    const { groups, cures } = rackRequest(waiting, oven.oven!, view);
    expect(groups.map(({ key }) => waiting.find((each) => each.key === key)!.coat.name)).toEqual([
      'Straw',
      'Reed shiner',
      'Silt flounder',
      'Night eel',
    ]);
    const plan = await rackLoads(
      groups,
      cures.map(({ minutes }) => minutes),
      oven.oven!,
    );
    expect(plan).toMatchObject({ optimal: true, refused: [] });
    expect(plan.loads).toHaveLength(Math.ceil((66 * 2) / (3 * 16)));
  });

  it('leaves out what an oven would ruin, and what does not hang free', () => {
    const weak = viewOf(withBismuth());
    const [bad] = waitingOf(
      [{ headBinId: 'bismuth', coatId: 'coat-straw', ticketId: null, lineId: null, count: 3 }],
      weak,
      inC,
    );
    expect(bad!.refusals).toHaveLength(1);
    expect(rackRequest([bad!], oven.oven!, weak).groups[0]!.cures).toEqual([]);
    const head = view.binById.get(BULLET) as HeadBin;
    expect(slotsOf(head, oven.oven!, view)).toBe(2);
    expect(slotsOf(head, { ...oven.oven!, dropMm: 20 }, view)).toBe(0);
  });
});

describe('a rack', () => {
  it('is judged by its weakest metal, and offers only cures that serve all on it first', () => {
    const weak = viewOf(withBismuth());
    const mixed = rackOf([
      [BULLET, 'coat-night-eel'],
      ['bismuth', 'coat-night-eel'],
    ]);
    expect(judgeRack(mixed, weak).reasons[0]).toMatchObject({ verdict: 'melts', metalId: 'lot-19' });
    const two = rackOf([
      [BULLET, 'coat-night-eel'],
      [EGG, 'coat-straw'],
    ]);
    const choices = curesOn(two, view);
    const good = choices.filter(({ judgment }) => judgment.isGood);
    expect(good.map(({ cure }) => cure)).toEqual([{ partC: 177, minutes: 20 }]);
    expect(choices.slice(0, good.length)).toEqual(good);
    expect(choices.some(({ names }) => names.includes('By the card'))).toBe(true);
    expect(curesOn(mixed, weak).every(({ judgment }) => !judgment.isGood)).toBe(true);
  });

  it('warms up slower when it is fuller and sooner when it goes in hot', () => {
    const weak = { ...oven, oven: { ...oven.oven!, powerW: 40 } };
    const few = warmingOf(rackOf([[EGG, 'coat-straw']]), weak, view)!;
    const eggs = Array.from({ length: 24 }, () => [EGG, 'coat-straw'] as const);
    const many = warmingOf(rackOf(eggs), weak, view)!;
    const hot = warmingOf(rackOf([[EGG, 'coat-straw']], { startC: 120 }), weak, view)!;
    if (!few.ok || !many.ok || !hot.ok) throw new Error('the oven is too weak');
    expect(many.value.seconds).toBeGreaterThan(few.value.seconds);
    expect(hot.value.seconds).toBeLessThan(few.value.seconds);
    expect(many.value.tauS).toBeCloseTo(few.value.tauS, 9);
    expect(warmingOf(rackOf([]), oven, view)).toBeNull();
    expect(warmingOf(rackOf([[EGG, 'coat-straw']]), { ...oven, oven: null }, view)).toBeNull();
  });

  it('counts heads by kind, and takes powder by skin, layer by layer', () => {
    const rack = rackOf([
      [BULLET, 'coat-reed-shiner'],
      [BULLET, 'coat-reed-shiner'],
      [EGG, 'coat-straw'],
    ]);
    const kinds = hungKinds(rack.hung);
    expect(kinds.map(({ count }) => count)).toEqual([2, 1]);
    const used = usedBy(kinds, 'flame-dip', view);
    const piece = pieceOf(view.binById.get(BULLET) as HeadBin, view)!;
    const each = (piece.areaCm2 * 0.011 * 1.5) / 0.8;
    expect(used.get('powder-reed-green')).toBeCloseTo(2 * each, 9);
    expect(used.get('powder-pale-belly')).toBeCloseTo(0.4 * 2 * each, 9);
    expect(used.get('powder-frost')).toBeCloseTo(2 * each, 9);
    expect([...used.keys()]).toContain('powder-straw');
    expect(schoolOf({ partC: 190, minutes: 10 }, powdersOf(view.coatById.get('coat-mussel')!, view)[0])).toBe(
      'hot-short',
    );
    expect(schoolOf({ partC: 99, minutes: 1 }, undefined)).toBe('card');
  });
});

describe('the evening', () => {
  it('heats one by one by hand, the whole rack at once in the oven', () => {
    const rack = rackOf(Array.from({ length: 8 }, () => [BULLET, 'coat-night-eel'] as const));
    const byHand = prepSeconds(rack, 'flame-dip', 20, view);
    const inOven = prepSeconds(rack, 'oven-dust', 20, view);
    expect(byHand).toBeGreaterThan(8 * 12);
    expect(inOven).toBeGreaterThan(8 * 4);
    expect(heaterFor('oven-dust', view.heaters)?.id).toBe('shed-oven');
    expect(heaterFor('oven-dust', [])).toBeNull();
    const evening = eveningOf([rack, { ...rack, id: 'next' }], 'flame-dip', 20, view);
    expect(evening.legs.map(({ kind }) => kind)).toEqual(['prep', 'warm', 'cure', 'prep', 'warm', 'cure']);
    expect(evening.legs[1]!.startS).toBe(Math.max(byHand, 14 * 60));
  });

  it('goes on paper with what is held up first, and a box a head', () => {
    const weak = viewOf(withBismuth());
    const rack = rackOf([
      [BULLET, 'coat-night-eel'],
      [BULLET, 'coat-night-eel'],
    ]);
    const waiting = waitingOf(
      [{ headBinId: 'bismuth', coatId: 'coat-straw', ticketId: null, lineId: null, count: 3 }],
      weak,
      inC,
    );
    const evening = eveningOf([rack], 'flame-dip', 20, weak);
    const sheet = composeCoatSheet([rack], waiting, evening, weak, {
      mass: 'g',
      temperature: 'C',
      coatWay: 'flame-dip',
    });
    expect(sheet.held).toEqual([
      expect.stringMatching(/^3 Bullet, Lot 19 in Straw: Oven at 150 C would melt/),
    ]);
    expect(sheet.blocks).toEqual([
      expect.objectContaining({ boxes: 2, each: 'head', name: 'Rack 9, 177 °C for 15 min at heat' }),
    ]);
    expect(sheet.pull[0]!.what).toMatch(/ g of Powder, night eel$/);
    const hot = composeCoatSheet([{ ...rack, partC: 240 }], [], evening, weak, {
      mass: 'g',
      temperature: 'F',
      coatWay: 'flame-dip',
    });
    expect(hot.held[0]).toBe(
      'Rack 9: Oven at 464 °F would soften Lot 14, hard lead: it begins to melt at 486 °F. Keep it under 441 °F with a powder that cures so low, air-dry a paint, or take another metal.',
    );
  });
});

describe('heat by hand', () => {
  it('follows a trial: the timed head sticks when it stuck, a smaller one sooner', () => {
    const gun = view.heaters.find(({ kind }) => kind === 'gun')!;
    const powder = powdersOf(view.coatById.get('coat-night-eel')!, view)[0]!;
    const large = pieceOf(view.binById.get('head-round-28-hook-5-0-lot-14') as HeadBin, view)!;
    const small = pieceOf(view.binById.get('head-dart-5-hook-n1-lot-14') as HeadBin, view)!;
    const found = calibrateHeat({ ...large, sourceC: 420, startC: 20, targetC: powder.fuseC, seconds: 25 });
    if (!found.ok) throw new Error(found.problem.code);
    const question = {
      wayId: 'flame-dip' as const,
      heater: withTrial(gun, {
        ...large,
        ...found.value,
        at: 1,
        what: 'Round 28 g',
        startC: 20,
        targetC: powder.fuseC,
        seconds: 25,
      }),
      powder,
      solidusC: 252,
      ambientC: 20,
    };
    const of = (piece: typeof large) => {
      const plan = heatPlanOf({ ...question, piece });
      if (!plan.ok) throw new Error(plan.problem.code);
      return plan.value.stickS;
    };
    expect(of(large)).toBeCloseTo(25, 9);
    // Slower by its mass over its skin, faster by the root of its size: one h for all had it too long.
    const size = ({ volumeCm3, areaCm2 }: typeof large) => volumeCm3 / areaCm2;
    const ratio =
      (Math.sqrt(size(small) / size(large)) * (small.massG * small.specificHeatJkgK * large.areaCm2)) /
      (large.massG * large.specificHeatJkgK * small.areaCm2);
    expect(of(small)).toBeCloseTo(25 * ratio, 9);
    expect(small.skin).toBe('cavity');
  });

  it('is told as a hand counts', () => {
    expect([4.26, 26.4, 99.4, 125, 600].map(handText)).toEqual([
      '4.3 s',
      '26 s',
      '99 s',
      '2 min 05',
      '10 min 00',
    ]);
  });
});

describe('jars', () => {
  it('tell how much stays on, where enough was used to tell', () => {
    expect(learnUtilization(0.6, 10, 12)).toBeCloseTo(0.5, 12);
    expect(learnUtilization(0.6, 10, 5)).toBe(1);
    expect(learnUtilization(0.6, 1, 12)).toBeNull();
    expect(gramsEach({ densityGcm3: 1.5, utilization: 0.5 }, { areaCm2: 5 }, 'flame-dip')).toBeCloseTo(
      (5 * 0.011 * 1.5) / 0.5,
      12,
    );
    const since = demo.racks[1]!.inAt!;
    const expected = demo.racks
      .slice(2)
      .flatMap(({ used }) => used)
      .filter(({ powderBinId }) => powderBinId === 'powder-straw')
      .reduce((so, { g }) => so + g, 0);
    expect(reckonedSince(demo.racks, 'powder-straw', since)).toBeCloseTo(expected, 9);
    expect(expected).toBeGreaterThan(0);
  });
});
