import { ballOf, bodyOf, castingOf, COLLARED, settingOf } from '../../../tests/support/castings';
import type { Casting, PourSetting } from './casting';
import { frozenS } from './choke-time';
import { freezeCasting } from './freeze-casting';

const BRICKS = 22_000;

const judge = (casting: Casting, setting: PourSetting = settingOf()) =>
  freezeCasting(casting, setting, frozenS(setting, 2), { mostBricks: BRICKS }).verdict;

const collared = bodyOf(COLLARED);

describe('a thin neck between two thick places', () => {
  it('starves the one that the gate is not at, and the gate moved there the other', () => {
    const [atHead, atTail] = [0.2, 0.85].map((at) =>
      judge(castingOf(collared, { gate: { side: 'above', at, wideMm: 8 } })),
    );
    const behind = atHead!.hollows.find(({ isByGate }) => !isByGate);
    expect(behind!.atMm[0]).toBeGreaterThan(18);
    expect(behind!.shutAtMm[0]).toBeGreaterThan(10);
    expect(behind!.shutAtMm[0]).toBeLessThan(20);
    expect(behind!.beforeS).toBeGreaterThan(0.2);
    const before = atTail!.hollows.find(({ isByGate }) => !isByGate);
    expect(before!.atMm[0]).toBeLessThan(12);
  });

  it('is not there in a plain ball with a gate as wide as it wants', () => {
    expect(
      judge(castingOf(bodyOf(ballOf(12)), { gate: { side: 'above', at: 0.5, wideMm: 9 } }))!.hollows,
    ).toEqual([]);
  });
});

describe('the gate', () => {
  const ball = bodyOf(ballOf(12));
  const [narrow, wide] = [3, 7].map((wideMm) =>
    judge(castingOf(ball, { gate: { side: 'above', at: 0.5, wideMm } })),
  );

  it('shuts sooner where it is narrow, and leaves more of a hollow', () => {
    expect(narrow!.gateShutS).toBeLessThan(wide!.gateShutS);
    expect(narrow!.hollows[0]!.isByGate).toBe(true);
    expect(narrow!.hollows[0]!.hollowMm3).toBeGreaterThan(wide!.hollows[0]?.hollowMm3 ?? 0);
  });

  it('from below feeds less than one of the same width from above', () => {
    const below = judge(castingOf(ball, { gate: { side: 'below', at: 0.5, wideMm: 4 } }));
    const above = judge(castingOf(ball, { gate: { side: 'above', at: 0.5, wideMm: 4 } }));
    expect(below!.hollows[0]!.hollowMm3).toBeGreaterThan(above!.hollows[0]!.hollowMm3);
  });
});

describe('the metal', () => {
  it('that swells as it freezes leaves no hollow where lead does', () => {
    const casting = castingOf(collared, { gate: { side: 'above', at: 0.2, wideMm: 5 } });
    const bismuthTin = settingOf({ pouredC: 190, blockC: 60 }, { metal: { Bi: 0.58, Sn: 0.42 } });
    expect(judge(casting)!.hollows.length).toBeGreaterThan(0);
    expect(judge(casting, bismuthTin)!.hollows).toEqual([]);
  });
});

describe('the block', () => {
  it('of a tenth pour lets a casting freeze later than the cold one of a first', () => {
    const casting = castingOf(bodyOf(ballOf(10)));
    const [first, tenth] = [20, 160].map((blockC) => judge(casting, settingOf({ blockC })));
    expect(tenth!.bodySolidS).toBeGreaterThan(1.3 * first!.bodySolidS);
  });

  it('of plaster holds the heat many times longer than one of aluminum', () => {
    const casting = castingOf(bodyOf(ballOf(10)));
    const plaster = settingOf({ blockC: 60 }, { mold: 'plaster' });
    const slow = freezeCasting(casting, plaster, frozenS(plaster, 1.7), { mostBricks: BRICKS }).verdict;
    expect(slow!.bodySolidS).toBeGreaterThan(4 * judge(casting)!.bodySolidS);
  });

  it('freezes sooner round a cold wire', () => {
    const line = [
      [-4, 0],
      [16, 0],
    ] as const;
    const body = bodyOf(ballOf(10));
    const wired = judge(castingOf(body, { hook: { line, wireMm: 2 } }));
    expect(wired!.bodySolidS).toBeLessThan(judge(castingOf(body))!.bodySolidS);
  });
});

describe('a hollow in a board', () => {
  it('is fed by the air over it, whatever freezes last', () => {
    const disc = bodyOf([
      [15, 0],
      [15, 6],
    ]);
    const verdict = judge(
      castingOf(disc, { gate: { side: 'open', at: 0.5, wideMm: 4 } }),
      settingOf({ blockC: 40 }, { mold: 'wood' }),
    );
    expect(verdict!.bodySolidS).toBeGreaterThan(5);
    expect(verdict!.hollows.every(({ isByGate }) => !isByGate)).toBe(true);
  });
});
