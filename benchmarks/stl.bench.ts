import { performance } from 'node:perf_hooks';
import { measureMesh } from '@/core/meshes/measure-mesh';
import { readStl } from '@/core/meshes/read-stl';
import { writeStl } from '@/core/meshes/write-stl';
import { ballMesh } from '../tests/support/test-meshes';

/** Facets round the ball: a million triangles in all. */
const AROUND = 1002;
const TRIES = 3;

function best(work: () => void): number {
  const times = Array.from({ length: TRIES }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return Math.min(...times) / 1000;
}

/** The least that any reader must do: touch every number of the file once. */
function barePass(bytes: Uint8Array): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  let total = 0;
  for (let at = 84; at + 50 <= bytes.length; at += 50) {
    for (let number = 12; number < 48; number += 4) total += view.getFloat32(at + number, true);
  }
  return total;
}

/** Reading and measuring a large STL against a bare pass over the same bytes. */
export function benchStl(): string {
  const bytes = writeStl(ballMesh(10, AROUND), 'bench');
  const triangles = (bytes.length - 84) / 50;
  const bare = best(() => void barePass(bytes));
  const read = best(() => void readStl(bytes));
  const whole = best(() => {
    const mesh = readStl(bytes);
    if (mesh.ok) measureMesh(mesh.value);
  });
  const rate = (seconds: number) => `${Math.round(triangles / seconds / 1000)} thousand triangles a second`;
  return [
    `STL of ${triangles} triangles`,
    `  bare pass over the bytes: ${rate(bare)}`,
    `  read: ${rate(read)}, ${(read / bare).toFixed(1)} times a bare pass`,
    `  read and measured: ${rate(whole)}, ${(whole / bare).toFixed(1)} times a bare pass`,
  ].join('\n');
}
