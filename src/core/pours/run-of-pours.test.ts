import fc from 'fast-check';
import { countRun } from './count-run';
import { forecastPours } from './forecast-pours';
import { nextPour, type Casting } from './next-pour';
import { settleRun } from './settle-run';

const FILLS = [
  { cavities: [0, 1], filled: [{ key: 'a', count: 5 }] },
  {
    cavities: [2],
    filled: [
      { key: 'b', count: 2 },
      { key: 'c', count: 1 },
    ],
  },
];

const cell = (cavity: number, key: string, metalG: number) => ({ moldId: 'M', cavity, key, metalG });

const RUN = {
  metalBinId: 'lot',
  chargedG: 1000,
  topUps: [],
  blocks: [{ moldId: 'M', fillAll: false, spruePerPourG: 5, copies: 1, fills: FILLS }],
  heads: [
    { key: 'a', hookBinId: 'hook-a' },
    { key: 'b', hookBinId: null },
    { key: 'c', hookBinId: 'hook-a' },
  ],
  cells: [cell(0, 'a', 10), cell(1, 'a', 11), cell(2, 'b', 20), cell(2, 'c', 19)],
  wants: [
    { key: 'a', ticketId: 't1', lineId: 'l1', count: 3 },
    { key: 'a', ticketId: 't2', lineId: 'l2', count: 2 },
    { key: 'b', ticketId: 't1', lineId: 'l3', count: 2 },
    { key: 'c', ticketId: 't1', lineId: 'l4', count: 1 },
  ],
};

const good = (cavity: number, key: string): Casting => ({ cavity, key, good: true });
const bad = (cavity: number, key: string): Casting => ({ cavity, key, good: false });

describe('nextPour', () => {
  it('fills every cavity that still has a share, the key with most left first', () => {
    expect(nextPour(FILLS, [])).toEqual([
      { cavity: 0, key: 'a' },
      { cavity: 1, key: 'a' },
      { cavity: 2, key: 'b' },
    ]);
  });

  it('leaves a cavity empty when one casting is left for two', () => {
    const cast = [good(0, 'a'), good(1, 'a'), good(0, 'a'), good(1, 'a')];
    expect(nextPour(FILLS, cast).map(({ cavity }) => cavity)).toEqual([0, 2]);
  });

  it('pours a misfill again', () => {
    const fills = [{ cavities: [0], filled: [{ key: 'a', count: 1 }] }];
    expect(nextPour(fills, [bad(0, 'a')])).toEqual([{ cavity: 0, key: 'a' }]);
    expect(nextPour(fills, [bad(0, 'a'), good(0, 'a')])).toEqual([]);
  });

  it('fills the rest too in a mold that fills all, until its share is cast', () => {
    const fills = [
      { cavities: [0], filled: [{ key: 'a', count: 2 }] },
      { cavities: [1], filled: [{ key: 'b', count: 1 }] },
    ];
    const first = [good(0, 'a'), good(1, 'b')];
    expect(nextPour(fills, first, true)).toEqual([
      { cavity: 0, key: 'a' },
      { cavity: 1, key: 'b' },
    ]);
    expect(nextPour(fills, [...first, good(0, 'a'), good(1, 'b')], true)).toEqual([]);
  });
});

describe('forecastPours', () => {
  it('ends with every share cast, however the pours before went', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { maxLength: 12 }), (fortunes) => {
        const castings: Casting[] = [];
        for (const isGood of fortunes) {
          castings.push(...nextPour(FILLS, castings).map((slot) => ({ ...slot, good: isGood })));
        }
        const left = forecastPours(FILLS, castings).flat().length;
        const cast = castings.filter((casting) => casting.good).length;
        expect(cast + left).toBe(8);
      }),
    );
  });
});

describe('settleRun', () => {
  const pours = [
    { moldId: 'M', isWarmUp: false, castings: [good(0, 'a'), bad(1, 'a'), good(2, 'b')] },
    { moldId: 'M', isWarmUp: false, castings: [good(0, 'a'), good(1, 'a'), good(2, 'c')] },
    { moldId: 'M', isWarmUp: false, castings: [good(0, 'a')] },
  ];

  it('keeps the books of a run', () => {
    const { figures, hooks } = settleRun(RUN, pours, 4);
    // good 3 x 10 + 11 + 20 + 19, rejected 11, sprues 3 x 5, left 1000 - 80 - 11 - 15 - 4
    expect(figures).toEqual({
      goodG: 80,
      rejectedG: 11,
      sprueG: 15,
      drossG: 4,
      potLeftG: 890,
      good: 6,
      misfilled: 1,
      surplus: 0,
      unaccountedG: 0,
    });
    expect(hooks).toEqual(new Map([['hook-a', 6]]));
  });

  it('books what went back into the pot as it ran as what is left in it', () => {
    const [aside, back] = [RUN, { ...RUN, backInPot: true }].map((run) => settleRun(run, pours, 4).figures);
    expect(back).toMatchObject({ rejectedG: 0, sprueG: 0, goodG: aside!.goodG, misfilled: aside!.misfilled });
    expect(back!.potLeftG).toBeCloseTo(aside!.potLeftG + aside!.rejectedG + aside!.sprueG, 9);
    // Weighed at the end, the pot holds just that: nothing came from nowhere.
    const weighed = { goodG: null, rejectedG: null, sprueG: null, potEndG: back!.potLeftG };
    expect(settleRun({ ...RUN, backInPot: true }, pours, 4, weighed).figures.unaccountedG).toBeCloseTo(0, 9);
    expect(settleRun(RUN, pours, 4, weighed).figures.unaccountedG).toBeCloseTo(
      -aside!.rejectedG - aside!.sprueG,
      9,
    );
    // The level of the pot as it runs says the same; what was skimmed is not off yet.
    expect(countRun({ ...RUN, backInPot: true }, pours).potG).toBeCloseTo(back!.potLeftG + 4, 9);
    expect(countRun(RUN, pours).potG).toBeCloseTo(aside!.potLeftG + 4, 9);
  });

  it('serves who is due first, and calls what nobody asked for surplus', () => {
    const many = [...pours, { moldId: 'M', isWarmUp: false, castings: [good(0, 'a'), good(1, 'a')] }];
    const { heads, figures } = settleRun(RUN, many, 0);
    expect(heads.filter(({ key }) => key === 'a')).toEqual([
      { key: 'a', ticketId: 't1', lineId: 'l1', count: 3 },
      { key: 'a', ticketId: 't2', lineId: 'l2', count: 2 },
      { key: 'a', ticketId: null, lineId: null, count: 1 },
    ]);
    expect(figures.surplus).toBe(1);
  });

  it('loses no metal: what was charged is what came out, whatever was poured', () => {
    const castings = fc.array(
      fc
        .record({ place: fc.constantFrom(...RUN.cells), good: fc.boolean() })
        .map(({ place, good: isGood }) => ({ cavity: place.cavity, key: place.key, good: isGood })),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(
        fc.array(castings, { maxLength: 20 }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (all, drossG) => {
          const { figures, heads } = settleRun(
            RUN,
            all.map((each) => ({ moldId: 'M', isWarmUp: false, castings: each })),
            drossG,
          );
          const out = figures.goodG + figures.rejectedG + figures.sprueG + figures.drossG + figures.potLeftG;
          expect(out).toBeCloseTo(RUN.chargedG, 6);
          expect(heads.reduce((total, { count }) => total + count, 0)).toBe(figures.good);
        },
      ),
    );
  });

  it('throws on a casting the run knows nothing of', () => {
    expect(() => settleRun(RUN, [{ moldId: 'M', isWarmUp: false, castings: [good(2, 'a')] }], 0)).toThrow(
      /requires a cell/,
    );
  });
});

describe('countRun', () => {
  it('says where a run stands', () => {
    const count = countRun(RUN, [
      { moldId: 'M', isWarmUp: false, castings: [good(0, 'a'), bad(1, 'a'), good(2, 'b')] },
    ]);
    expect(count).toMatchObject({ poured: 1, good: 2, misfilled: 1, potG: 1000 - 41 - 5 });
    expect(count.blocks[0]!.ahead).toEqual([
      [0, 1, 2],
      [0, 1, 2],
    ]);
    expect(count.blocks[0]!.cavities.get(1)).toEqual({ good: 0, misfilled: 1 });
  });
});
