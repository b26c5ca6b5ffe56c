import Dexie, { type EntityTable } from 'dexie';
import type { Act } from '@/records/act';
import type { Batch } from '@/records/batch';
import type { Beat } from '@/records/beat';
import type { Bench } from '@/records/bench';
import type { BenchContents } from '@/records/bench-file';
import type { Bin } from '@/records/bin';
import type { Building, BuildRecord } from '@/records/build';
import type { BuyIn, Pack, Purchase, Seller, Substitute } from '@/records/buying';
import type { Drawer, Photo } from '@/records/cabinet';
import type { Clock } from '@/records/clock';
import type { Coat } from '@/records/coat';
import type { CoatFault } from '@/records/coat-fault';
import type { Entry } from '@/records/entry';
import type { Flaw } from '@/records/flaw';
import type { Heater } from '@/records/heater';
import type { Melt } from '@/records/melt';
import type { Mold } from '@/records/mold';
import type { Outlay } from '@/records/outlay';
import type { PlasticBatchRecord, PlasticRecord } from '@/records/plastic';
import type { Rack } from '@/records/rack';
import type { Allowance, Kit, Match, Rigging, RigRecord } from '@/records/rig';
import type { Rule } from '@/records/rule';
import type { Pour, Run } from '@/records/run';
import type { Skirt } from '@/records/skirt';
import type { Ticket } from '@/records/ticket';
import type { Tying } from '@/records/tying';
import type { WaterNote } from '@/records/water-note';
import type { Weighing } from '@/records/weighing';
import { MIGRATIONS } from './migrations';
import type { Migration } from './migrations/migration';
import type { PackedLedger } from './reading/packed-ledger';

/** A whole bench put by, to go back to. */
export interface Keepsake {
  readonly id: string;
  readonly at: number;
  readonly contents: BenchContents;
}

/** The bench in the browser. Only repositories, `write` and `exchange/` touch its tables. */
export class BenchDatabase extends Dexie {
  bench!: EntityTable<Bench, 'id'>;
  bins!: EntityTable<Bin, 'id'>;
  entries!: EntityTable<Entry, 'id'>;
  molds!: EntityTable<Mold, 'id'>;
  tickets!: EntityTable<Ticket, 'id'>;
  runs!: EntityTable<Run, 'id'>;
  pours!: EntityTable<Pour, 'id'>;
  clocks!: EntityTable<Clock, 'id'>;
  weighings!: EntityTable<Weighing, 'id'>;
  melts!: EntityTable<Melt, 'id'>;
  rules!: EntityTable<Rule, 'id'>;
  beats!: EntityTable<Beat, 'id'>;
  batches!: EntityTable<Batch, 'id'>;
  flaws!: EntityTable<Flaw, 'id'>;
  heaters!: EntityTable<Heater, 'id'>;
  coats!: EntityTable<Coat, 'id'>;
  racks!: EntityTable<Rack, 'id'>;
  coatFaults!: EntityTable<CoatFault, 'id'>;
  skirts!: EntityTable<Skirt, 'id'>;
  tyings!: EntityTable<Tying, 'id'>;
  waterNotes!: EntityTable<WaterNote, 'id'>;
  builds!: EntityTable<BuildRecord, 'id'>;
  buildings!: EntityTable<Building, 'id'>;
  plastics!: EntityTable<PlasticRecord, 'id'>;
  plasticBatches!: EntityTable<PlasticBatchRecord, 'id'>;
  rigs!: EntityTable<RigRecord, 'id'>;
  riggings!: EntityTable<Rigging, 'id'>;
  allowances!: EntityTable<Allowance, 'id'>;
  matches!: EntityTable<Match, 'id'>;
  kits!: EntityTable<Kit, 'id'>;
  drawers!: EntityTable<Drawer, 'id'>;
  photos!: EntityTable<Photo, 'id'>;
  sellers!: EntityTable<Seller, 'id'>;
  packs!: EntityTable<Pack, 'id'>;
  purchases!: EntityTable<Purchase, 'id'>;
  substitutes!: EntityTable<Substitute, 'id'>;
  outlays!: EntityTable<Outlay, 'id'>;
  buyIns!: EntityTable<BuyIn, 'id'>;
  acts!: EntityTable<Act, 'id'>;
  keepsakes!: EntityTable<Keepsake, 'id'>;
  packedLedger!: EntityTable<PackedLedger, 'id'>;

  constructor(name = 'ruvek', migrations: readonly Migration[] = MIGRATIONS) {
    super(name);
    for (const { version, stores, upgrade } of migrations) {
      const declared = this.version(version).stores(stores);
      if (upgrade) declared.upgrade(upgrade);
    }
  }
}
