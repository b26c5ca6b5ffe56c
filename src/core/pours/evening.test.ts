import fc from 'fast-check';
import { CLOSED_BOOKS } from '../../../tests/support/gap-facts';
import { explainGap, type GapFacts } from './explain-gap';
import { layOutEvening, type EveningFacts } from './lay-out-evening';
import { learnBeat } from './learn-beat';
import { orderBlocks } from './order-blocks';
import { pullList } from './pull-list';

const block = (moldId: string, pours: number) => ({
  moldId,
  pours,
  secondsPerPour: 40,
  setupSeconds: 600,
  metalPerPourG: 30,
  spreadS: null,
  eveningSpreadS: null,
});
const FACTS: EveningFacts = {
  blocks: [block('a', 20), block('b', 10)],
  chargeG: 1000,
  capacityG: 4000,
  heelG: 100,
  heat: { fullMinutes: 20, potShare: 0.25, spreadMinutes: null },
  pace: { pourMinutes: 50, restMinutes: 10 },
};

describe('layOutEvening', () => {
  it('melts, warms and pours, block after block, and says when the first good pour comes', () => {
    const evening = layOutEvening(FACTS);
    expect(evening.legs.map(({ kind, moldId, startS, endS }) => [kind, moldId, startS, endS])).toEqual([
      // A quarter of twenty minutes for the pot itself, and a quarter of the rest for a quarter of a fill.
      ['melt', null, 0, 525],
      ['warm-up', 'a', 525, 1125],
      ['pours', 'a', 1125, 1925],
      ['warm-up', 'b', 1925, 2525],
      ['pours', 'b', 2525, 2925],
    ]);
    expect(evening).toMatchObject({ firstGoodS: 1125, totalS: 2925, refills: 0, spreadS: null });
  });

  it('rests after so much pouring, but not for the last few pours', () => {
    const long = layOutEvening({ ...FACTS, blocks: [block('a', 100)], chargeG: 4000 });
    expect(long.legs.map(({ kind, pours }) => [kind, pours])).toEqual([
      ['melt', 0],
      ['warm-up', 0],
      ['pours', 75],
      ['rest', 0],
      ['pours', 25],
    ]);
    const nearlyDone = layOutEvening({ ...FACTS, blocks: [block('a', 80)], chargeG: 4000 });
    expect(nearlyDone.legs.some(({ kind }) => kind === 'rest')).toBe(false);
  });

  it('fills the pot again when it is down to its heel, and only with what is still to pour', () => {
    const twice = layOutEvening({
      ...FACTS,
      blocks: [block('a', 160)],
      chargeG: 4000,
      pace: { pourMinutes: 600, restMinutes: 0 },
    });
    // 3900 g give 130 pours; 30 more take 900 g, a quarter of a pot less 1000 of 4000
    expect(twice.legs.map(({ kind, pours }) => [kind, pours])).toEqual([
      ['melt', 0],
      ['warm-up', 0],
      ['pours', 130],
      ['refill', 0],
      ['pours', 30],
    ]);
    expect(twice.legs[3]!.endS - twice.legs[3]!.startS).toBeCloseTo((0.75 * 20 * 60 * 900) / 4000, 6);
    expect(twice.refills).toBe(1);
  });

  it('adds the spread of pours as chance, and of evenings as a whole', () => {
    const own = { ...block('a', 100), spreadS: 3, eveningSpreadS: 2 };
    expect(layOutEvening({ ...FACTS, blocks: [own] }).spreadS).toBeCloseTo(Math.sqrt(100 * 9 + 200 ** 2), 9);
    expect(layOutEvening({ ...FACTS, blocks: [] })).toMatchObject({ legs: [], firstGoodS: null, totalS: 0 });
  });

  it('leaves no gap and no overlap between its legs', () => {
    const anyBlock = fc.record({
      pours: fc.integer({ min: 0, max: 150 }),
      metal: fc.integer({ min: 1, max: 90 }),
    });
    fc.assert(
      fc.property(
        fc.array(anyBlock, { maxLength: 4 }),
        fc.integer({ min: 300, max: 4000 }),
        (blocks, chargeG) => {
          const evening = layOutEvening({
            ...FACTS,
            chargeG,
            blocks: blocks.map(({ pours, metal }, index) => ({
              ...block(String(index), pours),
              metalPerPourG: metal,
            })),
          });
          evening.legs.reduce((at, leg) => {
            expect(leg.startS).toBeCloseTo(at, 6);
            expect(leg.endS).toBeGreaterThan(leg.startS);
            return leg.endS;
          }, 0);
          const poured = evening.legs.reduce((total, leg) => total + leg.pours, 0);
          expect(poured).toBe(blocks.reduce((total, { pours }) => total + pours, 0));
        },
      ),
    );
  });
});

describe('learnBeat', () => {
  const evening = (seconds: readonly number[]) =>
    seconds.reduce<number[]>((instants, gap) => [...instants, (instants.at(-1) ?? 0) + gap * 1000], [0]);

  it('takes the mean of the intervals, and lets a rest or a sleeping machine be', () => {
    const beat = learnBeat([evening([40, 41, 39, 40, 600, 42, 38, 40, 40, 40])]);
    expect(beat).toEqual({
      secondsPerPour: 40,
      spreadS: expect.closeTo(Math.sqrt(10 / 8), 9) as number,
      eveningSpreadS: 0,
      pours: 9,
    });
    // Now and then one takes twice as long: an evening of them is longer than its middle ones.
    expect(learnBeat([evening([40, 40, 40, 80, 40, 40, 80, 40, 40, 40])])?.secondsPerPour).toBe(48);
  });

  it('learns nothing from too few, nor from a clock that ran backward', () => {
    expect(learnBeat([evening([40, 40, 40])])).toBeNull();
    expect(learnBeat([evening(Array.from({ length: 12 }, () => -5))])).toBeNull();
  });

  it('knows how far evenings differ once there are three', () => {
    const of = (seconds: number) => evening([seconds, seconds, seconds, seconds]);
    expect(learnBeat([of(38), of(42)])?.eveningSpreadS).toBe(0);
    expect(learnBeat([of(38), of(40), of(42)])?.eveningSpreadS).toBeCloseTo(2, 9);
  });
});

describe('orderBlocks', () => {
  it('works the small castings first and the large ones after', () => {
    const blocks = [
      { moldId: 'H', heaviestG: 28 },
      { moldId: 'B 10', heaviestG: 7 },
      { moldId: 'B 9', heaviestG: 7 },
    ];
    expect(orderBlocks(blocks).map(({ moldId }) => moldId)).toEqual(['B 9', 'B 10', 'H']);
  });
});

describe('pullList', () => {
  const hook = (id: string, free: number, place: string, size = '2/0') => ({
    id,
    name: `Hook ${id}`,
    place,
    free,
    size,
  });

  it('goes by where things lie; pins are needed once, frames for each casting', () => {
    const list = pullList(
      [
        {
          name: 'Block M',
          place: 'Drawer 10',
          inserts: [{ name: 'Frame', count: 1, removed: false }],
          pours: 12,
        },
        {
          name: 'Block J',
          place: 'Drawer 9',
          inserts: [{ name: 'Pin', count: 4, removed: true }],
          pours: 30,
        },
      ],
      [hook('a', 50, 'Tray')],
      new Map([['a', 12]]),
    );
    expect(list.map(({ place, name, count }) => [place, name, count])).toEqual([
      ['Drawer 9', 'Block J', 1],
      ['Drawer 9', 'Pin, for Block J', 4],
      ['Drawer 10', 'Block M', 1],
      ['Drawer 10', 'Frame, for Block M', 12],
      ['Tray', 'Hook a', 12],
    ]);
  });

  it('names what stands in for hooks that are short, less what is needed of it', () => {
    const [short] = pullList(
      [],
      [
        hook('a', 5, 'Tray'),
        hook('long', 30, 'Tray 2'),
        hook('used', 8, 'Tray 3'),
        hook('big', 90, 'Tray 4', '3/0'),
      ],
      new Map([
        ['a', 12],
        ['used', 8],
      ]),
    );
    expect(short).toMatchObject({ short: 7, instead: [{ name: 'Hook long', free: 30, place: 'Tray 2' }] });
  });
});

describe('explainGap', () => {
  const likely = (unaccountedG: number, change: Partial<GapFacts> = {}) =>
    explainGap({ ...CLOSED_BOOKS, ...change, unaccountedG })
      .filter(({ isLikely }) => isLikely)
      .map(({ reason }) => reason);

  it('finds the reasons whose size fits', () => {
    expect(likely(1)).toContain('scale');
    expect(likely(8)).toContain('drips');
    expect(likely(8)).not.toContain('scale');
    expect(likely(28)).toEqual(expect.arrayContaining(['castings', 'sprues']));
    expect(likely(140)).toEqual(['sprues', 'heel-missed']);
    expect(likely(900)).toEqual([]);
  });

  it('looks for other reasons where metal came from nowhere', () => {
    expect(likely(-88)).toEqual(expect.arrayContaining(['hooks-as-metal', 'heel-not-counted']));
    expect(likely(-40, { hooksG: 0 })).toEqual(['charge']);
    expect(explainGap({ ...CLOSED_BOOKS, unaccountedG: -3 })[0]?.isLikely).toBe(false);
  });
});
