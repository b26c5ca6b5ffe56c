import fc from 'fast-check';
import { heatTime } from '../heat/heat-time';
import { candidateCures } from './candidate-cures';
import { checkCure } from './check-cure';
import { coatUse } from './coat-use';
import { CURE_SCHOOLS, findCureSchool } from './cures';
import { COAT_CAUSE_IDS, COAT_FAULTS } from './faults';
import { cureLeftS, followCure, type FollowedCure } from './follow-cure';
import { headPiece } from './head-piece';
import { judgeCure } from './judge-cure';
import { layOutCures, SWAP_S } from './lay-out-cures';
import { likelyCauses } from './learn-faults';
import { planHeat } from './plan-heat';
import { adhesionTrials } from './tray-checks';
import { warmLoad } from './warm-load';
import { COAT_WAYS, findCoatWay } from './ways';

const CARD = { id: 'reed', cures: [{ cureC: 177, cureMin: 15 }], maxC: 205 };
const LEAD = { id: 'lead', solidusC: 252 };
const BISMUTH_TIN = { id: 'bismuth-tin', solidusC: 138 };
const PIECE = {
  massG: 10,
  specificHeatJkgK: 140,
  areaCm2: 5,
  thicknessMm: 8,
  volumeCm3: 0.9,
  skin: 'cavity' as const,
};

describe('checkCure', () => {
  it('says the worst first and never cured beside another', () => {
    const degrees = fc.double({ min: 50, max: 350, noNaN: true });
    const minutes = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(
        degrees,
        minutes,
        degrees,
        minutes,
        degrees,
        degrees,
        (partC, min, cureC, cureMin, maxC, solidusC) => {
          const { verdict, reasons } = checkCure({
            partC,
            minutes: min,
            powder: { cureC, cureMin, maxC },
            solidusC,
          });
          expect(reasons[0]).toBe(verdict);
          expect(reasons.includes('cured')).toBe(reasons.length === 1 && verdict === 'cured');
          if (partC >= solidusC) expect(verdict).toBe('melts');
          else if (partC >= solidusC - 25) expect(verdict).toBe('softens');
        },
      ),
    );
  });
});

describe('judgeCure', () => {
  it('lets the weakest metal of a mixed rack decide, and says how hot the oven may stand', () => {
    const cure = { partC: 177, minutes: 15 };
    expect(judgeCure(cure, [CARD], [LEAD])).toEqual({
      isGood: true,
      ovenC: 177,
      reasons: [],
      mostOvenC: 227,
    });
    const mixed = judgeCure(cure, [CARD], [LEAD, BISMUTH_TIN]);
    expect(mixed.isGood).toBe(false);
    expect(mixed.reasons).toEqual([{ verdict: 'melts', metalId: 'bismuth-tin', solidusC: 138 }]);
    expect(mixed.mostOvenC).toBe(113);
  });

  it('refuses what lies within 25 C of the solidus, not a degree further', () => {
    const at = (solidusC: number) =>
      judgeCure({ partC: 177, minutes: 15 }, [CARD], [{ id: 'm', solidusC }]).reasons.map(
        ({ verdict }) => verdict,
      );
    expect(at(177 + 25)).toEqual(['softens']);
    expect(at(177 + 25.1)).toEqual([]);
    expect(at(177)).toEqual(['melts']);
  });

  it('takes any line of a card, and wants every powder cured and none scorched', () => {
    const two = {
      ...CARD,
      id: 'two',
      cures: [
        { cureC: 190, cureMin: 10 },
        { cureC: 163, cureMin: 25 },
      ],
    };
    const words = (partC: number, minutes: number) =>
      judgeCure({ partC, minutes }, [CARD, two], [LEAD]).reasons.map((each) => each.verdict);
    expect(words(190, 15)).toEqual([]);
    expect(words(190, 10)).toEqual(['undercured']);
    expect(words(163, 25)).toEqual(['undercured']);
    expect(words(206, 15)).toEqual(['scorches', 'scorches']);
    expect(judgeCure({ partC: 177, minutes: 15 }, [], [{ id: 'scrap', solidusC: null }]).reasons).toEqual([
      { verdict: 'unknown', metalId: 'scrap' },
    ]);
  });

  it('finds among the candidates a cure that serves both, where one does', () => {
    const low = { id: 'low', cures: [{ cureC: 163, cureMin: 20 }], maxC: 190 };
    const good = candidateCures([CARD, low]).filter((cure) => judgeCure(cure, [CARD, low], [LEAD]).isGood);
    expect(good).toEqual([{ partC: 177, minutes: 20 }]);
  });
});

describe('the schools of curing', () => {
  it.each(CURE_SCHOOLS.map((school) => [school.id, school] as const))(
    '%s is found by its name',
    (id, school) => {
      expect(findCureSchool(id)).toBe(school);
      const { partC, minutes } = school.cureFor(CARD);
      expect(partC).toBeGreaterThan(100);
      expect(minutes).toBeGreaterThan(0);
    },
  );

  it('take a line of the card before a rule of thumb, which the card then refuses', () => {
    const { cureFor } = findCureSchool('hot-short');
    expect(cureFor({ ...CARD, cures: [...CARD.cures, { cureC: 200, cureMin: 8 }] })).toEqual({
      partC: 200,
      minutes: 8,
    });
    expect(cureFor(CARD)).toEqual({ partC: 191, minutes: 10 });
    expect(judgeCure(cureFor(CARD), [CARD], [LEAD]).reasons[0]?.verdict).toBe('undercured');
    expect(findCureSchool('cool-long').cureFor(CARD)).toEqual({ partC: 163, minutes: 23 });
  });
});

describe('planHeat', () => {
  const facts = {
    piece: PIECE,
    way: findCoatWay('flame-dip'),
    sourceC: 450,
    hWm2K: 70,
    ambientC: 20,
    fuseC: 120,
  };

  it('heats past fusing and stays under softening, in this order on the clock', () => {
    for (const way of COAT_WAYS) {
      const plan = planHeat({ ...facts, way, sourceC: 300, solidusC: 252 });
      if (!plan.ok) throw new Error(plan.problem.code);
      const { stickS, heatS, softenS, releaseC, windowS } = plan.value;
      expect(stickS).toBeLessThan(heatS);
      expect(heatS).toBeLessThan(softenS!);
      expect(releaseC).toBe(120 + way.overFuseC);
      expect(windowS).toBeGreaterThan(0);
    }
  });

  it('takes a head out earlier where the metal is weak, and not at all where it softens before powder fuses', () => {
    const weak = planHeat({ ...facts, solidusC: 183 });
    expect(weak.ok && weak.value.releaseC).toBe(183 - 25 - 5);
    expect(planHeat({ ...facts, solidusC: 138 })).toMatchObject({
      ok: false,
      problem: { code: 'coat.softens-first', facts: { softenC: 113, fuseC: 120 } },
    });
    expect(planHeat({ ...facts, solidusC: 252, sourceC: 180 })).toMatchObject({
      ok: false,
      problem: { code: 'heat.never-reached' },
    });
    const oven = planHeat({ ...facts, solidusC: 300, sourceC: 220 });
    expect(oven.ok && oven.value.softenS).toBeNull();
  });
});

describe('headPiece', () => {
  it('takes its skin from its cavity, else from its form, and says which', () => {
    const facts = { metalG: 11.34, metalJkgK: 129, steelInG: 0, style: 'ball', bodyCm3: 1 };
    const ball = 4 * Math.PI * (3 / (4 * Math.PI)) ** (2 / 3);
    const form = headPiece({ ...facts, cavity: null })!;
    expect(form.skin).toBe('form');
    expect(form.areaCm2 / ball).toBeCloseTo(1, 1);
    const own = headPiece({ ...facts, cavity: { style: 'ball', volumeCm3: 8, outline: null } })!;
    expect(own.skin).toBe('cavity');
    expect(own.areaCm2 / form.areaCm2).toBeCloseTo(4, 6);
    const hooked = headPiece({ ...facts, cavity: null, steelInG: 11.34 })!;
    expect(hooked.specificHeatJkgK).toBeCloseTo((129 + 490) / 2, 9);
    expect(headPiece({ ...facts, cavity: null, style: 'moon' })).toBeNull();
  });
});

describe('warmLoad', () => {
  const oven = { rackWm2K: 18, ovenC: 180, startC: 20, toC: 177, rackG: 0 };
  const head = { massG: 10, specificHeatJkgK: 140, areaCm2: 5, hWm2K: 18, count: 1 };

  it('is heat.time of the slowest head where the oven can give all that is drawn', () => {
    const groups = [head, { ...head, massG: 30, areaCm2: 10 }];
    const warm = warmLoad({ ...oven, groups, powerW: Infinity });
    const alone = heatTime({
      ...head,
      massG: 30,
      areaCm2: 10,
      hWm2K: 18,
      sourceC: 180,
      startC: 20,
      targetC: 177,
    });
    expect(warm.ok && alone.ok && warm.value.seconds / alone.value.seconds).toBeCloseTo(1, 2);
  });

  it('cannot be faster than the element: a heavy load takes its heat over its power', () => {
    const heavy = { ...head, count: 2000 };
    const warm = warmLoad({ ...oven, groups: [heavy], powerW: 800 });
    const leastS = (2000 * 0.01 * 140 * 157) / 800;
    if (!warm.ok) throw new Error(warm.problem.code);
    expect(warm.value.seconds).toBeGreaterThan(leastS);
    expect(warm.value.seconds).toBeLessThan(leastS * 1.6);
  });

  it('is slower with a rack to heat too, nothing for a hot load, and never with an oven no hotter', () => {
    const groups = [{ ...head, count: 40 }];
    const bare = warmLoad({ ...oven, groups, powerW: 600 });
    const racked = warmLoad({ ...oven, groups, powerW: 600, rackG: 1500 });
    expect(bare.ok && racked.ok && racked.value.seconds > bare.value.seconds).toBe(true);
    expect(warmLoad({ ...oven, groups, powerW: 600, startC: 178 })).toEqual({
      ok: true,
      value: { seconds: 0 },
    });
    expect(warmLoad({ ...oven, groups, powerW: 600, toC: 180 })).toMatchObject({ ok: false });
    expect(warmLoad({ ...oven, groups: [{ ...head, count: 20_000 }], powerW: 50 })).toMatchObject({
      ok: false,
    });
    expect(() => warmLoad({ ...oven, groups: [], powerW: 600 })).toThrow(/warmLoad/);
  });
});

describe('followCure', () => {
  const cure = { partC: 177, minutes: 15 };
  const start: FollowedCure = { at: 0, headC: 20, cureS: 0 };
  const follow = (ovenC: number, tauS: number, seconds: number, stepS: number) => {
    let state = start;
    for (let at = stepS; at <= seconds; at += stepS)
      state = followCure(state, { at: at * 1000, ovenC }, tauS, cure);
    return state;
  };

  it('counts from when the heads are hot, the same for few readings and many', () => {
    const warmS = 300 * Math.log(160 / 6);
    const fine = follow(180, 300, 1500, 1);
    const coarse = follow(180, 300, 1500, 500);
    expect(fine.cureS).toBeCloseTo(1500 - warmS, 3);
    expect(coarse.cureS).toBeCloseTo(fine.cureS, 6);
    expect(cureLeftS(start, 180, 300, cure)).toBeCloseTo(warmS + 900, 6);
    expect(cureLeftS(fine, 180, 300, cure)).toBeCloseTo(900 - fine.cureS, 3);
  });

  it('stops counting while an oven runs cold, and says that it will never get there', () => {
    const hot = follow(180, 60, 600, 10);
    const cold = followCure(hot, { at: 1_200_000, ovenC: 150 }, 60, cure);
    const lostS = 60 * Math.log((hot.headC - 150) / (174 - 150));
    expect(cold.cureS - hot.cureS).toBeCloseTo(lostS, 6);
    expect(cureLeftS(cold, 150, 60, cure)).toBeNull();
    expect(cureLeftS({ ...cold, cureS: 900 }, 150, 60, cure)).toBe(0);
  });
});

describe('layOutCures', () => {
  it('readies the next rack while this one cures, and waits for the slower of hands and oven', () => {
    const load = (id: string, prepS: number) => ({ id, prepS, warmS: 300, cureS: 900 });
    const slowHands = layOutCures([load('a', 3000), load('b', 3000)], 900);
    expect(slowHands.totalS).toBe(6000 + 1200);
    expect(slowHands.idleS).toBe(0);
    const slowOven = layOutCures([load('a', 100), load('b', 100), load('c', 100)], 900);
    expect(slowOven.totalS).toBe(900 + 3 * 1200 + 2 * SWAP_S);
    expect(slowOven.idleS).toBe(800 + 2 * (1200 + SWAP_S - 100));
    // One load in the oven at a time.
    const inOven = slowOven.legs.filter(({ kind }) => kind !== 'prep').sort((a, b) => a.startS - b.startS);
    inOven.slice(1).forEach((leg, index) => expect(leg.startS).toBeGreaterThanOrEqual(inOven[index]!.endS));
    expect(layOutCures([], 900)).toEqual({ legs: [], totalS: 0, idleS: 0 });
  });
});

describe('powder, faults and checks', () => {
  it('sums a powder that stands in two layers', () => {
    const powder = { id: 'frost', densityGcm3: 1.5, filmUm: 80, utilization: 0.6 };
    const use = coatUse(
      [
        { powder, coverShare: 1 },
        { powder, coverShare: 0.5 },
        { powder: { ...powder, id: 'clear' }, coverShare: 1 },
      ],
      5,
      10,
    );
    expect(use.get('frost')).toBeCloseTo(1.5, 12);
    expect(use.get('clear')).toBeCloseTo(1, 12);
  });

  it('starts from the trade and learns from what the maker found', () => {
    for (const { id } of COAT_FAULTS) {
      const row = likelyCauses(id, []);
      expect(row.map(({ cause }) => cause).sort()).toEqual([...COAT_CAUSE_IDS].sort());
      expect(row.reduce((so, { share }) => so + share, 0)).toBeCloseTo(1, 12);
    }
    expect(likelyCauses('runs', [])[0]?.cause).toBe('too-thick');
    const found = [{ fault: 'runs' as const, count: 12, cause: 'caked' as const }];
    expect(likelyCauses('runs', found)[0]?.cause).toBe('caked');
    expect(likelyCauses('runs', [{ ...found[0]!, cause: null }])).toEqual(likelyCauses('runs', []));
    expect(likelyCauses('dull', found)).toEqual(likelyCauses('dull', []));
  });

  it('tries one of ten', () => {
    expect([1, 10, 11, 60].map(adhesionTrials)).toEqual([1, 1, 2, 6]);
  });
});
