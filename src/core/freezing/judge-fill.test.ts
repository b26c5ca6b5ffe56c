import { ballOf, bodyOf, castingOf, settingOf } from '../../../tests/support/castings';
import type { Casting, PourSetting } from './casting';
import { fillCavity } from './fill-cavity';
import { judgeFill } from './judge-fill';

const CELLS = 15_000;

const judge = (casting: Casting, setting: PourSetting) =>
  judgeFill(fillCavity(casting, setting, CELLS), setting);

/** A block of 8 x 8 mm with a thin square pin behind it. */
const finned = (thickMm: number, longMm: number) =>
  bodyOf(
    [
      [4, 0],
      [4, 10],
      [thickMm / 2, 10.01],
      [thickMm / 2, 10 + longMm],
    ],
    { section: 'square' },
  );

describe('a thin pin', () => {
  const casting = castingOf(finned(1.6, 16), { gate: { side: 'above', at: 0.2, wideMm: 4 } });

  it('stops in a cold block and fills in a warm one', () => {
    const cold = judge(casting, settingOf({ pouredC: 345, blockC: 20 }));
    const warm = judge(casting, settingOf({ pouredC: 345, blockC: 200 }));
    expect(cold.unfilled).toHaveLength(1);
    expect(cold.unfilled[0]!.why).toBe('froze');
    expect(cold.unfilled[0]!.atMm[0]).toBeGreaterThan(12);
    expect(warm.unfilled).toEqual([]);
  });

  it('fills with hotter metal too, and is the less spent the hotter', () => {
    const spent = [345, 380, 420].map(
      (pouredC) => judge(casting, settingOf({ pouredC, blockC: 60 })).spentMost,
    );
    expect(spent[0]).toBeGreaterThan(spent[1]!);
    expect(spent[1]).toBeGreaterThan(spent[2]!);
  });

  it('too thin for the metal over it is held back by its skin at any heat, and not by what spins', () => {
    const thin = castingOf(finned(0.5, 5), { gate: { side: 'above', at: 0.2, wideMm: 4 } });
    const hot = settingOf({ pouredC: 450, blockC: 220 });
    expect(judge(thin, hot).unfilled[0]!.why).toBe('skin');
    expect(judge(thin, { ...hot, spinPa: 60_000 }).unfilled).toEqual([]);
  });
});

describe('air', () => {
  const ball = castingOf(bodyOf(ballOf(14)), { gate: { side: 'below', at: 0.5, wideMm: 4 } });

  it('over a gate from below stays in tight halves, leaves by a gap, a vent, a porous mold, and a gate from above', () => {
    const tight = settingOf({ gapMm: 0.005 });
    expect(judge(ball, tight).air).toHaveLength(1);
    expect(judge(ball, tight).air[0]!.atMm[2]).toBeGreaterThan(5);
    expect(judge(ball, { ...tight, vents: [0.5] }).air).toEqual([]);
    expect(judge(ball, { ...tight, gapMm: 0.05 }).air).toEqual([]);
    expect(judge(ball, settingOf({ gapMm: 0.005 }, { mold: 'plaster' })).air).toEqual([]);
    expect(judge({ ...ball, gate: { side: 'above', at: 0.5, wideMm: 4 } }, tight).air).toEqual([]);
  });

  it('is shut in a hump that the gate from above is not at', () => {
    const humps = bodyOf([
      [0, 0],
      [6, 4],
      [6, 8],
      [2.5, 12],
      [2.5, 16],
      [6, 20],
      [6, 24],
      [0, 28],
    ]);
    const casting = castingOf(humps, { gate: { side: 'above', at: 0.2, wideMm: 4 } });
    const [shut] = judge(casting, settingOf({ gapMm: 0.003 })).air;
    expect(shut!.atMm[0]).toBeGreaterThan(18);
    expect(shut!.leavesS).toBeGreaterThan(shut!.softS);
  });
});

describe('a gap', () => {
  it('flashes from narrower on where a disc presses', () => {
    const ball = castingOf(bodyOf(ballOf(10)));
    const [still, spun] = [0, 50_000].map((spinPa) => judge(ball, settingOf({ spinPa })).flashFromMm);
    expect(spun).toBeLessThan(still! / 5);
  });
});

describe('a hollow in a board', () => {
  it('fills to its face, its prongs where they are thick enough for the metal over them', () => {
    const disc = (prongMm: number) =>
      castingOf(
        bodyOf([
          [prongMm / 2, 0],
          [prongMm / 2, 8],
          [12, 8.01],
          [12, 14],
        ]),
        { gate: { side: 'open', at: 0.5, wideMm: 4 } },
      );
    const wood = settingOf({ blockC: 30 }, { mold: 'wood' });
    expect(judge(disc(4), wood).unfilled).toEqual([]);
    const [prong] = judgeFill(fillCavity(disc(1), wood, 4 * CELLS), wood).unfilled;
    expect(prong!.atMm[2]).toBeLessThan(8);
  });
});
