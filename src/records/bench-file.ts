import { z } from 'zod';
import { act } from './act';
import { batch } from './batch';
import { beat } from './beat';
import { bench } from './bench';
import { bin } from './bin';
import { build, building } from './build';
import { buyIn, pack, purchase, seller, substitute } from './buying';
import { drawer, photo } from './cabinet';
import { clock } from './clock';
import { coat } from './coat';
import { coatFault } from './coat-fault';
import { entry } from './entry';
import { flaw } from './flaw';
import { heater } from './heater';
import { melt } from './melt';
import { mold } from './mold';
import { outlay } from './outlay';
import { plastic, plasticBatch } from './plastic';
import { rack } from './rack';
import { allowance, kit, match, rig, rigging } from './rig';
import { rule } from './rule';
import { pour, run } from './run';
import { skirt } from './skirt';
import { ticket } from './ticket';
import { tying } from './tying';
import { waterNote } from './water-note';
import { weighing } from './weighing';

export const BENCH_FILE_FORMAT = 'ruvek-bench';
/** Counts up with every change of form; `upgrades/` brings older files up. */
export const BENCH_FILE_VERSION = 9;

/** Everything on the bench. */
const benchContents = z.strictObject({
  bench: z.array(bench).max(1),
  bins: z.array(bin),
  entries: z.array(entry),
  molds: z.array(mold),
  tickets: z.array(ticket),
  runs: z.array(run),
  pours: z.array(pour),
  clocks: z.array(clock),
  weighings: z.array(weighing),
  melts: z.array(melt),
  rules: z.array(rule),
  beats: z.array(beat),
  batches: z.array(batch),
  flaws: z.array(flaw),
  heaters: z.array(heater),
  coats: z.array(coat),
  racks: z.array(rack),
  coatFaults: z.array(coatFault),
  skirts: z.array(skirt),
  tyings: z.array(tying),
  waterNotes: z.array(waterNote),
  builds: z.array(build),
  buildings: z.array(building),
  plastics: z.array(plastic),
  plasticBatches: z.array(plasticBatch),
  rigs: z.array(rig),
  riggings: z.array(rigging),
  allowances: z.array(allowance),
  matches: z.array(match),
  kits: z.array(kit),
  drawers: z.array(drawer),
  photos: z.array(photo),
  sellers: z.array(seller),
  packs: z.array(pack),
  purchases: z.array(purchase),
  substitutes: z.array(substitute),
  outlays: z.array(outlay),
  buyIns: z.array(buyIn),
  acts: z.array(act),
});

export const benchFile = z.strictObject({
  format: z.literal(BENCH_FILE_FORMAT),
  version: z.literal(BENCH_FILE_VERSION),
  savedAt: z.int().min(0),
  contents: benchContents,
});

export type BenchContents = z.infer<typeof benchContents>;
export type BenchFile = z.infer<typeof benchFile>;
export type ContentsTable = keyof BenchContents;

/** Every table of the bench, in the order in which a file lists them. */
export const CONTENTS_TABLES = Object.keys(benchContents.shape) as ContentsTable[];

export const EMPTY_CONTENTS: BenchContents = {
  bench: [],
  bins: [],
  entries: [],
  molds: [],
  tickets: [],
  runs: [],
  pours: [],
  clocks: [],
  weighings: [],
  melts: [],
  rules: [],
  beats: [],
  batches: [],
  flaws: [],
  heaters: [],
  coats: [],
  racks: [],
  coatFaults: [],
  skirts: [],
  tyings: [],
  waterNotes: [],
  builds: [],
  buildings: [],
  plastics: [],
  plasticBatches: [],
  rigs: [],
  riggings: [],
  allowances: [],
  matches: [],
  kits: [],
  drawers: [],
  photos: [],
  sellers: [],
  packs: [],
  purchases: [],
  substitutes: [],
  outlays: [],
  buyIns: [],
  acts: [],
};
