import {
  bladeShape,
  discShape,
  eggShape,
  hookShape,
  laid,
  paddleShape,
  ringShape,
  swivelShape,
  tabShape,
  tubeShape,
} from '../posed/shapes';
import { bodyProfileOf } from './body-profile';
import { featuresOf } from './features';
import { frameOf } from './frame';
import { hookShapeOf } from './hook-shape';
import { SIGHT_KINDS } from './kinds';
import {
  acrossOf,
  areaOf,
  evenSteps,
  middleOf,
  onTheMat,
  roundnessOf,
  roundOf,
  type Outline,
} from './outline';
import { readPart } from './read-part';
import { sectionsOf } from './sections';

const box: Outline = {
  outer: [
    [0, 0],
    [4, 0],
    [4, 1],
    [0, 1],
  ],
  holes: [],
};
const turned = (outline: Outline, turnDeg = 33) => laid(outline, { at: [70, 90], turnDeg });
const EXACT = { edgeMm: 0.1, printShare: 0.002, heightShare: 0.02, eye: [93, 122, 350] as const };

describe('what an outline is', () => {
  it('has an area, a middle and a way round', () => {
    expect(areaOf(box.outer)).toBe(4);
    expect(areaOf([...box.outer].reverse())).toBe(-4);
    expect(middleOf(box.outer)).toEqual([2, 0.5]);
    expect(roundOf(box.outer)).toBe(10);
    expect(acrossOf(discShape(8).outer)).toBeCloseTo(8, 1);
    expect(roundnessOf(discShape(8).outer)).toBeCloseTo(1, 2);
    expect(evenSteps(box.outer, 10)[1]).toEqual([1, 0]);
  });

  it('is as long and wide as calipers find it, however it lies', () => {
    for (const turnDeg of [0, 17, 90, 133, 179]) {
      const { lengthMm, widthMm } = frameOf(turned(box, turnDeg));
      expect(lengthMm).toBeCloseTo(4, 6);
      expect(widthMm).toBeCloseTo(1, 6);
    }
  });

  it('goes into its box and out of it again', () => {
    const { inside, outside } = frameOf(turned(box));
    const [x, y] = outside(...inside([71, 92]));
    expect([x, y]).toEqual([expect.closeTo(71, 9), expect.closeTo(92, 9)]);
  });

  it('is cut across where it is told', () => {
    const ring = ringShape(10, 2);
    const cuts = sectionsOf(ring, frameOf(ring), 21);
    expect(cuts[10]).toHaveLength(2);
    expect((cuts[10]?.[0]?.[1] ?? 0) - (cuts[10]?.[0]?.[0] ?? 0)).toBeCloseTo(2, 1);
    expect(cuts[1]).toHaveLength(1);
  });

  it('shrinks when it is laid down from where it stands', () => {
    const down = onTheMat({ outer: [[193, 122]], holes: [] }, [93, 122, 100], 10);
    expect(down.outer[0]).toEqual([183, 122]);
  });
});

describe('hookShapeOf', () => {
  const sizes = { lengthMm: 34, gapeMm: 11, wireMm: 1.1, eyeMm: 2.2, biteMm: 9, barbMm: 4.2 };

  it.each([0, 40, 130, 250])('reads a hook that lies at %s degrees', (turnDeg) => {
    const shape = hookShapeOf(turned(hookShape(sizes), turnDeg));
    expect(shape).not.toBeNull();
    expect(Math.abs((shape?.lengthMm ?? 0) - 34)).toBeLessThan(0.1);
    expect(Math.abs((shape?.gapeMm ?? 0) - 11)).toBeLessThan(0.15);
    expect(Math.abs((shape?.wireMm ?? 0) - 1.1)).toBeLessThan(0.05);
    expect(Math.abs((shape?.eyeMm ?? 0) - 2.2)).toBeLessThan(0.05);
    expect(Math.abs((shape?.biteMm ?? 0) - 9)).toBeLessThan(0.4);
    expect(Math.abs((shape?.barbMm ?? 0) - 4.2)).toBeLessThan(0.8);
    expect(Math.abs((shape?.shankMm ?? 0) - (34 - 0.55 - 5.5))).toBeLessThan(1.2);
  });

  it('sees no barb where there is none', () => {
    expect(hookShapeOf(hookShape({ ...sizes, barbMm: null }))?.barbMm).toBeNull();
  });

  it('reads one whose eye is closed: the longer straight end is the shank', () => {
    const { outer } = turned(hookShape(sizes));
    const shape = hookShapeOf({ outer, holes: [] });
    expect(Math.abs((shape?.lengthMm ?? 0) - 34)).toBeLessThan(0.3);
    expect(shape?.eyeMm).toBeNull();
  });
});

describe('bodyProfileOf', () => {
  it('is the half outline of a body, and its room that of an ellipsoid', () => {
    const egg = turned(eggShape(24, 14));
    const told = readPart(egg, EXACT, { kind: 'body', heightMm: 0.001 });
    const profile = bodyProfileOf(told.outline, frameOf(told.outline));
    expect(Math.max(...profile.map(([r]) => r))).toBeCloseTo(7, 1);
    expect(profile.at(-1)?.[1]).toBeCloseTo(24, 1);
    const round = readPart(egg, EXACT, { kind: 'body' });
    const room = round.sizes.find(({ id }) => id === 'volumeMm3')?.value ?? 0;
    const shrunk = (350 - 7) / 350;
    expect(room / ((Math.PI / 6) * 24 * 14 * 14 * shrunk ** 3)).toBeCloseTo(1, 1);
  });

  it('leaves off a wire that sticks out of an end', () => {
    const egg = eggShape(20, 12).outer;
    const upper = egg.filter(([x, y]) => y >= 0.8 || x > 0);
    const wired: Outline = {
      outer: [
        ...upper.filter(([, y]) => y >= 0.6).sort((a, b) => b[0] - a[0]),
        [-30, 0.6],
        [-30, -0.6],
        ...egg.filter(([, y]) => y <= -0.6).sort((a, b) => a[0] - b[0]),
      ],
      holes: [],
    };
    const profile = bodyProfileOf(wired, frameOf(wired));
    expect(profile.at(-1)?.[1]).toBeLessThan(21);
    expect(profile.at(-1)?.[1]).toBeGreaterThan(18);
  });
});

describe('readPart', () => {
  const cases: readonly [string, Outline][] = [
    ['blade', bladeShape(48, 22, 2, 2.4)],
    ['hook', hookShape({ lengthMm: 34, gapeMm: 11, wireMm: 1.1, eyeMm: 2.2, biteMm: 9, barbMm: 4 })],
    ['ring', ringShape(8, 1.1)],
    ['bead', discShape(6)],
    ['swivel', swivelShape(18, 4, 2.4)],
    ['crimp', tubeShape(9, 2.4)],
    ['body', eggShape(24, 14)],
    ['trailer', paddleShape(84, 12)],
    ['strands', tabShape(60, 9, 1.6, 1)],
  ];

  it.each(cases)('guesses a %s by its outline', (kind, outline) => {
    for (const turnDeg of [0, 25, 110]) expect(readPart(turned(outline, turnDeg), EXACT).kind).toBe(kind);
  });

  it('counts strands and tells how wide one is', () => {
    const { sizes } = readPart(turned(tabShape(60, 9, 1.6, 1)), EXACT, { kind: 'strands', heightMm: 0.1 });
    expect(sizes.find(({ id }) => id === 'strands')).toMatchObject({ value: 9, off: 0 });
    expect(sizes.find(({ id }) => id === 'strandWidthMm')?.value).toBeCloseTo(1.6, 1);
  });

  it('takes a thick part for smaller than it looks, and is less sure while nobody said how thick', () => {
    const seen = discShape(20);
    const said = readPart(seen, EXACT, { kind: 'bead', heightMm: 20 });
    const usual = readPart(seen, EXACT, { kind: 'bead' });
    expect(said.sizes[0]?.value).toBeCloseTo((20 * 340) / 350, 1);
    expect(usual.sizes[0]?.off).toBeGreaterThan(said.sizes[0]?.off ?? Infinity);
  });

  it('is never surer than its print', () => {
    const unmeasured = { ...EXACT, printShare: 0.04 };
    const [size] = readPart(turned(tubeShape(100, 3)), unmeasured, { kind: 'crimp' }).sizes;
    expect(size?.off).toBeGreaterThan(3.9);
  });
});

describe('kinds', () => {
  it('read something of any outline, whatever it is', () => {
    const outlines = [box, discShape(3), ringShape(9, 1), tabShape(40, 5, 1, 1)].map((each) => turned(each));
    for (const outline of outlines) {
      const features = featuresOf(outline);
      for (const kind of SIGHT_KINDS) {
        for (const { value } of kind.read(outline, features, 2)) expect(Number.isFinite(value)).toBe(true);
        expect(kind.likely(features, outline)).toBeGreaterThanOrEqual(0);
      }
    }
  });
});
