import Dexie, { type EntityTable } from 'dexie';
import type { BenchContents, ContentsTable } from '@/records/bench-file';
import { MIGRATIONS } from './migrations';
import type { Migration } from './migrations/migration';
import type { PackedLedger } from './packed-columns';

/** A whole bench put by, to go back to. */
export interface Keepsake {
  readonly id: string;
  readonly at: number;
  readonly contents: BenchContents;
}

type BenchTables = { readonly [Table in ContentsTable]: EntityTable<BenchContents[Table][number], 'id'> };

/** Dexie makes the tables when it is opened: they are there, though no line of ours puts them there. */
const TablesDexie = Dexie as unknown as new (name: string) => Dexie & BenchTables;

/** The bench in the browser. Only repositories, `write` and `exchange/` touch its tables. */
export class BenchDatabase extends TablesDexie {
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
