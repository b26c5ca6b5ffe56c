/**
 * @jest-environment jsdom
 */
import { TextDecoder, TextEncoder } from 'node:util';
import type { BufferGeometry } from 'three';
import { Mesh } from 'three';
import { ThreeMFLoader } from 'three/examples/jsm/loaders/3MFLoader.js';
import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';
import { measureSkin } from '../src/core/meshes/measure-skin';
import { write3mf } from '../src/core/meshes/write-3mf';
import { writeStl } from '../src/core/meshes/write-stl';
import { cutHalves } from '../src/core/molds/cut-halves';
import { USUAL_MAKE } from '../src/core/molds/mold-make';

// The page's environment here lacks what every browser has.
Object.assign(globalThis, { TextDecoder, TextEncoder });

const loose = (geometry: BufferGeometry) => (geometry.getIndex() ? geometry.toNonIndexed() : geometry);

/** Edges of a geometry that are not of exactly two triangles, going opposite ways; corners in one place are one. */
function openEdges(geometry: BufferGeometry): number {
  const places = loose(geometry).getAttribute('position');
  const ways = new Map<string, number>();
  for (let at = 0; at < places.count; at += 3) {
    const corners = [0, 1, 2].map((corner) =>
      [places.getX(at + corner), places.getY(at + corner), places.getZ(at + corner)].join(' '),
    );
    if (new Set(corners).size < 3) continue;
    for (let side = 0; side < 3; side += 1) {
      const [from, to] = [corners[side]!, corners[(side + 1) % 3]!];
      const key = from < to ? `${from} | ${to}` : `${to} | ${from}`;
      ways.set(key, (ways.get(key) ?? 0) + (from < to ? 1 : 1000));
    }
  }
  return [...ways.values()].filter((way) => way !== 1001).length;
}

/** Its room, by its own triangles, cm3. */
function roomOf(geometry: BufferGeometry): number {
  return measureSkin(loose(geometry).getAttribute('position').array).volumeCm3;
}

const HOOK = { wireMm: 1.1, shankMm: 31.5, gapeMm: 12.5 };
const bodies = () =>
  cutHalves({
    cavity: { parts: [{ shape: 'ellipsoid', xMm: 12, yMm: 12, zSizeMm: 18 }] },
    hook: HOOK,
    eyeMm: 4,
    pinMm: null,
    make: { ...USUAL_MAKE, draftDegrees: 1, hasHandle: true },
  });

describe('what is taken away, read by another reader', () => {
  it('3MF: every body under its name, as large and closed', async () => {
    const { head, front, back, pattern } = await bodies();
    const written = { 'Front half': front, 'Back half': back, Casting: head, 'Pattern & gate': pattern };
    const file = write3mf(
      Object.entries(written).map(([name, triangles]) => ({ name, triangles })),
      'Egg <10 g>',
    );
    const read = new ThreeMFLoader().parse(file.buffer);
    const found: Record<string, BufferGeometry> = {};
    read.traverse((each) => {
      if (each instanceof Mesh) found[each.name || each.parent?.name || ''] = each.geometry as BufferGeometry;
    });
    expect(Object.keys(found).toSorted()).toEqual(Object.keys(written).toSorted());
    for (const [name, triangles] of Object.entries(written)) {
      const geometry = found[name]!;
      expect(openEdges(geometry)).toBe(0);
      expect(roomOf(geometry) / measureSkin(triangles).volumeCm3).toBeCloseTo(1, 4);
    }
  });

  it('STL: each half as large and closed', async () => {
    const { front, back } = await bodies();
    for (const half of [front, back]) {
      const geometry = new STLLoader().parse(writeStl(half, 'half').buffer);
      expect(openEdges(geometry)).toBe(0);
      expect(roomOf(geometry) / measureSkin(half).volumeCm3).toBeCloseTo(1, 4);
    }
  });
});
