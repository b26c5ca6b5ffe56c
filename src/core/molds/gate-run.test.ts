import { ballOf, bodyOf, COLLARED } from '../../../tests/support/castings';
import { gateRun, isInRun } from './gate-run';

const ball = bodyOf(ballOf(10));

describe('gateRun', () => {
  it('goes straight down from over the body into it', () => {
    const [mouth, end] = gateRun(ball, { side: 'above', at: 0.5, wideMm: 4 });
    expect(mouth).toEqual({ xMm: 5, zMm: expect.closeTo(25, 1), radiusMm: 5 });
    expect(end!.xMm).toBe(5);
    expect(end!.zMm).toBeLessThan(5);
    expect(end!.radiusMm).toBe(2);
  });

  it('meets a thin place at its own height', () => {
    const collared = bodyOf(COLLARED);
    const [, head] = gateRun(collared, { side: 'above', at: 0.2, wideMm: 2 });
    const [, neck] = gateRun(collared, { side: 'above', at: 15 / 27, wideMm: 2 });
    expect(neck!.zMm).toBeLessThan(1.2);
    expect(head!.zMm).toBeGreaterThan(neck!.zMm);
  });

  it('goes round the body to its underside, and to its ends', () => {
    const below = gateRun(ball, { side: 'below', at: 0.5, wideMm: 4 });
    expect(Math.min(...below.map(({ zMm }) => zMm))).toBeLessThan(-8);
    expect(below.at(-1)!.zMm).toBeGreaterThan(-5);
    const [nose, tail] = (['nose', 'tail'] as const).map((side) =>
      gateRun(ball, { side, at: 0.5, wideMm: 4 }),
    );
    expect(nose![0]!.xMm).toBeLessThan(-5);
    expect(tail![0]!.xMm).toBeGreaterThan(15);
    expect(gateRun(ball, { side: 'open', at: 0.5, wideMm: 4 })).toEqual([]);
  });
});

describe('isInRun', () => {
  it('has round sections that widen on the way', () => {
    const run = gateRun(ball, { side: 'above', at: 0.5, wideMm: 4 });
    expect(isInRun(run, 5, 0, 10)).toBe(true);
    expect(isInRun(run, 5 + 4.5, 0, 24)).toBe(true);
    expect(isInRun(run, 5 + 4.5, 0, 6)).toBe(false);
    expect(isInRun(run, 5, 4.5, 24)).toBe(true);
    expect(isInRun([], 0, 0, 0)).toBe(false);
  });
});
