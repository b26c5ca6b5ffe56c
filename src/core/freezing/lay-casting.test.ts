import { bodyOf, castingOf, COLLARED, settingOf } from '../../../tests/support/castings';
import { measureSkin } from '../meshes/measure-skin';
import { CAST_ROLES } from './casting';
import { conductHeat } from './conduct-heat';
import { brickRooms } from './grid';
import { heatContent } from './heat-content';
import { layCasting } from './lay-casting';

const body = bodyOf(COLLARED);
const [, BODY, GATE, WIRE] = CAST_ROLES.map((_, nth) => nth);

/** Room of what has a role, mm3. */
const roomOf = (laid: ReturnType<typeof layCasting>, role: number | undefined) => {
  const rooms = brickRooms(laid.grid);
  return laid.grid.of.reduce((so, each, at) => so + (each === role ? rooms[at]! * 1e9 : 0), 0);
};

describe('layCasting', () => {
  it('has the room of the body in no more bricks than it may, the nearer the finer', () => {
    const told = measureSkin(body).volumeCm3 * 1000;
    const off = [8000, 90_000].map((most) => {
      const laid = layCasting(castingOf(body), settingOf(), most);
      expect(laid.grid.of.length).toBeLessThanOrEqual(most);
      return Math.abs(roomOf(laid, BODY) / told - 1);
    });
    expect(off[1]).toBeLessThan(0.02);
    expect(off[0]).toBeLessThan(0.08);
  });

  it('lays a hook through it, and a gate to the top of the block', () => {
    const hook = {
      line: [
        [4, 8],
        [4, 0],
        [40, 0],
      ] as const,
      wireMm: 1.2,
    };
    const laid = layCasting(castingOf(body, { hook }), settingOf(), 60_000);
    expect(roomOf(laid, WIRE)).toBeGreaterThan(20);
    const { grid } = laid;
    const top = grid.of.subarray(grid.of.length - grid.counts[0] * grid.counts[1]);
    expect(top.includes(GATE!)).toBe(true);
    expect(laid.grid.of.subarray(0, grid.counts[0] * grid.counts[1]).includes(GATE!)).toBe(false);
  });

  it('stands a hollow of a board on its nose, its face open', () => {
    const laid = layCasting(
      castingOf(body, { gate: { side: 'open', at: 0.5, wideMm: 4 } }),
      settingOf({}, { mold: 'wood' }),
      20_000,
    );
    const { grid, middles } = laid;
    expect(middles[2].at(-1)).toBeLessThan(27);
    expect(grid.of.subarray(grid.of.length - grid.counts[0] * grid.counts[1]).includes(BODY!)).toBe(true);
    expect(roomOf(laid, GATE)).toBe(0);
  });

  it('loses no heat in its uneven bricks', () => {
    const setting = settingOf();
    const { grid } = layCasting(castingOf(body), setting, 8000);
    const heat = Float64Array.from(grid.of, (role) =>
      heatContent(grid.materials[role]!, role === BODY || role === GATE ? setting.pouredC : setting.blockC),
    );
    const heating = conductHeat(grid, heat);
    const before = heating.wholeJ();
    for (let step = 0; step < 12; step += 1) {
      const { leftJ } = heating.step(0.4);
      expect(Math.abs((heating.wholeJ() + leftJ) / before - 1)).toBeLessThan(1e-3);
    }
  });
});
