import { expose, transfer } from 'comlink';
import type { BodySource } from '@/core/molds/body-source';
import type { PicturePixels } from '@/core/sight/picture';
import { done, fail, type Outcome } from '@/core/problems/problem';
import type { CastTask, JobName, Jobs, WorkerDoor } from './protocol';

/** Each job brings its own code when it is first asked for: a worker that plans pours need not read all that cuts molds. */
type Doers = {
  [Name in JobName]: (
    input: Jobs[Name]['takes'],
    onProgress: (progress: Jobs[Name]['tells']) => void,
  ) => Promise<Jobs[Name]['gives']>;
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

/** How finely pictures are pressed: to be looked at, and to be measured. */
const [SHOWN_QUALITY, TAKEN_QUALITY] = [0.8, 0.93];

/** A picture with all its pixels, the right way up; null where the browser cannot read it. */
async function decodeWhole(file: Blob): Promise<ImageData | null> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap || bitmap.width === 0 || bitmap.height === 0) return null;
  const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext('2d');
  context?.drawImage(bitmap, 0, 0);
  const whole = context?.getImageData(0, 0, bitmap.width, bitmap.height) ?? null;
  bitmap.close();
  return whole;
}

/** As fine as a mat is shown: finer, its picture alone would keep the page busy. */
const SHOWN_PX_PER_MM = 6;

/** Pixels as a file, so many times as large: pressed here, so that the page has nothing to do but show it. */
function pictureOf({ width, height, data }: PicturePixels, quality: number, times = 1): Promise<Blob> {
  const whole = new OffscreenCanvas(width, height);
  whole.getContext('2d')?.putImageData(new ImageData(data, width, height), 0, 0);
  if (times === 1) return whole.convertToBlob({ type: 'image/jpeg', quality });
  const small = new OffscreenCanvas(Math.round(width * times), Math.round(height * times));
  small.getContext('2d')?.drawImage(whole, 0, 0, small.width, small.height);
  return small.convertToBlob({ type: 'image/jpeg', quality });
}

/** Corners of a full round in what is cut from a mesh, and cells that a cavity is filled by. */
const [ROUND, FILL_CELLS] = [48, 60_000];

const bytesOf = async (file: Blob) => new Uint8Array(await file.arrayBuffer());

/** A body raised as a mesh, laid along x; a mesh that is not closed has no inside. */
async function laidBody(source: BodySource): Promise<Outcome<Float32Array>> {
  if ('loft' in source) {
    const [{ loftMesh }, { alongX }] = await Promise.all([
      import('@/core/meshes/loft-mesh'),
      import('@/core/meshes/along-x'),
    ]);
    return done(alongX(loftMesh(source.loft, ROUND)));
  }
  if ('solid' in source) {
    const { raiseBody } = await import('@/core/molds/raise-body');
    return done(await raiseBody(source.solid, ROUND));
  }
  const [{ readStl }, { layMesh }, { measureMesh }] = await Promise.all([
    import('@/core/meshes/read-stl'),
    import('@/core/molds/lay-mesh'),
    import('@/core/meshes/measure-mesh'),
  ]);
  const read = readStl(await bytesOf(source.file));
  if (!read.ok) return read;
  const laid = layMesh(read.value, source.scale);
  const { openEdges, flippedEdges } = measureMesh(laid);
  return openEdges + flippedEdges > 0 ? fail('mesh.not-closed', { openEdges, flippedEdges }) : done(laid);
}

/** A casting with its body raised, in a mold as slow as the maker's own timed head says. */
async function castOf({ source, casting, setting, timed }: CastTask) {
  const body = await laidBody(source);
  if (!body.ok) return body;
  const { slowedMold, slowerBy } = await import('@/core/freezing/slower-by');
  const slower = timed ? slowerBy(timed.head, timed.setting) : 1;
  return done({
    casting: { ...casting, body: body.value },
    setting: { ...setting, mold: slowedMold(setting.mold, slower) },
    slower,
  });
}

/** The month, 0 to 11, of a day counted from the start of a year. */
function monthOf(day: number): number {
  return new Date(Date.UTC(2001, 0, 1 + day)).getUTCMonth();
}

/** What a solver is told beside its problem. */
function solving<Progress>(timeLimitS: number | undefined, onProgress: (progress: Progress) => void) {
  return { onProgress, ...(timeLimitS === undefined ? {} : { timeLimitS }) };
}

const DOERS: Doers = {
  calculate: async ({ name, input }, onProgress) => {
    const { answer } = await import('@/calculations/answer');
    return answer(name, input, { onProgress });
  },
  planPours: async ({ demand, molds, timeLimitS }, onProgress) => {
    const { planPours } = await import('@/core/pours/plan-pours');
    return planPours(demand, molds, solving(timeLimitS, onProgress));
  },
  mixStock: async ({ recipes, shelf, timeLimitS }, onProgress) => {
    const { mixStock } = await import('@/core/stock/mix-stock');
    return mixStock(recipes, shelf, solving(timeLimitS, onProgress));
  },
  planCuts: async ({ stock, pieces, kerfMm, timeLimitS }, onProgress) => {
    const { planCuts } = await import('@/core/rigs/cuts/plan-cuts');
    return planCuts(stock, pieces, kerfMm, solving(timeLimitS, onProgress));
  },
  planOrders: async ({ short, packs, posts, timeLimitS }, onProgress) => {
    const { planOrders } = await import('@/core/stock/plan-orders');
    return planOrders(short, packs, posts, solving(timeLimitS, onProgress));
  },
  forecastUse: async ({ bins, season, startOfYearDay, seed }) => {
    const [{ forecastUse }, { repeatableRandom }] = await Promise.all([
      import('@/core/stock/forecast-use'),
      import('@/core/numeric/repeatable-random'),
    ]);
    const random = repeatableRandom(seed);
    const busy = (day: number) => season[monthOf(startOfYearDay + day)] ?? 1;
    return bins.map(({ id, ...use }) => ({ id, runOut: forecastUse({ ...use, season: busy, random }) }));
  },
  planWeek: async ({ shop, spreads }) => {
    const { planWeek } = await import('@/core/schedule/plan-week');
    return planWeek(shop, spreads);
  },
  readStl: async ({ file }, onProgress) => {
    const [{ readStl }, { studyMesh }] = await Promise.all([
      import('@/core/meshes/read-stl'),
      import('@/core/molds/study-body'),
    ]);
    const read = readStl(await bytesOf(file), { onProgress: (share) => onProgress({ share }) });
    if (!read.ok) return read;
    const body = studyMesh(read.value);
    return transfer(done(body), [body.sketch.buffer]);
  },
  studyBody: async ({ solid, scale }) => {
    const { studySolid } = await import('@/core/molds/study-body');
    return studySolid(solid, scale);
  },
  sitOnBottom: async (input) => {
    const { sitOnBottom } = await import('@/core/molds/sit-on-bottom');
    return sitOnBottom(input);
  },
  photoColors: async ({ file }) => {
    const { mainColors } = await import('@/core/coats/color/main-colors');
    const pixels = await decodePhoto(file);
    if (!pixels) return fail('photo.unreadable', { type: file.type });
    const colors = mainColors(pixels);
    return colors.length > 0 ? done(colors) : fail('photo.nothing-seen', {});
  },
  seeMat: async ({ file, printed }, onProgress) => {
    const whole = await decodeWhole(file);
    if (!whole) return fail('photo.unreadable', { type: file.type });
    onProgress({ share: 0.05 });
    const [{ loadCv }, { seeMat }, { toldMat }] = await Promise.all([
      import('./load-cv'),
      import('@/core/sight/see-mat'),
      import('@/core/sight/told-mat'),
    ]);
    const { cv } = await loadCv();
    onProgress({ share: 0.25 });
    const seen = seeMat(cv, whole, printed, (share) => onProgress({ share: 0.25 + 0.6 * share }));
    if (!seen.ok) return seen;
    const told = toldMat(seen.value);
    onProgress({ share: 0.9 });
    const times = Math.min(1, SHOWN_PX_PER_MM / told.pxPerMm);
    return done({ ...told, straight: await pictureOf(seen.value.straight, SHOWN_QUALITY, times) });
  },
  poseMat: async ({ what, seed, widthPx }) => {
    const [{ posedScene }, { takePicture }, { repeatableRandom }] = await Promise.all([
      import('@/core/posed/posed-scenes'),
      import('@/core/posed/take-picture'),
      import('@/core/numeric/repeatable-random'),
    ]);
    const size = { width: widthPx, height: Math.round(widthPx * 0.75) };
    return pictureOf(takePicture(posedScene(what, size, repeatableRandom(seed))), TAKEN_QUALITY);
  },
  freezeCasting: async ({ mostBricks, ...task }, onProgress) => {
    const cast = await castOf(task);
    if (!cast.ok) return cast;
    const [{ judgeCasting }, { pictureFreeze }, { freezeDrawing }] = await Promise.all([
      import('@/core/freezing/judge-casting'),
      import('@/core/freezing/picture-freeze'),
      import('@/drawing/freeze-section'),
    ]);
    const { casting, setting, slower } = cast.value;
    const judged = judgeCasting(casting, setting, {
      mostBricks,
      mostCells: FILL_CELLS,
      onProgress: (share) => onProgress({ share }),
    });
    const picture = pictureFreeze(casting, setting, judged, slower);
    return done({ picture, drawing: freezeDrawing(picture) });
  },
  mendCasting: async ({ can, ...task }, onProgress) => {
    const cast = await castOf(task);
    if (!cast.ok) return cast;
    const { mendCasting } = await import('@/core/freezing/mend-casting');
    const { casting, setting } = cast.value;
    return done(mendCasting(casting, setting, can, { onProgress: (share) => onProgress({ share }) }));
  },
  rackLoads: async ({ groups, cureMinutes, rack, timeLimitS }) => {
    const { rackLoads } = await import('@/core/coats/rack/rack-loads');
    return rackLoads(groups, cureMinutes, rack, { timeLimitS });
  },
  cutMold: async ({ spec, body, coldScale, title, what, as }) => {
    const [{ cutHalves }, { writeStl }, { write3mf }] = await Promise.all([
      import('@/core/molds/cut-halves'),
      import('@/core/meshes/write-stl'),
      import('@/core/meshes/write-3mf'),
    ]);
    const laid = await laidBody(body);
    if (!laid.ok) return laid;
    const { head, front, back, pattern, walls } = await cutHalves({ ...spec, cavity: { laid: laid.value } });
    const bodies = {
      head: [['head', 'cold casting', scaled(head, coldScale)]],
      halves: [
        ['front', 'front half', front],
        ['back', 'back half', back],
      ],
      pattern: [['pattern', 'pattern with its gate', pattern]],
    } as const;
    const chosen = bodies[what];
    const files =
      as === '3mf'
        ? [
            {
              part: what,
              bytes: write3mf(
                chosen.map(([, name, triangles]) => ({ name, triangles })),
                title,
              ),
            },
          ]
        : chosen.map(([part, name, triangles]) => ({
            part,
            bytes: writeStl(triangles, `${title}, ${name}`),
          }));
    return done({ files, walls });
  },
  raiseMold: async ({ spec, body, coldScale }) => {
    const [{ cutHalves }, { raiseWire }] = await Promise.all([
      import('@/core/molds/cut-halves'),
      import('@/core/molds/raise-wire'),
    ]);
    const laid = await laidBody(body);
    if (!laid.ok) return laid;
    const { head, gate, front, back } = await cutHalves({ ...spec, cavity: { laid: laid.value } });
    const topMm = head.reduce((most, value, at) => (at % 3 === 2 ? Math.max(most, value) : most), -Infinity);
    const hook = spec.hook ? await raiseWire(spec.hook, { eyeMm: spec.eyeMm, topMm }) : null;
    const { litBody } = await import('./lit-body');
    const raised = {
      head: litBody(scaled(head, coldScale)),
      gate: litBody(scaled(gate, coldScale)),
      front: litBody(front),
      back: litBody(back),
      hook: hook && litBody(hook),
    };
    return transfer(
      done(raised),
      [raised.head, raised.gate, raised.front, raised.back, ...(raised.hook ? [raised.hook] : [])].flatMap(
        ({ triangles, normals }) => [triangles.buffer, normals.buffer],
      ),
    );
  },
};

const door: WorkerDoor = { run: async (name, input, onProgress) => DOERS[name](input, onProgress) };

expose(door);
