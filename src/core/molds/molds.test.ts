import { measureMesh } from '../meshes/measure-mesh';
import { readStl } from '../meshes/read-stl';
import { writeStl } from '../meshes/write-stl';
import { CAVITY_FORMS } from '../solids/forms';
import { measureSolid } from '../solids/measure-solid';
import { cutHalves, type MoldSpec } from './cut-halves';
import { atKernel, trianglesOf } from './kernel';
import { layMesh } from './lay-mesh';
import { raiseSolid } from './raise-solid';
import { studySolid } from './study-body';

const HOOK = { wireMm: 1.1, shankMm: 31.5, gapeMm: 12.5 };
const specs = CAVITY_FORMS.map((form): [string, MoldSpec] => [
  form.key,
  { cavity: form.solid({}), hook: null, eyeMm: 4, pinMm: null },
]);

describe('raiseSolid', () => {
  it.each(CAVITY_FORMS.map((form) => [form.key, form] as const))(
    'raises a %s to its volume',
    async (_, form) => {
      const solid = form.solid({});
      const measured = measureSolid(solid);
      const triangles = await atKernel((bench) => trianglesOf(raiseSolid(bench, solid)));
      const mesh = measureMesh(triangles);
      expect(mesh).toMatchObject({ watertight: true, flippedEdges: 0 });
      expect(measured.ok && mesh.volumeCm3 / measured.value.volumeCm3).toBeCloseTo(1, 2);
    },
  );
});

/** Head, gate and halves joined again: what share of the block they fill. */
async function filled(spec: MoldSpec): Promise<number> {
  const bodies = await cutHalves(spec);
  for (const half of [bodies.front, bodies.back]) {
    const back = readStl(writeStl(half, 'half'));
    if (!back.ok) throw new Error(back.problem.code);
    expect(measureMesh(back.value)).toMatchObject({ watertight: true, flippedEdges: 0 });
  }
  return atKernel(({ kernel, keep, fromTriangles }) => {
    const parts = [bodies.front, bodies.back, bodies.head, bodies.gate].map(fromTriangles);
    return keep(kernel.Manifold.union(parts)).volume() / bodies.blockMm3;
  });
}

describe('cutHalves', () => {
  it.each(specs)('of a %s give the block back with head and gate, and are closed', async (_, spec) => {
    expect(Math.abs((await filled(spec)) - 1)).toBeLessThan(1e-3);
  });

  it('leaves room for a hook, and hardly more', async () => {
    const round = { parts: [{ shape: 'sphere', diameterMm: 12 }] } as const;
    const share = await filled({ cavity: round, hook: HOOK, eyeMm: 4, pinMm: null });
    expect(share).toBeLessThan(1);
    expect(1 - share).toBeLessThan(1e-3);
  });

  it('cuts round a mesh as round the solid it came from', async () => {
    const egg = { parts: [{ shape: 'ellipsoid', xMm: 13, yMm: 13, zSizeMm: 19 }] } as const;
    const { sketch } = await studySolid(egg, 1);
    const laid = layMesh(sketch, 1);
    const share = await filled({ cavity: { laid }, hook: null, eyeMm: 4, pinMm: null });
    expect(Math.abs(share - 1)).toBeLessThan(1e-3);
  });

  it('lets a pin through from edge to edge', async () => {
    const egg = { parts: [{ shape: 'ellipsoid', xMm: 13, yMm: 13, zSizeMm: 19 }] } as const;
    const bare = await cutHalves({ cavity: egg, hook: null, eyeMm: 0, pinMm: null });
    const pinned = await cutHalves({ cavity: egg, hook: null, eyeMm: 0, pinMm: 2.4 });
    const lost = (measureMesh(bare.front).volumeCm3 - measureMesh(pinned.front).volumeCm3) * 1000;
    // Half the pin's section, over both walls; the front half has no vents.
    expect(lost / ((Math.PI / 8) * 2.4 ** 2 * 28)).toBeCloseTo(1, 1);
  });
});
