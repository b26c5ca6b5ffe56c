import { beadCm3 } from './bead-volume';

/** The bead in thin rings round its hole. */
function inRings(acrossMm: number, holeMm: number): number {
  const rings = 20_000;
  const wide = (acrossMm - holeMm) / 2 / rings;
  let mm3 = 0;
  for (let at = 0; at < rings; at += 1) {
    const radius = holeMm / 2 + (at + 0.5) * wide;
    mm3 += 2 * Math.PI * radius * wide * 2 * Math.sqrt((acrossMm / 2) ** 2 - radius ** 2);
  }
  return mm3 / 1000;
}

it.each([
  [6, 2],
  [10, 0],
  [4, 3.5],
])('a bead of %d mm with a hole of %d mm holds what its rings hold', (acrossMm, holeMm) =>
  expect(beadCm3(acrossMm, holeMm)).toBeCloseTo(inRings(acrossMm, holeMm), 5),
);

it('holds nothing where the hole is as wide as the bead', () => expect(beadCm3(4, 4)).toBe(0));
