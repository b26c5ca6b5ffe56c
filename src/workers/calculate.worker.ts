import { expose, transfer } from 'comlink';
import { answer } from '@/calculations/answer';
import { mainColors } from '@/core/coats/color/main-colors';
import { rackLoads } from '@/core/coats/rack/rack-loads';
import { measureMesh } from '@/core/meshes/measure-mesh';
import { readStl } from '@/core/meshes/read-stl';
import { writeStl } from '@/core/meshes/write-stl';
import { cutHalves, type MoldSpec } from '@/core/molds/cut-halves';
import { layMesh } from '@/core/molds/lay-mesh';
import { sitOnBottom } from '@/core/molds/sit-on-bottom';
import { studyMesh, studySolid } from '@/core/molds/study-body';
import { planPours } from '@/core/pours/plan-pours';
import { planCuts } from '@/core/rigs/cuts/plan-cuts';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { forecastUse } from '@/core/stock/forecast-use';
import { planOrders } from '@/core/stock/plan-orders';
import { mixStock } from '@/core/stock/mix-stock';
import { done, fail, type Outcome } from '@/core/problems/problem';
import type { JobName, Jobs, WorkerDoor } from './protocol';

type Doers = {
  [Name in JobName]: (
    input: Jobs[Name]['takes'],
    onProgress: (progress: Jobs[Name]['tells']) => void,
  ) => Promise<Jobs[Name]['gives']> | Jobs[Name]['gives'];
};

/** Longest side of a photo by which its colors are told, pixels. */
const PHOTO_SIDE = 640;

const scaled = (triangles: Float32Array, scale: number) =>
  scale === 1 ? triangles : triangles.map((value) => value * scale);

/** A photo brought down to what its colors need; null where the browser cannot read it. */
async function decodePhoto(file: Blob): Promise<ImageData | null> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const scale = Math.min(1, PHOTO_SIDE / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [bitmap.width, bitmap.height].map((side) => Math.max(1, Math.round(side * scale)));
  if (!width || !height) return null;
  const context = new OffscreenCanvas(width, height).getContext('2d');
  context?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return context?.getImageData(0, 0, width, height) ?? null;
}

const bytesOf = async (file: Blob) => new Uint8Array(await file.arrayBuffer());

/** The cavity of a mold; a mesh that is not closed has no inside to cut out. */
async function cavityOf(body: Jobs['cutMold']['takes']['body']): Promise<Outcome<MoldSpec['cavity']>> {
  if ('solid' in body) return done(body.solid);
  const read = readStl(await bytesOf(body.file));
  if (!read.ok) return read;
  const laid = layMesh(read.value, body.scale);
  const { openEdges, flippedEdges } = measureMesh(laid);
  return openEdges + flippedEdges > 0 ? fail('mesh.not-closed', { openEdges, flippedEdges }) : done({ laid });
}

/** The month, 0 to 11, of a day counted from the start of a year. */
function monthOf(day: number): number {
  return new Date(Date.UTC(2001, 0, 1 + day)).getUTCMonth();
}

const DOERS: Doers = {
  calculate: ({ name, input }, onProgress) => answer(name, input, { onProgress }),
  planPours: ({ demand, molds, timeLimitS }, onProgress) =>
    planPours(demand, molds, { onProgress, ...(timeLimitS === undefined ? {} : { timeLimitS }) }),
  mixStock: ({ recipes, shelf, timeLimitS }, onProgress) =>
    mixStock(recipes, shelf, { onProgress, ...(timeLimitS === undefined ? {} : { timeLimitS }) }),
  planCuts: ({ stock, pieces, kerfMm, timeLimitS }, onProgress) =>
    planCuts(stock, pieces, kerfMm, { onProgress, ...(timeLimitS === undefined ? {} : { timeLimitS }) }),
  planOrders: ({ short, packs, posts, timeLimitS }, onProgress) =>
    planOrders(short, packs, posts, { onProgress, ...(timeLimitS === undefined ? {} : { timeLimitS }) }),
  forecastUse: ({ bins, season, startOfYearDay, seed }) => {
    const random = repeatableRandom(seed);
    const busy = (day: number) => season[monthOf(startOfYearDay + day)] ?? 1;
    return bins.map(({ id, ...use }) => ({ id, runOut: forecastUse({ ...use, season: busy, random }) }));
  },
  readStl: async ({ file }, onProgress) => {
    const read = readStl(await bytesOf(file), { onProgress: (share) => onProgress({ share }) });
    if (!read.ok) return read;
    const body = studyMesh(read.value);
    return transfer(done(body), [body.sketch.buffer]);
  },
  studyBody: ({ solid, scale }) => studySolid(solid, scale),
  sitOnBottom,
  photoColors: async ({ file }) => {
    const pixels = await decodePhoto(file);
    if (!pixels) return fail('photo.unreadable', { type: file.type });
    const colors = mainColors(pixels);
    return colors.length > 0 ? done(colors) : fail('photo.nothing-seen', {});
  },
  rackLoads: ({ groups, cureMinutes, rack, timeLimitS }) =>
    rackLoads(groups, cureMinutes, rack, { timeLimitS }),
  cutMold: async ({ spec, body, coldScale, title }) => {
    const cavity = await cavityOf(body);
    if (!cavity.ok) return cavity;
    const { head, front, back } = await cutHalves({ ...spec, cavity: cavity.value });
    return done({
      head: writeStl(scaled(head, coldScale), `${title}, cold casting`),
      front: writeStl(front, `${title}, front half`),
      back: writeStl(back, `${title}, back half`),
    });
  },
};

const door: WorkerDoor = {
  run: async (name, input, onProgress) => DOERS[name](input, onProgress),
};

expose(door);
