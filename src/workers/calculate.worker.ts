import { expose, transfer } from 'comlink';
import { answer } from '@/calculations/answer';
import { readStl } from '@/core/meshes/read-stl';
import { writeStl } from '@/core/meshes/write-stl';
import { cutHalves } from '@/core/molds/cut-halves';
import { sitOnBottom } from '@/core/molds/sit-on-bottom';
import { studyMesh, studySolid } from '@/core/molds/study-body';
import { planPours } from '@/core/pours/plan-pours';
import { done } from '@/core/problems/problem';
import type { JobName, Jobs, WorkerDoor } from './protocol';

type Doers = {
  [Name in JobName]: (
    input: Jobs[Name]['takes'],
    onProgress: (progress: Jobs[Name]['tells']) => void,
  ) => Promise<Jobs[Name]['gives']> | Jobs[Name]['gives'];
};

const scaled = (triangles: Float32Array, scale: number) =>
  scale === 1 ? triangles : triangles.map((value) => value * scale);

const DOERS: Doers = {
  calculate: ({ name, input }, onProgress) => answer(name, input, { onProgress }),
  planPours: ({ demand, molds }, onProgress) => planPours(demand, molds, { onProgress }),
  readStl: ({ bytes }, onProgress) => {
    const read = readStl(bytes, { onProgress: (share) => onProgress({ share }) });
    if (!read.ok) return read;
    const body = studyMesh(read.value);
    return transfer(done(body), [body.sketch.buffer]);
  },
  studyBody: ({ solid, scale }) => studySolid(solid, scale),
  sitOnBottom,
  cutMold: async ({ spec, scale, title }) => {
    const { head, front, back } = await cutHalves(spec);
    return {
      head: writeStl(scaled(head, scale), `${title}, cold casting`),
      front: writeStl(front, `${title}, front half`),
      back: writeStl(back, `${title}, back half`),
    };
  },
};

const door: WorkerDoor = {
  run: async (name, input, onProgress) => DOERS[name](input, onProgress),
};

expose(door);
