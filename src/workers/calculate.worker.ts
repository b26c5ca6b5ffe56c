import { expose } from 'comlink';
import { answer } from '@/calculations/answer';
import { planPours } from '@/core/pours/plan-pours';
import type { ProgramProgress } from '@/core/numeric/integer-program';
import type { JobName, Jobs, WorkerDoor } from './protocol';

type Doers = {
  [Name in JobName]: (
    input: Jobs[Name]['takes'],
    onProgress: (progress: ProgramProgress) => void,
  ) => Promise<Jobs[Name]['gives']>;
};

const DOERS: Doers = {
  calculate: ({ name, input }, onProgress) => answer(name, input, { onProgress }),
  planPours: ({ demand, molds }, onProgress) => planPours(demand, molds, { onProgress }),
};

const door: WorkerDoor = {
  run: (name, input, onProgress) => DOERS[name](input, onProgress),
};

expose(door);
