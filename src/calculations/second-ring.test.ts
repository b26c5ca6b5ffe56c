import { wireError } from '@/text/wire-error';
import { answer } from './answer';

const near = (value: number, digits = 6) => expect.closeTo(value, digits) as number;
const METAL = { densityGcm3: 11, shrinkLinear: 0 };
const weighed = (weighedG: number, count = 1) => ({ weighedG, count, metal: METAL, embedded: [] });
const BAND = { samples: [weighed(10.1), weighed(9.9)], metal: METAL, embedded: [] };
const SPIN = {
  densityGcm3: 11,
  rpm: 600,
  poolRadiusMm: 20,
  cavities: [{ radiusMm: 80, projectedCm2: 2, count: 10 }],
  clampKgf: 300,
};
const TRIAL = { volumeCm3: 1, areaCm2: 6, hWm2K: 60 };
const SWEEP = {
  spreadDeg: 30,
  armMm: 80,
  bodyRadiusMm: 6,
  blades: [{ name: 'willow', hangs: 'end', lengthMm: 40, standsDeg: 30, hangerMm: 900 }],
};
const HOLD = { depthM: 4, castM: 20, currentMs: 0.3, lineMm: 0.2, metalGcm3: 11.1, grip: 0.5 };
const FALL = { massG: 7, volumeCm3: 0.65, dragAreaCm2: 0.6, lineMm: 0, depthM: 3 };
const FIT = { massG: 7, volumeCm3: 0.65, lineMm: 0.25, depthM: 3, seconds: 3 };
const CATCH = { groups: [{ id: 'a', outings: [{ catches: 3, hours: 1 }] }] };
const FLOAT = { floatVolumeCm3: 4, floatMassG: 1, carried: [] };
const PLASTIC = { parts: [{ name: 'p', densityGcm3: 1.02, volumeCm3: 100 }], pieceCm3: 5 };
const ORDERS = {
  needs: [{ item: 'hook', qty: 20 }],
  sellers: [{ id: 'a', postage: 5, freeFrom: 30 }],
  offers: [
    { sellerId: 'a', item: 'hook', packId: 'ten', packQty: 10, price: 14 },
    { sellerId: 'a', item: 'hook', packId: 'one', packQty: 1, price: 2 },
    { sellerId: 'a', item: 'bead', packId: 'beads', packQty: 1, price: 2 },
  ],
};

const SHOP = {
  tasks: [
    { id: 'hang', minutes: 40, hands: true, order: 'a' },
    {
      id: 'cure',
      minutes: 30,
      hands: false,
      place: 'oven',
      order: 'a',
      after: [{ id: 'hang', waitMin: 10 }],
    },
  ],
  places: [{ id: 'oven', count: 1 }],
  windows: [{ fromMin: 15, toMin: 75 }],
  orders: [
    { id: 'a', dueMin: 60 },
    { id: 'b', dueMin: 0 },
  ],
};

const without = <T extends object>(from: T, key: keyof T) =>
  Object.fromEntries(Object.entries(from).filter(([each]) => each !== key));

describe('the second ring', () => {
  it.each([
    [
      'metal.melting',
      { composition: { Sn: 0.973, Pb: 0.027 } },
      { solidusC: 183, liquidusC: near(231.9), firstLiquid: ['Pb', 'Sn'] },
    ],
    ['metal.melting', { composition: { Pb: 1 } }, { solidusC: 327.5, liquidusC: 327.5, firstLiquid: null }],
    [
      'metal.melting',
      { composition: { W: 0.9, Fe: 0.1 } },
      { solidusC: null, liquidusC: null, firstLiquid: null },
    ],
    [
      'cavity.band',
      BAND,
      { finishedG: near(10), bandG: near(12.70620473 * Math.SQRT2 * 0.1 * Math.sqrt(1.5), 5) },
    ],
    ['cavity.band', { ...BAND, samples: [weighed(10)] }, { finishedG: near(10), bandG: null }],
    ['pour.yield', { wanted: 20, goodShare: 1 }, { pieces: 20, expected: 20 }],
    ['pour.yield', { wanted: 0, goodShare: 0.4 }, { pieces: 0, expected: 0 }],
    ['pour.yield', { wanted: 1, goodShare: 0.5, confidence: 0.75 }, { pieces: 2, expected: 2 }],
    [
      'spin.force',
      SPIN,
      {
        cavities: [{ pressureKpa: near(5.5 * (20 * Math.PI) ** 2 * 0.006) }],
        partingKgf: near((5500 * (20 * Math.PI) ** 2 * 0.006 * 0.002) / 9.80665),
        holds: true,
      },
    ],
    [
      'shop.schedule',
      SHOP,
      {
        starts: [
          { id: 'hang', startMin: 15 },
          { id: 'cure', startMin: 65 },
        ],
        orders: [
          { id: 'a', finishMin: 95, lateMin: 35 },
          { id: 'b', finishMin: 0, lateMin: 0 },
        ],
        totalLateMin: 35,
        optimal: true,
      },
    ],
    [
      'heat.scale',
      { trials: [TRIAL], volumeCm3: 0.125, areaCm2: 1.5 },
      { hWm2K: near(60 * Math.SQRT2), exponent: -0.5 },
    ],
    ['wire.sweep', SWEEP, { blades: [{ name: 'willow', clearanceMm: near(14), clears: true }] }],
    ['water.hold', { ...HOLD, currentMs: 0.2, driftMs: 0.3 }, { massG: 0, tensionN: 0, sagM: 0 }],
    [
      'water.fall',
      FALL,
      {
        seconds: near(3 / Math.sqrt((2 * 6.35e-3 * 9.80665) / (1000 * 0.6e-4))),
        meanMs: near(Math.sqrt((2 * 6.35e-3 * 9.80665) / (1000 * 0.6e-4))),
        endMs: near(Math.sqrt((2 * 6.35e-3 * 9.80665) / (1000 * 0.6e-4))),
      },
    ],
    ['float.shot', FLOAT, { capacityG: near(3 / (1 - 1 / 11.34)), leftG: near(3 / (1 - 1 / 11.34)) }],
    ['plastic.density', PLASTIC, { densityGcm3: near(1.02), liftG: near(-0.1) }],
    [
      'buy.orders',
      ORDERS,
      {
        orders: [
          {
            sellerId: 'a',
            packs: expect.arrayContaining([{ packId: 'ten', packs: 2 }]) as unknown[],
            goods: near(30),
            postage: 0,
          },
        ],
        cost: near(30),
        optimal: true,
      },
    ],
    [
      'buy.orders',
      { ...ORDERS, needs: [{ item: 'nothing sold', qty: 0 }] },
      { orders: [], cost: 0, optimal: true },
    ],
  ])('%s answers %j', async (name, input, output) => {
    expect(await answer(name, input)).toEqual({ ok: true, output });
  });

  it('foretells the same drag that a drop tells', async () => {
    const reply = await answer('water.fallFit', FIT);
    if (!reply.ok) throw new Error('it is well put');
    const { dragAreaCm2 } = reply.output as { dragAreaCm2: number };
    const { seconds: _, ...bait } = FIT;
    expect(await answer('water.fall', { ...bait, dragAreaCm2 })).toMatchObject({
      output: { seconds: near(3) },
    });
  });

  it.each([
    ['metal.melting', { composition: { Pb: 0.9 } }],
    ['cavity.band', { ...BAND, confidence: 1 }],
    ['cavity.band', { ...BAND, samples: [] }],
    ['pour.yield', { wanted: 3, goodShare: 0 }],
    ['pour.yield', { wanted: 1.5, goodShare: 0.5 }],
    ['spin.force', { ...SPIN, cavities: [{ radiusMm: 10, projectedCm2: 2, count: 1 }] }],
    ['heat.scale', { trials: [], volumeCm3: 1, areaCm2: 1 }],
    ['wire.sweep', { ...SWEEP, spreadDeg: 91 }],
    ['wire.sweep', { ...SWEEP, blades: [{ name: 'b', hangs: 'arm', lengthMm: 40, standsDeg: 30 }] }],
    ['water.hold', { ...HOLD, depthM: 0, castM: 0 }],
    ['water.hold', { ...HOLD, metalGcm3: 1 }],
    ['water.hold', { ...HOLD, currentMs: -1 }],
    ['water.fallFit', { ...FIT, depthM: 0 }],
    ['catch.compare', { groups: [] }],
    ['catch.compare', { groups: [{ id: 'a', outings: [] }] }],
    ['catch.compare', { groups: [{ id: 'a', outings: [{ catches: 1, hours: 0 }] }] }],
    ['catch.compare', { ...CATCH, confidence: 0 }],
    ['float.shot', { ...FLOAT, shotGcm3: 1 }],
    ['plastic.density', { ...PLASTIC, parts: [{ name: 'p', densityGcm3: 1 }] }],
    ['plastic.density', { ...PLASTIC, parts: [{ name: 'p', densityGcm3: 1, massG: 1, volumeCm3: 1 }] }],
    ['buy.orders', { ...ORDERS, sellers: [] }],
    ['shop.schedule', { ...SHOP, tasks: [SHOP.tasks[0], SHOP.tasks[0]] }],
    ['shop.schedule', { ...SHOP, places: [] }],
    ['shop.schedule', { ...SHOP, places: [{ id: 'oven', count: 0 }] }],
    [
      'shop.schedule',
      {
        ...SHOP,
        windows: [
          { fromMin: 15, toMin: 75 },
          { fromMin: 74, toMin: 90 },
        ],
      },
    ],
    ['shop.schedule', { ...SHOP, tasks: [{ ...SHOP.tasks[0], after: [{ id: 'hang' }] }] }],
    ['shop.schedule', { ...SHOP, tasks: [{ ...SHOP.tasks[0], minutes: 0 }] }],
    ['buy.orders', without(ORDERS, 'needs')],
    ['buy.orders', { ...ORDERS, offers: [ORDERS.offers[0], ORDERS.offers[0]] }],
  ])('%s refuses %j as ill put', async (name, input) => {
    const reply = await answer(name, input);
    if (reply.ok) throw new Error(`it took ${JSON.stringify(input)}`);
    const { code, message } = wireError(reply.problem);
    expect(code).toBe('invalid_input');
    expect(message.length).toBeGreaterThan(20);
  });

  it.each([
    ['pour.yield', { wanted: 5000, goodShare: 0.01 }, /more than 100000 castings/],
    ['water.fall', { ...FALL, massG: 0.6 }, /does not sink/],
    ['water.fallFit', { ...FIT, seconds: 0.1 }, /faster than the line alone/],
    ['float.shot', { ...FLOAT, floatMassG: 5 }, /no lift left/],
    ['shop.schedule', { ...SHOP, windows: [{ fromMin: 0, toMin: 39 }] }, /40 min in one go/],
    [
      'shop.schedule',
      { ...SHOP, tasks: [SHOP.tasks[0], { ...SHOP.tasks[0], id: 'twin' }] },
      /not time enough at the bench/,
    ],
    ['buy.orders', { ...ORDERS, needs: [{ item: 'snap', qty: 1 }] }, /snap/],
    ['buy.orders', { ...ORDERS, offers: ORDERS.offers.map((each) => ({ ...each, maxPacks: 1 })) }, /hold 11/],
  ])('%s finds no answer to %j', async (name, input, message) => {
    const reply = await answer(name, input);
    if (reply.ok) throw new Error(`it answered ${JSON.stringify(input)}`);
    const error = wireError(reply.problem);
    expect(error.code).toBe('impossible');
    expect(error.message).toMatch(message);
  });
});
