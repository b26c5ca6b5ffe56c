import { measureMesh } from '../meshes/measure-mesh';
import { crossings } from '../meshes/crossings';
import { cutHalves, type MoldSpec } from './cut-halves';
import { USUAL_MAKE, type MoldMake } from './mold-make';

const BOX = { parts: [{ shape: 'box', xMm: 12, yMm: 10, zSizeMm: 20 }] } as const;
const cut = (make: Partial<MoldMake>, more: Partial<MoldSpec> = {}) =>
  cutHalves({ cavity: BOX, hook: null, eyeMm: 0, pinMm: null, ...more, make: { ...USUAL_MAKE, ...make } });

describe('a mold made otherwise', () => {
  it('leans its walls by the draft angle and casts as heavy', async () => {
    const [straight, leaning] = [await cut({}), await cut({ draftDegrees: 3 })];
    expect(measureMesh(leaning.head).volumeCm3).toBeCloseTo(measureMesh(straight.head).volumeCm3, 6);
    // How far the cavity reaches up where the halves part, and at its depth.
    const topAt = (y: number) => crossings(leaning.head, 2, [10], [y])[0]!.at(-1)!;
    const lean = (Math.atan2(topAt(0.01) - topAt(4.8), 4.79) * 180) / Math.PI;
    expect(Math.abs(lean - 3)).toBeLessThan(0.2);
    for (const half of [leaning.front, leaning.back]) {
      expect(measureMesh(half)).toMatchObject({ watertight: true, flippedEdges: 0 });
    }
  });

  it('has rods go through both halves, with their clearance', async () => {
    const [cones, rods] = [await cut({}), await cut({ pins: 'rods', rodMm: 4, clearanceMm: 0.2 })];
    expect(measureMesh(rods.front).watertight).toBe(true);
    const { boundsMm } = measureMesh(rods.front);
    const hole = 3 * Math.PI * 2.1 ** 2 * boundsMm.max[1];
    const coned = measureMesh(cones.front).volumeCm3;
    // Cones stand out into the other half; without them and with holes it is that much less.
    expect(measureMesh(rods.front).boundsMm.min[1]).toBeCloseTo(0, 6);
    expect(measureMesh(cones.front).boundsMm.min[1]).toBeLessThan(-2.5);
    expect((coned - measureMesh(rods.front).volumeCm3) * 1000).toBeGreaterThan(0.9 * hole);
  });

  it('has a groove for a handle over its back, and says what is left between', async () => {
    const [plain, grooved] = [await cut({ wallMm: 8 }), await cut({ wallMm: 8, hasHandle: true })];
    const { min, max } = measureMesh(plain.front).boundsMm;
    const lost = (measureMesh(plain.front).volumeCm3 - measureMesh(grooved.front).volumeCm3) * 1000;
    expect(lost).toBeCloseTo((max[0] - min[0]) * 8 * 4, 0);
    expect(plain.walls.map(({ between }) => between)).toEqual(['cavity and outside', 'cavity and pins']);
    const handle = grooved.walls.find(({ between }) => between === 'cavity and handle');
    // Eight of wall less four of groove.
    expect(handle!.mm).toBeCloseTo(4, 3);
  });

  it('is gated and vented where it is asked', async () => {
    const gate = { side: 'below', at: 0.3, wideMm: 4 } as const;
    const below = await cut({}, { gate, vents: [0.5] });
    expect(measureMesh(below.gate).boundsMm.min[2]).toBeLessThan(measureMesh(below.head).boundsMm.min[2] - 4);
    expect(measureMesh(below.back)).toMatchObject({ watertight: true, flippedEdges: 0 });
    expect(measureMesh(below.pattern).volumeCm3).toBeGreaterThan(measureMesh(below.head).volumeCm3);
  });
});
