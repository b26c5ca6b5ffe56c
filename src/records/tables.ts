import type { z } from 'zod';
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
import { allowance, kit, match, pull, rig, rigging } from './rig';
import { rule } from './rule';
import { pour, run } from './run';
import { skirt } from './skirt';
import { ticket } from './ticket';
import { tying } from './tying';
import { waterNote } from './water-note';
import { weighing } from './weighing';

/** A table of the bench: the form of its records, and what one and all of them are called. */
export interface Table {
  readonly schema: z.ZodType<{ readonly id: string }>;
  readonly one: string;
  readonly all: string;
}

/**
 * Every table that the maker writes to, in the order in which a file lists them. The file, the empty bench, the database, the CSV of
 * a table, the history and the search for loose ends all follow from this list.
 */
export const TABLES = {
  bench: { schema: bench, one: 'bench', all: 'bench and pot' },
  bins: { schema: bin, one: 'bin', all: 'bins' },
  entries: { schema: entry, one: 'ledger entry', all: 'ledger entries' },
  molds: { schema: mold, one: 'mold', all: 'molds' },
  tickets: { schema: ticket, one: 'ticket', all: 'tickets' },
  runs: { schema: run, one: 'run', all: 'runs' },
  pours: { schema: pour, one: 'pour', all: 'pours' },
  clocks: { schema: clock, one: 'clock', all: 'clocks' },
  weighings: { schema: weighing, one: 'weighing', all: 'weighings' },
  melts: { schema: melt, one: 'melt', all: 'melts' },
  rules: { schema: rule, one: 'rule', all: 'rules' },
  beats: { schema: beat, one: 'beat', all: 'beats of runs' },
  batches: { schema: batch, one: 'batch', all: 'batches to dress' },
  flaws: { schema: flaw, one: 'flaw', all: 'flaws found' },
  heaters: { schema: heater, one: 'source of heat', all: 'sources of heat' },
  coats: { schema: coat, one: 'color', all: 'colors' },
  racks: { schema: rack, one: 'rack', all: 'racks' },
  coatFaults: { schema: coatFault, one: 'fault', all: 'faults of coats' },
  skirts: { schema: skirt, one: 'skirt', all: 'skirts' },
  tyings: { schema: tying, one: 'run of skirts', all: 'tying runs' },
  waterNotes: { schema: waterNote, one: 'note', all: 'water notes' },
  builds: { schema: build, one: 'build', all: 'builds' },
  buildings: { schema: building, one: 'building run', all: 'building runs' },
  plastics: { schema: plastic, one: 'soft plastic', all: 'soft plastics' },
  plasticBatches: { schema: plasticBatch, one: 'batch of plastic', all: 'batches of plastic' },
  rigs: { schema: rig, one: 'rig', all: 'rigs' },
  riggings: { schema: rigging, one: 'run of rigs', all: 'runs of rigs' },
  allowances: { schema: allowance, one: 'allowance', all: 'allowances for ends' },
  pulls: { schema: pull, one: 'pull', all: 'pulls of knots and crimps' },
  matches: { schema: match, one: 'match', all: 'matches tried' },
  kits: { schema: kit, one: 'trip kit', all: 'trip kits' },
  drawers: { schema: drawer, one: 'drawer', all: 'drawers' },
  photos: { schema: photo, one: 'picture', all: 'pictures' },
  sellers: { schema: seller, one: 'seller', all: 'sellers' },
  packs: { schema: pack, one: 'pack', all: 'packs and prices' },
  purchases: { schema: purchase, one: 'order', all: 'orders to sellers' },
  substitutes: { schema: substitute, one: 'substitute', all: 'substitutes' },
  outlays: { schema: outlay, one: 'outlay', all: 'outlays' },
  buyIns: { schema: buyIn, one: 'price', all: 'prices of bought pieces' },
} as const satisfies Readonly<Record<string, Table>>;

export type TableName = keyof typeof TABLES;
