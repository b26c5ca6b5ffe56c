import { bagsOf, keptApart } from './bag-baits';
import { balanceBait } from './balance-bait';
import { baitVolume } from './bait-volume';
import { BLADE_FORMS, findBladeForm } from './blades';
import { armLength, bladesOf, loopReserve, piecesOfBuild, type Build, type BuildPiece } from './build';
import { depthTendency } from './depth-tendency';
import { fillersThatFit } from './fillers-that-fit';
import { headsForFinished } from './heads-for-finished';
import { checkPattern, scalePattern, type HolePattern } from './hole-pattern';
import { judgeBuild, type Finding } from './judge-build';
import { BAIT_KINDS, findKind } from './kinds';
import { massPoints } from './mass-points';
import { PLAIN_GAUGE, findRole, PART_ROLES, type PartGauge } from '../parts/part-roles';
import { placeParts } from './place-parts';
import { bladeArea, runBlades } from './run-blades';
import { sizeInChart } from './size-in-chart';
import { stingerLengths } from './stinger-lengths';
import { swapsThatFit } from './swaps-that-fit';

const gauge = (as: PartGauge['as'], sizes: PartGauge['sizes'], more: Partial<PartGauge> = {}): PartGauge => ({
  ...PLAIN_GAUGE,
  as,
  sizes,
  basis: 'measured',
  ...more,
});
const piece = (name: string, of: PartGauge, massG: number | null = 1): BuildPiece => ({
  binId: name,
  name,
  gauge: of,
  massG,
});
const leaf = (lengthMm: number, widthMm = 15) =>
  piece(`leaf ${lengthMm}`, gauge('blade', { lengthMm, widthMm }, { form: 'leaf' }));
const bead = (mm: number) => piece(`bead ${mm}`, gauge('bead', { diameterMm: mm, holeMm: 1.4 }), 0.2);
const clevis = piece('clevis', gauge('clevis', { lengthMm: 4, holeMm: 1.3 }), 0.1);
const swivel = (ringMm: number) => piece(`swivel ${ringMm}`, gauge('swivel', { lengthMm: 10, ringMm }), 0.3);
const frame = (upperMm: number, spreadDeg = 42) =>
  piece(
    'frame',
    gauge(
      'frame',
      { wireMm: 1, upperMm, lowerMm: 40, spreadDeg, loopMm: 3, headG: 14, gapeMm: 16 },
      { bend: 'bent' },
    ),
    17,
  );

/** A two-blade spinnerbait that fits: 4 and 16 of stack on 72 of arm. */
const tandem: Build = {
  kind: 'spinnerbait',
  frame: frame(72),
  armMm: null,
  arm: [
    { id: 'a', part: clevis, blade: leaf(18, 9) },
    { id: 'b', part: bead(8), blade: null },
    { id: 'c', part: bead(8), blade: null },
  ],
  end: { hanger: swivel(0.8), blade: leaf(40) },
  slots: [],
  head: { massG: 14, radiusMm: 7, gapeMm: 16 },
  minFreeMm: 3,
};
const codes = (build: Build) => judgeBuild(build).findings.map(({ code }) => code);
const found = <Code extends Finding['code']>(build: Build, code: Code) =>
  judgeBuild(build).findings.find((each): each is Extract<Finding, { code: Code }> => each.code === code);

describe('judgeBuild', () => {
  it('finds nothing on a bait that fits', () => {
    expect(judgeBuild(tandem).findings).toEqual([]);
    expect(judgeBuild(tandem).wire).toMatchObject({ stackMm: 20, fits: true });
  });

  it('says how much too long the stack is, and where only play is missing', () => {
    const reserve = loopReserve(3, 1);
    const short = found({ ...tandem, armMm: 20 + reserve - 1 }, 'too-long');
    expect(short?.overMm).toBeCloseTo(4, 9);
    expect(found({ ...tandem, armMm: 20 + reserve + 1 }, 'no-play')).toMatchObject({ leastMm: 3 });
    // So short an arm brings its first blade down to the body.
    expect(codes({ ...tandem, armMm: 20 + reserve + 3 })).toEqual(['sweeps-body']);
    expect(codes({ ...tandem, head: null, armMm: 20 + reserve + 3 })).toEqual(['missing']);
  });

  it('says by how much a blade reaches the next, which one a shorter blade or a spacer mends', () => {
    const near: Build = { ...tandem, arm: tandem.arm.slice(0, 2) };
    expect(found(near, 'strike')).toMatchObject({ at: ['a', 'end'], overlapMm: 6, next: 'leaf 40' });
    expect(
      swapsThatFit(near, 'a', 'blade', [leaf(11, 6), leaf(16, 8), leaf(10, 5)]).map(({ name }) => name),
    ).toEqual(['leaf 11', 'leaf 10']);
    expect(fillersThatFit(near, 'a', [bead(3), bead(8), bead(6)]).map(({ name }) => name)).toEqual([
      'bead 6',
      'bead 8',
    ]);
    expect(swapsThatFit(tandem, 'nowhere', 'blade', [leaf(10)])).toEqual([]);
  });

  it('finds a blade that hits the body, and offers narrower ones', () => {
    const wide: Build = { ...tandem, end: { ...tandem.end, blade: leaf(40, 90) } };
    const hit = found(wide, 'hits-body');
    expect(hit).toMatchObject({ at: ['end'], widthMm: 90 });
    expect(hit?.gapMm).toBeCloseTo(72 * Math.sin((42 * Math.PI) / 180) - 7, 9);
    expect(swapsThatFit(wide, 'end', 'blade', [leaf(39, 80), leaf(42, 95)]).map(({ name }) => name)).toEqual([
      'leaf 39',
    ]);
  });

  it('finds a blade that strikes the body where it hangs, though the gap at the arm’s end would let it pass', () => {
    const round = piece('round 34', { ...gauge('blade', { lengthMm: 34, widthMm: 28 }), form: 'round' });
    const low: Build = {
      ...tandem,
      arm: tandem.arm.map((each) => (each.blade ? { ...each, blade: round } : each)),
    };
    expect(judgeBuild(low).wire?.blades.every(({ clearsBody }) => clearsBody)).toBe(true);
    const swept = found({ ...low, armMm: 46 }, 'sweeps-body');
    expect(swept).toMatchObject({ weight: 'stop', name: 'round 34' });
    expect(swept!.intoMm).toBeGreaterThan(0);
    // A shorter one clears.
    const short = piece('round 14', { ...gauge('blade', { lengthMm: 14, widthMm: 12 }), form: 'round' });
    expect(swapsThatFit({ ...low, armMm: 46 }, swept!.at[0]!, 'blade', [short])).toEqual([short]);
  });

  it('finds a loop too small, a hole too small, a bare clevis, a part that does not belong', () => {
    expect(codes({ ...tandem, end: { ...tandem.end, hanger: swivel(1.6) } })).toEqual(['loop-small']);
    expect(
      swapsThatFit({ ...tandem, end: { ...tandem.end, hanger: swivel(1.6) } }, 'end', 'part', [
        swivel(1.5),
        swivel(2),
      ]),
    ).toHaveLength(1);
    const tight = piece('tight', gauge('bead', { diameterMm: 4, holeMm: 1 }));
    expect(codes({ ...tandem, arm: [...tandem.arm, { id: 'd', part: tight, blade: null }] })).toEqual([
      'hole-small',
    ]);
    expect(codes({ ...tandem, arm: [...tandem.arm, { id: 'd', part: clevis, blade: null }] })).toEqual([
      'bare-clevis',
    ]);
    const rivet = piece('rivet', gauge('rivet', { lengthMm: 5, holeMm: 1.6 }));
    expect(codes({ ...tandem, arm: [...tandem.arm, { id: 'd', part: rivet, blade: null }] })).toEqual([
      'not-on-arm',
    ]);
    const raised = { ...frame(72), gauge: { ...frame(72).gauge, bend: 'raised' as const } };
    expect(codes({ ...tandem, frame: raised })).toEqual(['wrong-wire']);
  });

  it('finds what is missing, what nobody measured, too few and too many blades', () => {
    const empty: Build = { ...tandem, frame: null, arm: [], end: { hanger: null, blade: null }, head: null };
    expect(codes(empty)).toEqual(['missing', 'missing', 'blades-few']);
    const unknown = piece('odd', gauge('blade', { lengthMm: 20 }, { form: 'leaf' }));
    expect(found({ ...tandem, end: { ...tandem.end, blade: unknown } }, 'not-measured')).toMatchObject({
      what: 'width',
    });
    const many = Array.from({ length: 3 }, (_, nth) => ({ id: `m${nth}`, part: clevis, blade: leaf(3, 2) }));
    expect(
      codes({
        ...tandem,
        kind: 'in-line',
        frame: { ...frame(90), gauge: { ...frame(90).gauge, bend: 'straight' } },
        arm: many,
        end: { hanger: null, blade: null },
      }),
    ).toContain('blades-many');
  });

  it('minds a trailer that the hook’s gape fouls, and stops one it is lost in', () => {
    const jig = (bodyMm: number): Build => ({
      ...tandem,
      kind: 'dressed-jig',
      frame: null,
      arm: [],
      end: { hanger: null, blade: null },
      slots: [
        {
          slot: 'trailer',
          part: piece('worm', gauge('trailer', { lengthMm: 90, bodyMm }, { plastic: 'soft' })),
        },
      ],
    });
    expect(codes(jig(9))).toEqual([]);
    expect(found(jig(15), 'gape-fouls')).toMatchObject({ weight: 'mind' });
    expect(found(jig(20), 'hook-lost')).toMatchObject({ weight: 'stop' });
  });

  it('wants two blades of a buzzbait to strike, and minds when they do not', () => {
    const wing = (lengthMm: number, hubMm: number) =>
      piece(`wing ${lengthMm}`, gauge('blade', { lengthMm, widthMm: 20, hubMm }, { form: 'wing' }));
    const buzz = (between: number): Build => ({
      ...tandem,
      kind: 'buzzbait',
      frame: { ...frame(120), gauge: { ...frame(120).gauge, bend: 'raised' } },
      arm: [
        { id: 'a', part: wing(26, 18), blade: null },
        { id: 'b', part: bead(between), blade: null },
        { id: 'c', part: wing(26, 18), blade: null },
      ],
      end: { hanger: null, blade: null },
    });
    expect(codes(buzz(4))).toEqual([]);
    expect(codes(buzz(12))).toEqual(['apart']);
  });
});

describe('placeParts', () => {
  it('packs the stack against the loop, each part as long as it is, free arm at the eye', () => {
    const laid = placeParts(tandem);
    expect(laid.parts.map(({ fromMm, toMm }) => toMm - fromMm)).toEqual([4, 8, 8]);
    expect(laid.parts[0]!.fromMm).toBeCloseTo(judgeBuild(tandem).wire!.freeMm, 9);
    expect(laid.parts.at(-1)!.toMm).toBeCloseTo(laid.arm!.loopAtMm, 9);
    const { from, along, lengthMm } = laid.arm!;
    expect([from, Math.hypot(along.x, along.y), lengthMm]).toEqual([
      { x: 0, y: 0 },
      expect.closeTo(1, 12),
      72,
    ]);
    expect(along.y).toBeLessThan(0);
  });

  it('lays each bend its own way, and a jig without any wire', () => {
    const as = (kind: Build['kind']) => placeParts({ ...tandem, kind });
    expect(as('buzzbait').wire.map(({ x, y }) => [x, y < 0])).toEqual([
      [40, false],
      [0, false],
      [0, true],
      [expect.any(Number), true],
    ]);
    expect(as('underspin').arm!.along.y).toBeGreaterThan(0);
    expect(as('in-line').arm!.along).toEqual({ x: 1, y: 0 });
    expect(as('dressed-jig')).toMatchObject({ arm: null, wire: [], blades: [] });
  });

  it('hangs the loop’s blade a swivel’s length behind it', () => {
    const laid = placeParts(tandem);
    const { from, to } = laid.hanger!;
    expect(Math.hypot(to.x - from.x, to.y - from.y)).toBeCloseTo(10, 9);
    expect(laid.blades.at(-1)).toMatchObject({ id: 'end', at: to });
  });
});

describe('balanceBait', () => {
  it('hangs nose up with its weight under the eye', () => {
    expect(balanceBait([{ x: 40, y: 0, massG: 14 }])).toEqual({ center: { x: 40, y: 0 }, hangsDeg: 90 });
    expect(balanceBait([{ x: 0, y: 30, massG: 5 }]).hangsDeg).toBe(0);
    expect(balanceBait([{ x: 10, y: 10, massG: 1 }]).hangsDeg).toBeCloseTo(45, 9);
    // Turned by as much as it hangs, the center lies straight below.
    const { center, hangsDeg } = balanceBait([
      { x: 50, y: 3, massG: 14 },
      { x: 30, y: -28, massG: 3 },
    ]);
    const turn = (hangsDeg * Math.PI) / 180;
    expect(center.x * Math.cos(turn) - center.y * Math.sin(turn)).toBeCloseTo(0, 9);
    expect(center.x * Math.sin(turn) + center.y * Math.cos(turn)).toBeGreaterThan(0);
    expect(() => balanceBait([])).toThrow(/requires something that weighs/);
  });

  it('counts the head, every part once, and the wire', () => {
    const points = massPoints(tandem, placeParts(tandem), 1.4);
    const all = points.reduce((so, { massG }) => so + massG, 0);
    // Head 14, clevis .1, beads .4, two blades 2, swivel .3, skirt 1.4; the rest is wire.
    const wire = all - (14 + 0.1 + 0.4 + 2 + 0.3 + 1.4);
    expect(wire).toBeGreaterThan(0.4);
    expect(wire).toBeLessThan(1.2);
  });
});

describe('runBlades', () => {
  const bait = (blades: Parameters<typeof runBlades>[0]['blades'], massG = 16) => {
    const run = runBlades({ blades, massG, volumeCm3: 2.4 });
    if (!run.ok) throw new Error(run.problem.code);
    return run.value;
  };
  const round = { form: 'round', lengthMm: 24, widthMm: 21 } as const;
  const slim = { form: 'leaf', lengthMm: 46, widthMm: 12 } as const;

  it('holds the weight in water at the slowest speed', () => {
    const { slowestMs, pullN } = bait([round]);
    const form = findBladeForm('round');
    const area = bladeArea(round) / 10_000;
    expect(0.5 * 1000 * slowestMs ** 2 * area * form.liftCoefficient).toBeCloseTo(
      ((16 - 2.4) / 1000) * 9.80665,
      9,
    );
    expect(pullN).toBeCloseTo(0.5 * 1000 * slowestMs ** 2 * area * form.dragCoefficient, 9);
  });

  it('lets big and round ones run slower and thump more than slim ones, heavy baits faster', () => {
    expect(bait([round]).slowestMs).toBeLessThan(bait([slim]).slowestMs);
    expect(bait([round]).thumpMm).toBeGreaterThan(bait([slim]).thumpMm);
    expect(bait([round, round]).slowestMs).toBeCloseTo(bait([round]).slowestMs / Math.SQRT2, 9);
    expect(bait([round], 30).slowestMs).toBeGreaterThan(bait([round]).slowestMs);
    expect(depthTendency(bait([round, round]).slowestMs)).toBe('rides high');
    expect(depthTendency(bait([slim], 40).slowestMs)).toBe('runs deep');
    expect(depthTendency(0.9)).toBe('runs middling');
  });

  it('is corrected by a speed seen, and refuses no blade and what floats', () => {
    const seen = runBlades({ blades: [round], massG: 16, volumeCm3: 2.4, seenFactor: 0.8 });
    expect(seen.ok && seen.value.slowestMs).toBeCloseTo(0.8 * bait([round]).slowestMs, 12);
    expect(runBlades({ blades: [], massG: 16, volumeCm3: 2 })).toMatchObject({
      problem: { code: 'blade.none' },
    });
    expect(runBlades({ blades: [round], massG: 2, volumeCm3: 2 })).toMatchObject({
      problem: { code: 'water.floats' },
    });
    expect(baitVolume({ headG: 10.8, headGcm3: 10.8, partsG: 7.9, softG: 1.1 })).toBeCloseTo(3, 12);
    // The same weight of pewter takes up half as much again.
    expect(baitVolume({ headG: 10.8, headGcm3: 7.2, partsG: 0, softG: 0 })).toBeCloseTo(1.5, 12);
  });
});

describe('the registries', () => {
  it('know each id once, and throw on another', () => {
    for (const list of [BAIT_KINDS, BLADE_FORMS, PART_ROLES] as const) {
      expect(new Set(list.map(({ id }) => id)).size).toBe(list.length);
    }
    expect(() => findKind('none' as never)).toThrow(/registered kinds/);
    expect(() => findBladeForm('none' as never)).toThrow(/registered forms/);
    expect(() => findRole('none' as never)).toThrow(/registered roles/);
  });

  it.each([
    ['a domed blade that is drilled twice', { isFlat: false, drilled: 2 }, ['flatten', 'mark', 'drill'], []],
    ['a flat plate that is drilled once', { isFlat: true, drilled: 1 }, ['mark', 'drill'], ['flatten']],
    [
      'a plate that comes with its holes',
      { isFlat: true, drilled: 0 },
      [],
      ['flatten', 'mark', 'punch', 'drill'],
    ],
  ] as const)(
    'the card of a bladed jig with %s says what it needs and no more',
    (_, plate, needed, barred) => {
      const nothing = {
        arm: [],
        end: null,
        slots: {},
        cuts: {},
        skirt: null,
        head: null,
        isShortened: false,
      };
      const steps = findKind('bladed-jig').steps({ ...nothing, plate });
      const ids = steps.map(({ id }) => id);
      expect(ids).toEqual(expect.arrayContaining([...needed]));
      for (const id of barred) expect(ids).not.toContain(id);
      if (plate.drilled === 1) expect(steps.find(({ id }) => id === 'mark')!.title).not.toMatch(/both|holes/);
      // The eye is opened at the pour, while the casting is warm: here it is only looked at.
      expect(steps.some(({ title }) => title.startsWith('Open the eye'))).toBe(false);
      expect(ids).toContain('eye');
    },
  );

  it.each(BAIT_KINDS.map((kind) => [kind.id, kind] as const))(
    '%s has steps, checks and cautions for whatever is on it',
    (_, kind) => {
      const slots = Object.fromEntries(kind.slots.map(({ id }) => [id, `the ${id}`]));
      const full = kind.steps({
        arm: ['a bead', 'a blade'],
        end: 'a swivel',
        slots,
        cuts: {},
        skirt: 'Roach 1',
        head: 'the head',
        isShortened: true,
        plate: { isFlat: false, drilled: 2 },
      });
      const bare = kind.steps({
        arm: [],
        end: null,
        slots: {},
        cuts: {},
        skirt: null,
        head: null,
        isShortened: false,
        plate: { isFlat: true, drilled: 0 },
      });
      expect(new Set(full.map(({ id }) => id)).size).toBe(full.length);
      expect(full.length).toBeGreaterThan(bare.length);
      expect(full.every(({ title, how }) => title !== '' && how !== '')).toBe(true);
      if (kind.arm)
        expect(full.filter(({ id }) => id.startsWith('thread-')).length).toBe(
          kind.id === 'underspin' ? 0 : 2,
        );
      expect(kind.checks.length).toBeGreaterThan(1);
      expect(kind.cautions.length).toBeGreaterThan(0);
      expect(kind.slots.every(({ takes }) => takes.length > 0)).toBe(true);
    },
  );

  it('have blades that begin at the hole and end at the tip, nowhere wider than they are', () => {
    for (const { outline, areaShare } of BLADE_FORMS) {
      expect([outline[0]![0], outline.at(-1)![0]]).toEqual([0, 1]);
      expect(Math.max(...outline.map(([, aside]) => aside))).toBe(1);
      // The share of the box is what the outline truly covers, within a few percent.
      const area = outline
        .slice(1)
        .reduce((so, [x, y], at) => so + ((x - outline[at]![0]) * (y + outline[at]![1])) / 2, 0);
      expect(Math.abs(area - areaShare)).toBeLessThan(0.01);
    }
  });
});

describe('small sums', () => {
  it('bags by six and keeps plastics apart', () => {
    expect([bagsOf(14), bagsOf(6), bagsOf(0)]).toEqual([[6, 6, 2], [6], []]);
    const [soft, stretch, none] = [
      { name: 'a', plastic: 'soft' as const },
      { name: 'b', plastic: 'stretch' as const },
      { name: 'c', plastic: null },
    ];
    expect(keptApart([soft, none, soft])).toEqual([]);
    expect(keptApart([soft, none, stretch])).toEqual([['a', 'b']]);
  });

  it('finds the head for a finished weight', () => {
    const heads = headsForFinished(14, 4.2, [
      { nominalG: 14, massG: 14 },
      { nominalG: 10, massG: 10 },
      { nominalG: 7, massG: 7 },
    ]);
    expect(heads.map(({ nominalG }) => nominalG)).toEqual([10, 7, 14]);
    expect(heads[0]).toMatchObject({ finishedG: 14.2, offShare: expect.closeTo(0.2 / 14, 12) });
    // In pewter the one marked 14 g weighs 9.2 g, and is the one.
    const pewter = [14, 10].map((nominalG) => ({ nominalG, massG: nominalG * 0.66 }));
    expect(headsForFinished(14, 4.2, pewter)[0]?.nominalG).toBe(14);
  });

  it('tells which size of the chart a measured blade is', () => {
    expect(sizeInChart(leaf(41.6, 15.5), [leaf(46, 17), leaf(40, 15), leaf(35, 13)])).toMatchObject({
      piece: { name: 'leaf 40' },
      offMm: expect.closeTo(1.6, 9),
    });
    expect(sizeInChart(leaf(40), [bead(4)])).toBeNull();
  });

  it('grades stingers round two thirds of the trailer, with what both ends take', () => {
    expect(stingerLengths(90, 18, 3, 12, 60)).toEqual([
      { lengthMm: 30, cutMm: 90 },
      { lengthMm: 42, cutMm: 102 },
      { lengthMm: 54, cutMm: 114 },
    ]);
    expect(stingerLengths(30, 18, 3, 12, 60).map(({ lengthMm }) => lengthMm)).toEqual([2, 14]);
  });

  it('lists every piece and every blade, and cuts an arm no longer than it comes', () => {
    expect(piecesOfBuild(tandem)).toHaveLength(7);
    expect(bladesOf(tandem).map(({ name }) => name)).toEqual(['leaf 18', 'leaf 40']);
    expect([armLength({ ...tandem, armMm: 50 }), armLength({ ...tandem, armMm: 90 })]).toEqual([50, 72]);
  });
});

describe('hole patterns', () => {
  const hole = (alongMm: number, asideMm = 0): HolePattern['holes'][number] => ({
    is: 'line',
    alongMm,
    asideMm,
    diameterMm: 2,
  });
  const sheet = (...holes: HolePattern['holes'][number][]): HolePattern => ({
    lengthMm: 30,
    widthMm: 20,
    holes,
  });

  it('say what would tear out', () => {
    expect(checkPattern(sheet(hole(4), hole(12)))).toEqual([]);
    expect(checkPattern(sheet(hole(1.5)))).toMatchObject([{ code: 'near-edge', hole: 0, edgeMm: 0.5 }]);
    expect(checkPattern(sheet(hole(15, 9.5)))).toMatchObject([{ code: 'near-edge' }]);
    expect(checkPattern(sheet(hole(4), hole(6.5)))).toMatchObject([
      { code: 'near-hole', hole: 1, other: 0, webMm: 0.5 },
    ]);
    expect(checkPattern(sheet(hole(40)))).toEqual([{ code: 'outside', hole: 0 }]);
  });

  it('scale with the blade, but the drill stays', () => {
    expect(scalePattern(sheet(hole(4, 2)), 36, 30).holes).toEqual([
      { is: 'line', alongMm: 4.8, asideMm: 3, diameterMm: 2 },
    ]);
  });
});
