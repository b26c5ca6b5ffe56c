import fc from 'fast-check';
import { z } from 'zod';
import { wireError } from '@/text/wire-error';
import { answer } from './answer';
import { CALCULATIONS } from './registry';

async function outputOf(name: string, input: unknown): Promise<unknown> {
  const reply = await answer(name, input);
  if (!reply.ok) throw new Error(JSON.stringify(reply.problem));
  return reply.output;
}

async function errorOf(name: string, input: unknown) {
  const reply = await answer(name, input);
  if (reply.ok) throw new Error(`${name} took what it should refuse: ${JSON.stringify(reply.output)}`);
  return wireError(reply.problem);
}

const PREDICT = { cavityVolumeCm3: 1, metal: { densityGcm3: 11, shrinkLinear: 0.008 }, embedded: [] };
const PLAN = {
  demand: [{ key: 'a', count: 3 }],
  molds: [{ id: 'A', cavities: ['a', null], secondsPerPour: 30, setupSeconds: 60 }],
};
const BUDGET = {
  lines: [{ pieceMetalG: 9, count: 60, scrapShare: 0.1 }],
  pours: 60,
  spruePerPourG: 2,
  drossShare: 0.02,
  heelG: 0,
  potCapacityG: 4000,
};

const SKIRT = {
  layers: [
    { material: 'reed', tabs: 1 },
    { material: 'ember', tabs: 0.25 },
    { material: 'reed', strands: 10 },
  ],
  strandsPerTab: { reed: 20, ember: 22 },
  skirts: 10,
};
const LOOK = {
  layers: [
    { material: 'reed', strands: 40 },
    { material: 'ember', strands: 10 },
  ],
  strandWidthMm: 1,
  collarDiameterMm: 6,
  foldedBack: true,
};
const COVER_REED = 1 - Math.exp(-40 / (6 * Math.PI));
const COVER_EMBER = 1 - Math.exp(-10 / (6 * Math.PI));
const COVERED = 1 - (1 - COVER_REED) * (1 - COVER_EMBER);

const HEAT = {
  massG: 10,
  specificHeatJkgK: 129,
  areaCm2: 4,
  hWm2K: 60,
  sourceC: 230,
  startC: 20,
  targetC: 200,
};
const TRIAL = {
  massG: 10,
  specificHeatJkgK: 129,
  areaCm2: 4,
  sourceC: 230,
  startC: 20,
  targetC: 200,
  seconds: 104.59,
};
const WINDOW = {
  massG: 10,
  specificHeatJkgK: 129,
  areaCm2: 4,
  hWm2K: 15,
  ambientC: 20,
  releaseC: 220,
  fuseC: 120,
};
const CURE = { partC: 177, minutes: 15, powder: { cureC: 177, cureMin: 15, maxC: 205 }, solidusC: 300 };
const USAGE = { areaCm2: 5, filmUm: 80, densityGcm3: 1.5, utilization: 0.6, count: 20 };
const NOTHING = {
  potStartG: 0,
  addedG: 0,
  goodG: 0,
  rejectedG: 0,
  sprueG: 0,
  drossG: 0,
  remeltedG: 0,
  potEndG: 0,
};
const BALANCE = {
  ...NOTHING,
  potStartG: 2900,
  goodG: 673,
  rejectedG: 40,
  sprueG: 148,
  drossG: 29,
  potEndG: 2006,
};

const WIRE = {
  armMm: 60,
  loopReserveMm: 12,
  minFreeMm: 3,
  armGapMm: 20,
  parts: [{ name: 'bead', lengthMm: 4 }],
};
const TUBE = { suppliedMm: 3.2, shrinkRatio: 2, overMm: 2.6, gripMm: 1.8 };
const CUT = {
  stock: [{ id: 'stick', lengthMm: 1000, count: 2 }],
  pieces: [{ id: 'a', lengthMm: 300, count: 4 }],
  kerfMm: 1,
};
const BUY = {
  short: [{ item: 'hook', qty: 60 }],
  offers: [{ item: 'hook', packId: 'h10', packQty: 10, price: 1.5 }],
};
const MIX = { id: 'a', uses: [{ item: 'blade', qty: 1 }], value: 1 };
const PLASTIC = {
  shots: [{ name: 'grub', pieceCm3: 3, count: 21, cavities: 4, runnerCm3: 2 }],
  lossShare: 0.1,
  recipe: { baseCm3: 50, additives: [] },
};

describe('the registry', () => {
  it('publishes each name once, as the contract spells it', () => {
    expect(CALCULATIONS.map(({ name }) => name)).toEqual([
      'units.parse',
      'hook.order',
      'metal.density',
      'metal.composite',
      'metal.identify',
      'metal.blend',
      'metal.melting',
      'cavity.predict',
      'cavity.calibrate',
      'cavity.substitute',
      'cavity.band',
      'solid.measure',
      'solid.solve',
      'mesh.measure',
      'mesh.rest',
      'pour.plan',
      'pour.budget',
      'pour.balance',
      'pour.yield',
      'freeze.time',
      'spin.force',
      'shop.schedule',
      'heat.time',
      'heat.calibrate',
      'heat.scale',
      'heat.window',
      'cure.check',
      'powder.usage',
      'skirt.materials',
      'skirt.appearance',
      'skirt.wrap',
      'stock.shortages',
      'wire.check',
      'wire.sweep',
      'build.weight',
      'blade.run',
      'fit.gape',
      'fit.tube',
      'rig.strength',
      'cut.plan',
      'stock.buildable',
      'stock.mix',
      'buy.plan',
      'buy.orders',
      'cost.rollup',
      'cost.breakEven',
      'quality.chart',
      'water.sink',
      'water.hold',
      'water.fall',
      'water.fallFit',
      'catch.rate',
      'catch.compare',
      'float.shot',
      'plastic.batch',
      'plastic.density',
    ]);
  });

  it.each(CALCULATIONS.map((calculation) => [calculation.name, calculation] as const))(
    '%s answers its own example and states its schemas, strictly',
    async (name, calculation) => {
      expect(await answer(name, calculation.example)).toMatchObject({ ok: true });
      const schema = z.toJSONSchema(calculation.input, { io: 'input' });
      expect(schema).toMatchObject({ type: 'object', additionalProperties: false });
      expect(calculation.sources.length).toBeGreaterThan(0);
      const surprised = { ...(calculation.example as object), surprise: 1 };
      const error = await errorOf(name, surprised);
      expect(error).toMatchObject({ code: 'invalid_input', path: [] });
      expect(error.message).toContain("'surprise'");
    },
  );

  it('takes anything at all without throwing', async () => {
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...CALCULATIONS), fc.jsonValue(), async (calculation, input) => {
        const reply = await calculation.answer(input);
        if (!reply.ok) expect(wireError(reply.problem).message.length).toBeGreaterThan(10);
      }),
    );
  });
});

describe('outputs by the contract', () => {
  it.each<[string, unknown, unknown]>([
    ['units.parse', { text: '1-1/2"', quantity: 'length' }, { value: expect.closeTo(38.1, 9), unit: 'mm' }],
    [
      'units.parse',
      { text: '12', quantity: 'mass', assume: 'oz' },
      { value: expect.closeTo(340.1942775, 6), unit: 'g' },
    ],
    ['hook.order', { sizes: ['2/0', '1', '#4'] }, { sorted: ['#4', '#1', '2/0'] }],
    ['metal.density', { composition: { Pb: 1 } }, { densityGcm3: 11.34, specificHeatJkgK: 129 }],
    [
      'cavity.predict',
      PREDICT,
      {
        metalG: expect.closeTo(11 * 0.992 ** 3, 9),
        finishedG: expect.closeTo(11 * 0.992 ** 3, 9),
        displacedCm3: 0,
      },
    ],
    [
      'pour.plan',
      PLAN,
      {
        totalSeconds: 150,
        pours: 3,
        runs: [{ moldId: 'A', pours: 3, filled: [{ key: 'a', count: 3 }] }],
        overPour: [],
        optimal: true,
      },
    ],
    [
      'pour.budget',
      BUDGET,
      {
        castPieces: [67],
        castG: 603,
        sprueG: 120,
        drossG: expect.closeTo(14.7551, 4),
        chargeG: expect.closeTo(737.7551, 4),
        consumedG: expect.closeTo(554.7551, 4),
        potFills: 1,
      },
    ],
    [
      'stock.shortages',
      { needs: [{ item: 'h', qty: 24 }], shelf: [{ item: 'h', onHand: 21, reserved: 30 }] },
      { short: [{ item: 'h', needed: 24, free: 0, short: 24 }] },
    ],
    [
      'stock.buildable',
      { recipe: [{ item: 'h', qty: 2 }], shelf: [{ item: 'h', onHand: 21, reserved: 1 }] },
      { count: 10, limiting: ['h'] },
    ],
    [
      'build.weight',
      { parts: [{ name: 'p', massG: 5, count: 2 }] },
      { finishedG: 10, offShare: null, within: null },
    ],
    [
      'metal.composite',
      { tungstenVolumeShare: 0.5, binderDensityGcm3: 1.1 },
      { densityGcm3: 10.175, tungstenMassShare: expect.closeTo(9.625 / 10.175, 12) },
    ],
    [
      'metal.identify',
      { airG: 100, submergedG: 91.2 },
      { densityGcm3: expect.closeTo(((0.998206 - 0.0012) * 100) / 8.8 + 0.0012, 3) },
    ],
    [
      'metal.blend',
      {
        lots: [
          { id: 'a', composition: { Pb: 1 }, availableG: 900, costPerKg: 1 },
          { id: 'b', composition: { Pb: 0.9, Sb: 0.1 }, availableG: 900, costPerKg: 3 },
        ],
        target: { Sb: { min: 0.04 } },
        amountG: 1000,
      },
      {
        feasible: true,
        picks: [
          { id: 'a', g: expect.closeTo(600, 6) },
          { id: 'b', g: expect.closeTo(400, 6) },
        ],
        composition: { Pb: expect.closeTo(0.96, 9), Sb: expect.closeTo(0.04, 9) },
        cost: expect.closeTo(1.8, 9),
        worstMissShare: 0,
      },
    ],
    [
      'cavity.calibrate',
      {
        samples: [
          { weighedG: 10, count: 1, metal: { densityGcm3: 10, shrinkLinear: 0 }, embedded: [] },
          { weighedG: 33, count: 3, metal: { densityGcm3: 10, shrinkLinear: 0 }, embedded: [] },
        ],
      },
      {
        cavityVolumeCm3: expect.closeTo(1.075, 12),
        standardErrorCm3: expect.closeTo(Math.sqrt(0.0075 / 4), 12),
        samples: [
          { volumeCm3: 1, residualG: expect.closeTo(-0.75, 12) },
          { volumeCm3: expect.closeTo(1.1, 12), residualG: expect.closeTo(0.25, 12) },
        ],
      },
    ],
    [
      'cavity.substitute',
      {
        cavities: [{ id: 'c', cavityVolumeCm3: 1, embedded: [] }],
        metals: [{ id: 'm', densityGcm3: 10, shrinkLinear: 0 }],
        targetG: 8,
        toleranceShare: 0.25,
      },
      { matches: [{ cavityId: 'c', metalId: 'm', finishedG: 10, offShare: 0.25 }] },
    ],
    [
      'solid.measure',
      {
        solid: {
          parts: [
            { shape: 'box', xMm: 10, yMm: 10, zSizeMm: 20 },
            { shape: 'cylinder', diameterMm: 4, heightMm: 20, sign: -1 },
          ],
        },
      },
      { volumeCm3: expect.closeTo(2 - 0.08 * Math.PI, 12), centroidZMm: expect.closeTo(10, 12) },
    ],
    [
      'solid.solve',
      {
        solid: { parts: [{ shape: 'box', xMm: 10, yMm: 10, zSizeMm: 1 }] },
        metal: { densityGcm3: 10, shrinkLinear: 0 },
        embedded: [{ name: 'wire', massG: 2, volumeCm3: 0.2, embeddedShare: 0.5 }],
        targetG: 12,
        vary: { kind: 'field', part: 0, field: 'zSizeMm' },
      },
      {
        value: expect.closeTo(11, 9),
        solid: { parts: [{ shape: 'box', xMm: 10, yMm: 10, zSizeMm: expect.closeTo(11, 9) }] },
        finishedG: expect.closeTo(12, 9),
      },
    ],
    ['freeze.time', { trial: { modulusMm: 2, seconds: 10 }, modulusMm: 4 }, { seconds: 40 }],
    ['heat.time', HEAT, { seconds: expect.closeTo(53.75 * Math.log(7), 9), biot: null, lumpedValid: null }],
    [
      'heat.time',
      { ...HEAT, sourceC: 20, startC: 230, targetC: 50, thicknessMm: 10, conductivityWmK: 30 },
      {
        seconds: expect.closeTo(53.75 * Math.log(7), 9),
        biot: expect.closeTo((60 * 0.005) / 30, 12),
        lumpedValid: true,
      },
    ],
    [
      'heat.time',
      { ...HEAT, targetC: 20, hWm2K: 8000, thicknessMm: 10 },
      { seconds: 0, biot: expect.closeTo(40 / 35, 12), lumpedValid: false },
    ],
    ['heat.calibrate', { ...TRIAL, seconds: 53.75 * Math.log(7) }, { hWm2K: expect.closeTo(60, 9) }],
    ['heat.calibrate', { ...TRIAL, sourceC: 20, startC: 230, targetC: 50 }, { hWm2K: expect.closeTo(60, 1) }],
    ['heat.window', WINDOW, { seconds: expect.closeTo(215 * Math.log(2), 9) }],
    ['cure.check', CURE, { verdict: 'cured', reasons: ['cured'] }],
    ['cure.check', { ...CURE, solidusC: 138 }, { verdict: 'melts', reasons: ['melts', 'softens'] }],
    ['cure.check', { ...CURE, solidusC: 202 }, { verdict: 'softens', reasons: ['softens'] }],
    ['cure.check', { ...CURE, solidusC: 202, marginC: 24.9 }, { verdict: 'cured', reasons: ['cured'] }],
    [
      'cure.check',
      { ...CURE, partC: 210, minutes: 5, solidusC: 210 },
      { verdict: 'melts', reasons: ['melts', 'softens', 'scorches', 'undercured'] },
    ],
    ['cure.check', { ...CURE, partC: 205 }, { verdict: 'cured', reasons: ['cured'] }],
    ['cure.check', { ...CURE, minutes: 14.9 }, { verdict: 'undercured', reasons: ['undercured'] }],
    ['powder.usage', USAGE, { gramsPerPiece: expect.closeTo(0.1, 12), totalG: expect.closeTo(2, 12) }],
    ['powder.usage', { ...USAGE, count: 0 }, { gramsPerPiece: expect.closeTo(0.1, 12), totalG: 0 }],
    [
      'skirt.materials',
      SKIRT,
      {
        materials: [
          { material: 'reed', strandsEach: 30, tabsExact: 15, tabsToPull: 15, leftoverStrands: 0 },
          {
            material: 'ember',
            strandsEach: expect.closeTo(5.5, 12),
            tabsExact: 2.5,
            tabsToPull: 3,
            leftoverStrands: 11,
          },
        ],
        strandsEach: expect.closeTo(35.5, 12),
        tipsEach: expect.closeTo(71, 12),
        tabsEach: 1.75,
      },
    ],
    [
      'skirt.materials',
      { layers: [{ material: 'a', strands: 7 }], strandsPerTab: { a: 20, b: 9 }, skirts: 3 },
      {
        materials: [
          {
            material: 'a',
            strandsEach: expect.closeTo(7, 12),
            tabsExact: expect.closeTo(1.05, 12),
            tabsToPull: 2,
            leftoverStrands: expect.closeTo(19, 9),
          },
        ],
        strandsEach: expect.closeTo(7, 12),
        tipsEach: expect.closeTo(14, 12),
        tabsEach: 0.35,
      },
    ],
    [
      'skirt.appearance',
      LOOK,
      {
        rest: [
          { material: 'reed', share: expect.closeTo(COVER_REED / COVERED, 12) },
          { material: 'ember', share: expect.closeTo((COVER_EMBER * (1 - COVER_REED)) / COVERED, 12) },
        ],
        flared: [
          { material: 'reed', share: expect.closeTo(0.8, 12) },
          { material: 'ember', share: expect.closeTo(0.2, 12) },
        ],
      },
    ],
    [
      'skirt.appearance',
      { ...LOOK, foldedBack: false },
      {
        rest: [
          { material: 'reed', share: expect.closeTo((COVER_REED * (1 - COVER_EMBER)) / COVERED, 12) },
          { material: 'ember', share: expect.closeTo(COVER_EMBER / COVERED, 12) },
        ],
        flared: [
          { material: 'reed', share: expect.closeTo(0.8, 12) },
          { material: 'ember', share: expect.closeTo(0.2, 12) },
        ],
      },
    ],
    [
      'skirt.wrap',
      { headDiameterMm: 20, legWidthMm: 3, maxStretch: 0.1 },
      { legs: 20, stretch: expect.closeTo((Math.PI * 20) / 60 - 1, 12), fits: true },
    ],
    [
      'skirt.wrap',
      { headDiameterMm: 20, legWidthMm: 3, maxStretch: 0.04 },
      { legs: 20, stretch: expect.closeTo(0.0472, 4), fits: false },
    ],
    [
      'skirt.wrap',
      { headDiameterMm: 1, legWidthMm: 9, maxStretch: 1 },
      { legs: 0, stretch: null, fits: false },
    ],
    [
      'wire.check',
      {
        armMm: 50,
        parts: [
          { name: 'small', lengthMm: 4, blade: { lengthMm: 20, widthMm: 9 } },
          { name: 'bead', lengthMm: 6 },
          { name: 'big', lengthMm: 0, blade: { lengthMm: 30, widthMm: 40 } },
        ],
        loopReserveMm: 12,
        minFreeMm: 28,
        armGapMm: 20,
      },
      {
        stackMm: 10,
        freeMm: 28,
        fits: true,
        blades: [
          { name: 'small', overlapNextMm: 10, clearsBody: true },
          { name: 'big', overlapNextMm: 0, clearsBody: false },
        ],
      },
    ],
    [
      'wire.check',
      { armMm: 10, parts: [{ name: 'bead', lengthMm: 8 }], loopReserveMm: 6, minFreeMm: 0, armGapMm: 0 },
      { stackMm: 8, freeMm: -4, fits: false, blades: [] },
    ],
    ['fit.gape', { gapeMm: 11.5, bodyMm: 10 }, { verdict: 'rides-over' }],
    ['fit.gape', { gapeMm: 10, bodyMm: 10 }, { verdict: 'can-foul' }],
    ['fit.gape', { gapeMm: 8.5, bodyMm: 10 }, { verdict: 'stays-out' }],
    ['fit.gape', { gapeMm: 11.5, bodyMm: 10, clearShare: 0.3 }, { verdict: 'can-foul' }],
    ['fit.tube', TUBE, { verdict: 'fits' }],
    ['fit.tube', { ...TUBE, suppliedMm: 2.5 }, { verdict: 'too-small' }],
    ['fit.tube', { ...TUBE, suppliedMm: 3.7 }, { verdict: 'too-loose' }],
    ['fit.tube', { suppliedMm: 2.6, shrinkRatio: 1, overMm: 2.6, gripMm: 2.6 }, { verdict: 'fits' }],
    [
      'rig.strength',
      {
        links: [
          { name: 'cable', breakKgf: 18, efficiency: 0.9 },
          { name: 'hook', breakKgf: 16 },
          { name: 'ring', breakKgf: 16 },
        ],
      },
      { kgf: 16, weakest: 'hook' },
    ],
    [
      'cut.plan',
      {
        stock: [
          { id: 'long', lengthMm: 1000, count: null },
          { id: 'offcut', lengthMm: 401, count: 1 },
        ],
        pieces: [
          { id: 'a', lengthMm: 499, count: 2 },
          { id: 'b', lengthMm: 200, count: 2 },
          { id: 'c', lengthMm: 90, count: 0 },
        ],
        kerfMm: 1,
      },
      {
        used: [
          { stockId: 'long', count: 1 },
          { stockId: 'offcut', count: 1 },
        ],
        patterns: expect.any(Array),
        wasteMm: 3,
        optimal: true,
      },
    ],
    [
      'cut.plan',
      {
        stock: [{ id: 'flush', lengthMm: 301, count: 3 }],
        pieces: [{ id: 'a', lengthMm: 150, count: 2 }],
        kerfMm: 1,
      },
      {
        used: [{ stockId: 'flush', count: 1 }],
        patterns: [{ stockId: 'flush', times: 1, cuts: [{ id: 'a', count: 2 }] }],
        wasteMm: 1,
        optimal: true,
      },
    ],
    [
      'buy.plan',
      {
        short: [
          { item: 'hook', qty: 40 },
          { item: 'bead', qty: 3.5 },
          { item: 'hook', qty: 20 },
        ],
        offers: [
          { item: 'hook', packId: 'h50', packQty: 50, price: 6 },
          { item: 'hook', packId: 'h25', packQty: 25, price: 3.4 },
          { item: 'hook', packId: 'h10', packQty: 10, price: 1.5, maxPacks: 1 },
          { item: 'bead', packId: 'b', packQty: 1, price: 0.5 },
          { item: 'crimp', packId: 'c', packQty: 100, price: 0.01 },
        ],
      },
      {
        buy: [
          { packId: 'h50', packs: 1 },
          { packId: 'h10', packs: 1 },
          { packId: 'b', packs: 4 },
        ],
        cost: expect.closeTo(9.5, 9),
        surplus: [{ item: 'bead', qty: expect.closeTo(0.5, 9) }],
        optimal: true,
      },
    ],
    ['cost.breakEven', { startCost: 120, makeEach: 0.4, buyEach: 1.2 }, { pieces: 150 }],
    ['cost.breakEven', { startCost: 10, makeEach: 1, buyEach: 4 }, { pieces: 4 }],
    ['cost.breakEven', { startCost: 0, makeEach: 1, buyEach: 4 }, { pieces: 0 }],
    [
      'stock.mix',
      {
        recipes: [
          { id: 'dear', uses: [{ item: 'blade', qty: 3 }], value: 5 },
          { id: 'cheap', uses: [{ item: 'blade', qty: 1 }], value: 1.5, max: 4 },
        ],
        shelf: [{ item: 'blade', onHand: 9, reserved: 2 }],
      },
      {
        make: [
          { id: 'dear', count: 2 },
          { id: 'cheap', count: 1 },
        ],
        value: 11.5,
        optimal: true,
      },
    ],
    [
      'stock.mix',
      { recipes: [{ id: 'a', uses: [{ item: 'blade', qty: 1 }], value: 1 }], shelf: [] },
      { make: [{ id: 'a', count: 0 }], value: 0, optimal: true },
    ],
    [
      'blade.run',
      { blades: [{ form: 'round', lengthMm: 20, widthMm: 18 }], massG: 12, volumeCm3: 2, speedMs: 1 },
      {
        areaCm2: expect.closeTo(2.772, 9),
        slowestMs: expect.closeTo(Math.sqrt((2 * 0.01 * 9.80665) / (1000 * 2.772e-4 * 0.75)), 9),
        pullN: expect.closeTo(0.5 * 1000 * 2.772e-4 * 1.1, 9),
        flashCm2: expect.closeTo(2.772, 9),
        thumpMm: 18,
      },
    ],
    [
      'plastic.batch',
      {
        shots: [{ name: 'grub', pieceCm3: 3, count: 21, cavities: 4, runnerCm3: 2 }],
        lossShare: 0.1,
        recipe: { baseCm3: 50, additives: [{ name: 'green', amount: 10, unit: 'drops' }] },
        splitShare: 0.5,
      },
      {
        plasticCm3: expect.closeTo((0.5 * (63 + 12)) / 0.9, 9),
        additives: [{ name: 'green', amount: expect.closeTo((0.5 * 75) / 0.9 / 5, 9), unit: 'drops' }],
      },
    ],
    [
      'cost.rollup',
      {
        parts: [{ name: 'tab', qty: 2, unitCost: 0.3, scrapShare: 0.25 }],
        labour: [{ name: 'tying', minutes: 30, ratePerHour: 12 }],
        tooling: [{ name: 'tube', cost: 9, lifePieces: 900 }],
        energy: [{ kWh: 2, pricePerKWh: 0.25 }],
        batch: 10,
      },
      {
        perPiece: expect.closeTo(0.8 + 0.6 + 0.01 + 0.05, 12),
        materials: expect.closeTo(0.8, 12),
        labour: expect.closeTo(0.6, 12),
        tooling: expect.closeTo(0.01, 12),
        energy: expect.closeTo(0.05, 12),
      },
    ],
    [
      'cost.rollup',
      { parts: [], labour: [], tooling: [], batch: 1 },
      { perPiece: 0, materials: 0, labour: 0, tooling: 0, energy: 0 },
    ],
    // Gamma quantiles that can be had otherwise: shape 1 is the exponential, shape 1/2 half of chi-square with one degree.
    [
      'catch.rate',
      { catches: 0, hours: 3, priorCatches: 1, priorHours: 1 },
      {
        perHour: 0.25,
        low: expect.closeTo(-Math.log(0.95) / 4, 9),
        high: expect.closeTo(-Math.log(0.05) / 4, 9),
      },
    ],
    [
      'catch.rate',
      { catches: 0, hours: 0 },
      { perHour: 0.5, low: expect.closeTo(0.0039321 / 2, 6), high: expect.closeTo(3.841459 / 2, 5) },
    ],
    ['pour.balance', BALANCE, { unaccountedG: 4, unaccountedShare: expect.closeTo(4 / 894, 12) }],
    [
      'pour.balance',
      { ...BALANCE, addedG: 100, remeltedG: 50, potEndG: 2160 },
      { unaccountedG: 0, unaccountedShare: 0 },
    ],
    [
      'pour.balance',
      { ...NOTHING, potStartG: 500, potEndG: 500 },
      { unaccountedG: 0, unaccountedShare: null },
    ],
    [
      'water.sink',
      { massG: 10, volumeCm3: 1, frontalCm2: 1, dragCoefficient: 0.5 },
      { metresPerSecond: expect.closeTo(Math.sqrt((2 * 0.009 * 9.80665) / (1000 * 1e-4 * 0.5)), 9) },
    ],
    [
      'quality.chart',
      { weighedG: [10, 10.2, 10], targetG: 10, toleranceG: 0.5 },
      {
        meanG: expect.closeTo(30.2 / 3, 12),
        sigmaG: expect.closeTo(0.2 / 1.128, 12),
        centerG: expect.closeTo(30.2 / 3, 12),
        lowerG: expect.closeTo(30.2 / 3 - 0.6 / 1.128, 12),
        upperG: expect.closeTo(30.2 / 3 + 0.6 / 1.128, 12),
        outside: [],
        cpk: expect.closeTo((10.5 - 30.2 / 3) / (0.6 / 1.128), 9),
      },
    ],
  ])('%s of %j', async (name, input, expected) => {
    expect(await outputOf(name, input)).toEqual(expected);
  });
});

describe('bad input, field by field', () => {
  it.each<[string, unknown, readonly (string | number)[], RegExp]>([
    ['units.parse', { text: '10', quantity: 'mass' }, ['text'], /has no unit/],
    ['units.parse', { text: '10 g', quantity: 'weight' }, ['quantity'], /one of mass, length/],
    ['units.parse', { text: 10, quantity: 'mass' }, ['text'], /text is 10; it must be a text/],
    ['hook.order', { sizes: ['6', '#3/0'] }, ['sizes', 1], /'#3\/0' is not a hook size/],
    ['metal.density', { composition: { Pb: 0.5 } }, ['composition'], /add up to 0.5/],
    [
      'metal.density',
      { composition: { Pb: 1.2 } },
      ['composition', 'Pb'],
      /composition.Pb is 1.2; it must be 1 or less/,
    ],
    ['metal.density', { composition: { Pb: 0.5, Xx: 0.5 } }, ['composition'], /'Xx'/],
    ['cavity.predict', { ...PREDICT, cavityVolumeCm3: -1 }, ['cavityVolumeCm3'], /is -1; it must be over 0/],
    [
      'cavity.predict',
      { ...PREDICT, metal: { densityGcm3: 0, shrinkLinear: 0 } },
      ['metal', 'densityGcm3'],
      /over 0/,
    ],
    [
      'cavity.predict',
      { ...PREDICT, metal: { densityGcm3: 9, shrinkLinear: 0.2 } },
      ['metal', 'shrinkLinear'],
      /0.05 or less/,
    ],
    ['cavity.predict', { ...PREDICT, cavityVolumeCm3: Infinity }, ['cavityVolumeCm3'], /a finite number/],
    ['cavity.predict', { metal: PREDICT.metal, embedded: [] }, ['cavityVolumeCm3'], /is missing/],
    [
      'cavity.predict',
      { ...PREDICT, embedded: [{ name: 'h', massG: -1, volumeCm3: 0 }] },
      ['embedded', 0, 'massG'],
      /embedded\[0\].massG is -1/,
    ],
    ['pour.plan', { ...PLAN, demand: [] }, ['demand'], /1 or more entries long/],
    ['pour.plan', { ...PLAN, demand: [{ key: 'a', count: 1.5 }] }, ['demand', 0, 'count'], /a whole number/],
    [
      'pour.plan',
      { ...PLAN, molds: [{ ...PLAN.molds[0], cavities: [] }] },
      ['molds', 0, 'cavities'],
      /1 or more/,
    ],
    ['pour.plan', { ...PLAN, molds: [{ ...PLAN.molds[0], copies: 0 }] }, ['molds', 0, 'copies'], /1 or more/],
    ['pour.plan', { ...PLAN, molds: [PLAN.molds[0], PLAN.molds[0]] }, ['molds', 1, 'id'], /stands twice/],
    ['pour.budget', { ...BUDGET, lines: [] }, ['lines'], /1 or more/],
    ['pour.budget', { ...BUDGET, heelG: 4000 }, ['heelG'], /fills the pot/],
    ['pour.budget', { ...BUDGET, drossShare: 1 }, ['drossShare'], /is 1; it must be under 1/],
    ['stock.shortages', { needs: [{ item: 'h', qty: -2 }], shelf: [] }, ['needs', 0, 'qty'], /over 0/],
    ['stock.buildable', { recipe: [], shelf: [] }, ['recipe'], /1 or more/],
    ['stock.buildable', { recipe: [{ item: 'h', qty: 0 }], shelf: [] }, ['recipe', 0, 'qty'], /over 0/],
    ['build.weight', { parts: [{ name: 'p', massG: 1, count: 1 }], targetG: 0 }, ['targetG'], /over 0/],
    ['build.weight', { parts: [{ name: 'p', massG: 1e308, count: 1000 }] }, [], /too large/],
    ['wire.check', { ...WIRE, parts: [] }, ['parts'], /1 or more/],
    ['wire.check', { ...WIRE, armMm: 0 }, ['armMm'], /over 0/],
    ['wire.check', { ...WIRE, parts: [{ name: 'b', lengthMm: -1 }] }, ['parts', 0, 'lengthMm'], /0 or more/],
    [
      'wire.check',
      { ...WIRE, parts: [{ name: 'b', lengthMm: 1, blade: { lengthMm: 9, widthMm: 0 } }] },
      ['parts', 0, 'blade', 'widthMm'],
      /over 0/,
    ],
    ['fit.gape', { gapeMm: 0, bodyMm: 10 }, ['gapeMm'], /over 0/],
    ['fit.gape', { gapeMm: 9, bodyMm: 10, clearShare: 2 }, ['clearShare'], /1 or less/],
    ['fit.tube', { ...TUBE, shrinkRatio: 0.5 }, ['shrinkRatio'], /1 or more/],
    ['fit.tube', { ...TUBE, gripMm: 0 }, ['gripMm'], /over 0/],
    ['rig.strength', { links: [] }, ['links'], /1 or more/],
    [
      'rig.strength',
      { links: [{ name: 'a', breakKgf: 1, efficiency: 1.1 }] },
      ['links', 0, 'efficiency'],
      /1 or less/,
    ],
    ['rig.strength', { links: [{ name: 'a', breakKgf: -1 }] }, ['links', 0, 'breakKgf'], /0 or more/],
    ['cut.plan', { ...CUT, pieces: [] }, ['pieces'], /1 or more/],
    ['cut.plan', { ...CUT, kerfMm: -1 }, ['kerfMm'], /0 or more/],
    ['cut.plan', { ...CUT, stock: [{ id: 's', lengthMm: 0, count: 1 }] }, ['stock', 0, 'lengthMm'], /over 0/],
    ['cut.plan', { ...CUT, stock: [{ id: 's', lengthMm: 9, count: 0.5 }] }, ['stock', 0, 'count'], /whole/],
    ['cut.plan', { ...CUT, pieces: [CUT.pieces[0], CUT.pieces[0]] }, ['pieces', 1, 'id'], /'a' stands twice/],
    ['buy.plan', { ...BUY, short: [] }, ['short'], /1 or more/],
    ['buy.plan', { ...BUY, offers: [{ ...BUY.offers[0], packQty: 0 }] }, ['offers', 0, 'packQty'], /over 0/],
    [
      'buy.plan',
      { ...BUY, offers: [BUY.offers[0], BUY.offers[0]] },
      ['offers', 1, 'packId'],
      /'h10' of hook is offered twice/,
    ],
    ['cost.breakEven', { startCost: -1, makeEach: 1, buyEach: 2 }, ['startCost'], /0 or more/],
    ['stock.mix', { recipes: [], shelf: [] }, ['recipes'], /1 or more/],
    [
      'stock.mix',
      { recipes: [{ id: 'a', uses: [], value: 1 }], shelf: [] },
      ['recipes', 0, 'uses'],
      /1 or more/,
    ],
    ['stock.mix', { recipes: [MIX, MIX], shelf: [] }, ['recipes', 1, 'id'], /Two recipes are called 'a'/],
    ['stock.mix', { recipes: [{ ...MIX, max: 1.5 }], shelf: [] }, ['recipes', 0, 'max'], /whole/],
    ['blade.run', { blades: [], massG: 1, volumeCm3: 1 }, ['blades'], /1 or more/],
    ['plastic.batch', { ...PLASTIC, lossShare: 1 }, ['lossShare'], /under 1/],
    ['plastic.batch', { ...PLASTIC, shots: [] }, ['shots'], /1 or more/],
    ['plastic.batch', { ...PLASTIC, recipe: { baseCm3: 0, additives: [] } }, ['recipe', 'baseCm3'], /over 0/],
    [
      'plastic.batch',
      { ...PLASTIC, shots: [{ ...PLASTIC.shots[0], cavities: 0 }] },
      ['shots', 0, 'cavities'],
      /1 or more/,
    ],
    ['build.weight', null, [], /The input is null; it must be an object/],
    [
      'metal.composite',
      { tungstenVolumeShare: 1.2, binderDensityGcm3: 1 },
      ['tungstenVolumeShare'],
      /at most 1|1 or less/,
    ],
    ['metal.identify', { airG: -1, submergedG: 0 }, ['airG'], /over 0/],
    [
      'metal.blend',
      { lots: [{ id: 'a', composition: { Pb: 0.5 }, availableG: 1, costPerKg: 1 }], target: {}, amountG: 1 },
      ['lots', 0, 'composition'],
      /must add up to 1/,
    ],
    ['metal.blend', { lots: [], target: { Xx: { min: 0 } }, amountG: 1 }, ['target'], /'Xx'/],
    ['cavity.calibrate', { samples: [] }, ['samples'], /1 or more/],
    [
      'solid.measure',
      {
        solid: {
          parts: [
            {
              shape: 'revolve',
              profile: [
                [0, 0],
                [3, 5],
                [0, 4],
              ],
            },
          ],
        },
      },
      ['solid', 'parts', 0, 'profile', 2],
      /lies lower than the one before/,
    ],
    ['solid.measure', { solid: { parts: [] } }, ['solid', 'parts'], /1 or more/],
    [
      'solid.solve',
      {
        solid: { parts: [{ shape: 'sphere', diameterMm: 5 }] },
        metal: { densityGcm3: 10, shrinkLinear: 0 },
        embedded: [],
        targetG: 5,
        vary: { kind: 'field', part: 0, field: 'heightMm' },
      },
      ['vary', 'field'],
      /no dimension/,
    ],
    ['mesh.measure', { triangles: [] }, ['triangles'], /9 or more/],
    ['mesh.measure', { triangles: [0, 0, 0, 1, 0, 0, 0, 1, 0, 4] }, ['triangles'], /whole triangles/],
    ['freeze.time', { trial: { modulusMm: 0, seconds: 1 }, modulusMm: 1 }, ['trial', 'modulusMm'], /over 0/],
    ['quality.chart', { weighedG: [1], targetG: 1, toleranceG: 0 }, ['weighedG'], /2 or more/],
    ['heat.time', { ...HEAT, massG: 0 }, ['massG'], /over 0/],
    ['heat.time', { ...HEAT, sourceC: -300 }, ['sourceC'], /-273.15 or more/],
    ['heat.calibrate', { ...TRIAL, seconds: 0 }, ['seconds'], /over 0/],
    ['heat.window', { ...WINDOW, areaCm2: 0 }, ['areaCm2'], /over 0/],
    ['cure.check', { ...CURE, minutes: -1 }, ['minutes'], /0 or more/],
    ['cure.check', { ...CURE, powder: { cureC: 177, cureMin: 15 } }, ['powder', 'maxC'], /is missing/],
    ['powder.usage', { ...USAGE, utilization: 0 }, ['utilization'], /over 0/],
    ['powder.usage', { ...USAGE, utilization: 1.1 }, ['utilization'], /1 or less/],
    ['powder.usage', { ...USAGE, count: 1.5 }, ['count'], /whole number/],
    ['pour.balance', { ...BALANCE, sprueG: -1 }, ['sprueG'], /0 or more/],
    ['skirt.materials', { ...SKIRT, strandsPerTab: { reed: 20 } }, ['strandsPerTab', 'ember'], /ember/],
    [
      'skirt.materials',
      { ...SKIRT, strandsPerTab: { reed: 20, ember: 0 } },
      ['strandsPerTab', 'ember'],
      /1 or more/,
    ],
    ['skirt.materials', { ...SKIRT, skirts: 2.5 }, ['skirts'], /whole number/],
    ['skirt.materials', { ...SKIRT, layers: [] }, ['layers'], /1 or more/],
    ['skirt.appearance', { ...LOOK, strandWidthMm: 0 }, ['strandWidthMm'], /over 0/],
    ['skirt.appearance', { ...LOOK, layers: [{ material: 'a', strands: 0 }] }, ['layers'], /no strand/],
    ['skirt.appearance', { ...LOOK, foldedBack: 'yes' }, ['foldedBack'], /yes/],
    ['skirt.wrap', { headDiameterMm: 20, legWidthMm: 0, maxStretch: 0.1 }, ['legWidthMm'], /over 0/],
    ['skirt.wrap', { headDiameterMm: 20, legWidthMm: 3, maxStretch: 1.5 }, ['maxStretch'], /1 or less/],
    ['cost.rollup', { parts: [], labour: [], tooling: [], batch: 0 }, ['batch'], /1 or more/],
    [
      'cost.rollup',
      { parts: [{ name: 'a', qty: 1, unitCost: 1, scrapShare: 1 }], labour: [], tooling: [], batch: 1 },
      ['parts', 0, 'scrapShare'],
      /under 1/,
    ],
    ['catch.rate', { catches: -1, hours: 2 }, ['catches'], /0 or more/],
    ['catch.rate', { catches: 1, hours: 2, priorHours: 0 }, ['priorHours'], /over 0/],
  ])('%s refuses %j', async (name, input, path, message) => {
    const error = await errorOf(name, input);
    expect(error).toMatchObject({ code: 'invalid_input', path });
    expect(error.message).toMatch(message);
  });

  it.each<[string, unknown, RegExp]>([
    [
      'cavity.predict',
      { ...PREDICT, embedded: [{ name: 'h', massG: 9, volumeCm3: 1 }] },
      /no room for metal/,
    ],
    ['metal.composite', { tungstenVolumeShare: 0.65, binderDensityGcm3: 1 }, /packs to 64 %/],
    ['metal.identify', { airG: 10, submergedG: 10 }, /in water it must weigh less/],
    ['metal.blend', { lots: [], target: {}, amountG: 1 }, /no metal to blend/],
    [
      'metal.blend',
      { lots: [{ id: 'a', composition: { Pb: 1 }, availableG: 1, costPerKg: 1 }], target: {}, amountG: 2 },
      /hold 1 g together/,
    ],
    [
      'metal.blend',
      {
        lots: [{ id: 'a', composition: { Pb: 1 }, availableG: 9, costPerKg: 1 }],
        target: { Pb: { min: 0.9, max: 0.8 } },
        amountG: 2,
      },
      /at least 90 % and at most 80 %/,
    ],
    [
      'cavity.calibrate',
      {
        samples: [
          {
            weighedG: 1,
            count: 1,
            metal: { densityGcm3: 10, shrinkLinear: 0 },
            embedded: [{ name: 'h', massG: 2, volumeCm3: 0.2 }],
          },
        ],
      },
      /lighter than the 2 g/,
    ],
    ['cavity.substitute', { cavities: [], metals: [], targetG: 1, toleranceShare: 0.1 }, /no cavities/],
    [
      'solid.measure',
      { solid: { parts: [{ shape: 'sphere', diameterMm: 5, sign: -1 }] } },
      /what is cut away leaves nothing/,
    ],
    [
      'solid.solve',
      {
        solid: { parts: [{ shape: 'sphere', diameterMm: 5 }] },
        metal: { densityGcm3: 10, shrinkLinear: 0 },
        embedded: [{ name: 'h', massG: 9, volumeCm3: 0 }],
        targetG: 5,
        vary: { kind: 'scale' },
      },
      /No size makes 5 g/,
    ],
    ['mesh.rest', { triangles: [0, 0, 0, 1, 0, 0, 0, 1, 0] }, /flat or a line/],
    ['water.sink', { massG: 1, volumeCm3: 1, frontalCm2: 1, dragCoefficient: 1 }, /does not sink/],
    ['heat.time', { ...HEAT, targetC: 10 }, /leads away from 10 C. Take a colder one/],
    ['heat.time', { ...HEAT, targetC: 230 }, /never brings a piece to 230 C/],
    ['heat.time', { ...HEAT, sourceC: 20 }, /never brings a piece to 200 C/],
    ['heat.calibrate', { ...TRIAL, targetC: 20 }, /nothing was heated/],
    ['heat.calibrate', { ...TRIAL, targetC: 230 }, /never brings a piece to 230 C/],
    ['heat.calibrate', { ...TRIAL, targetC: 10 }, /leads away/],
    ['heat.window', { ...WINDOW, releaseC: 120 }, /nothing sticks/],
    ['heat.window', { ...WINDOW, fuseC: 20 }, /the window has no end/],
    [
      'blade.run',
      { blades: [{ form: 'leaf', lengthMm: 9, widthMm: 4 }], massG: 1, volumeCm3: 2 },
      /does not sink/,
    ],
    ['cut.plan', { ...CUT, stock: [] }, /nothing to cut from/],
    ['cut.plan', { ...CUT, pieces: [{ id: 'a', lengthMm: 1001, count: 1 }] }, /'a' is 1001 mm/],
    ['cut.plan', { ...CUT, pieces: [{ id: 'a', lengthMm: 300, count: 7 }] }, /does not hold them/],
    ['buy.plan', { ...BUY, offers: [] }, /Nobody offers anything/],
    ['buy.plan', { ...BUY, short: [{ item: 'bead', qty: 1 }] }, /Nobody offers bead/],
    [
      'buy.plan',
      { ...BUY, offers: [{ ...BUY.offers[0], maxPacks: 5 }] },
      /60 of hook are short and all packs offered hold 50/,
    ],
    ['cost.breakEven', { startCost: 1, makeEach: 2, buyEach: 2 }, /never pays/],
    ['pour.plan', { ...PLAN, molds: [] }, /no mold/],
    ['pour.plan', { ...PLAN, demand: [{ key: 'z', count: 1 }] }, /No mold makes 'z'/],
    ['pour.plan', { ...PLAN, molds: [{ ...PLAN.molds[0], maxPours: 2 }] }, /too few for 'a'/],
  ])('%s finds no answer to %j', async (name, input, message) => {
    const error = await errorOf(name, input);
    expect(error.code).toBe('impossible');
    expect(error.message).toMatch(message);
  });

  it('knows no other calculation', async () => {
    expect(await errorOf('metal.alchemy', {})).toMatchObject({ code: 'unknown_calculation' });
  });
});
