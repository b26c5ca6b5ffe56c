import { castGrid, type CastSetup } from './cast-grid';
import { followFreeze } from './follow-freeze';
import type { ThermalMaterial } from './grid';
import { heatContent } from './heat-content';
import { judgeFreeze } from './judge-freeze';
import { ALUMINUM, LEAD } from '../../../tests/support/thermal-materials';

const WIRE: ThermalMaterial = { conductivityWmK: 45, densityKgM3: 7850, specificJkgK: 480, melting: null };

/** A large end, a thin collar, a smaller end, from the foot up. */
const COLLARED = [
  [0, 0],
  [6, 2],
  [6, 10],
  [1.5, 12],
  [1.5, 20],
  [4.5, 22],
  [4.5, 30],
] as const;

const setup = (change: Partial<CastSetup>): CastSetup => ({
  body: { section: 'round', depth: 1, profile: COLLARED },
  gate: { end: 'top', diameterMm: 9, longMm: 8 },
  wireMm: null,
  wallMm: 6,
  stepMm: 1,
  mold: ALUMINUM,
  metal: LEAD,
  wire: WIRE,
  contactWm2K: 2500,
  air: { filmWm2K: 12, ambientC: 20 },
  ...change,
});

const judge = (change: Partial<CastSetup>, pouredC = 380, blockC = 120) => {
  const cast = castGrid(setup(change));
  const heat = Float64Array.from(cast.grid.of, (role) =>
    heatContent(cast.grid.materials[role]!, role === 1 || role === 2 ? pouredC : blockC),
  );
  return judgeFreeze(cast, followFreeze(cast.grid, heat, { stepS: 0.05, mostS: 30 }));
};

describe('judgeFreeze', () => {
  it('finds the hot spot behind a thin collar, and the collar that starves it', () => {
    const verdict = judge({});
    expect(verdict?.hotSpotMm).toBeGreaterThan(3);
    expect(verdict?.hotSpotMm).toBeLessThan(9);
    expect(verdict?.starved?.atMm).toBeGreaterThan(11);
    expect(verdict?.starved?.atMm).toBeLessThan(22);
    expect(verdict?.starved?.beforeS).toBeGreaterThan(0.2);
  });

  it('says that a gate shut before the body was solid, a narrow one sooner than a wide one', () => {
    const [narrow, wide] = [4, 12].map((diameterMm) =>
      judge({ gate: { end: 'foot', diameterMm, longMm: 8 } }),
    );
    expect(narrow?.gateShutS).toBeLessThan(wide?.gateShutS ?? 0);
    expect(narrow?.starved?.atMm).toBeLessThan(1);
  });

  it('takes longer in a warm block, and less with a cold wire through it', () => {
    const [cold, warm, wired] = [judge({}), judge({}, 380, 200), judge({ wireMm: 2 })];
    expect(warm?.bodySolidS).toBeGreaterThan(cold?.bodySolidS ?? Infinity);
    expect(wired?.bodySolidS).toBeLessThan(cold?.bodySolidS ?? 0);
  });
});

describe('castGrid', () => {
  it('has the room of the body it was cut from', () => {
    const { grid } = castGrid(setup({ stepMm: 0.5 }));
    const cubes = grid.of.reduce((so, role) => so + Number(role === 1), 0) * 0.5 ** 3;
    // Frusta of the profile.
    const room = COLLARED.slice(1).reduce((so, [b, top], at) => {
      const [a, low] = COLLARED[at]!;
      return so + (Math.PI * (top - low) * (a * a + a * b + b * b)) / 3;
    }, 0);
    expect(cubes / room).toBeCloseTo(1, 1);
  });
});
