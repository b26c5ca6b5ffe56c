import { ballOf, bodyOf, castingOf, COLLARED, settingOf } from '../../../tests/support/castings';
import { judgeCasting } from './judge-casting';
import { mendCasting, withChange, type MakerCan } from './mend-casting';

const CAN: MakerCan = {
  moveGate: false,
  cutGate: false,
  cutVents: true,
  pouredC: [345, 450],
  blockC: [20, 220],
};
const COARSE = { mostBricks: 4000, mostCells: 4000 };
const FEW = { bricks: 4000, most: 24 };

describe('mendCasting', () => {
  it('vents where air stays, within what the maker can do', () => {
    const ball = castingOf(bodyOf(ballOf(14)), { gate: { side: 'below', at: 0.5, wideMm: 9 } });
    const setting = settingOf({ gapMm: 0.004 });
    const before = judgeCasting(ball, setting, COARSE);
    expect(before.flaws.some(({ kind }) => kind === 'air')).toBe(true);
    const [best] = mendCasting(ball, setting, CAN, FEW);
    expect(best!.changes.map(({ lever }) => lever)).toContain('vents');
    expect(best!.told.some(({ kind }) => kind === 'air')).toBe(false);
    expect(best!.score).toBeLessThan(before.score);
    // What it says comes true when it is done.
    const after = best!.changes.reduce((so, { what }) => withChange(so, what), { casting: ball, setting });
    expect(judgeCasting(after.casting, after.setting, COARSE).score).toBeCloseTo(best!.score, 6);
  });

  it('widens or moves a gate only where the maker can', () => {
    const casting = castingOf(bodyOf(COLLARED), { gate: { side: 'above', at: 0.85, wideMm: 4 } });
    const levers = (can: Partial<MakerCan>) =>
      mendCasting(casting, settingOf(), { ...CAN, ...can }, FEW).flatMap(({ changes }) =>
        changes.flatMap(({ what }) => (what.is === 'gate' ? [what.gate] : [])),
      );
    expect(levers({})).toEqual([]);
    const widened = levers({ cutGate: true });
    expect(widened.length).toBeGreaterThan(0);
    expect(widened.every(({ at }) => at === 0.85)).toBe(true);
    expect(levers({ cutGate: true, moveGate: true }).some(({ at }) => at < 0.6)).toBe(true);
  });

  it('has nothing to say of what is right', () => {
    const casting = castingOf(bodyOf(ballOf(8)), { gate: { side: 'above', at: 0.5, wideMm: 7 } });
    expect(mendCasting(casting, settingOf(), CAN, FEW)).toEqual([]);
  });
});
