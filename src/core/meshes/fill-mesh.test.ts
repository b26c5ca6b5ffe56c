import { crossings } from './crossings';
import { fillMesh, type Lattice } from './fill-mesh';
import { loftMesh } from './loft-mesh';
import { measureSkin } from './measure-skin';

const lattice = (side: number, fromMm: number, stepMm: number): Lattice => {
  const places = () => Float64Array.from({ length: side }, (_, at) => fromMm + (at + 0.5) * stepMm);
  return [places(), places(), places()];
};

describe('fillMesh', () => {
  it.each(['round', 'square', 'half'] as const)('fills a %s body to its room', (section) => {
    const body = loftMesh({
      section,
      depth: 0.8,
      profile: [
        [0, -6],
        [5, -2],
        [4, 4],
        [1, 6.5],
      ],
    });
    const inside = fillMesh(body, lattice(60, -7.5, 0.25));
    const cm3 = (inside.reduce((so, each) => so + each, 0) * 0.25 ** 3) / 1000;
    expect(cm3 / measureSkin(body).volumeCm3).toBeCloseTo(1, 2);
  });

  it('counts each wall once where a line meets edges and corners of the mesh', () => {
    // Places on the very edges of a box drawn in round figures.
    const box = loftMesh({
      section: 'square',
      depth: 1,
      profile: [
        [2, 0],
        [2, 4],
      ],
    });
    const places = Float64Array.from([-3, -2, -1, 0, 1, 2, 3]);
    for (const line of crossings(box, 2, places, places)) expect(line.length % 2).toBe(0);
    for (const line of crossings(box, 0, places, Float64Array.from([0, 1, 2, 3, 4])))
      expect(line.length % 2).toBe(0);
  });
});
