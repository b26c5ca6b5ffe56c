import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { BenchDatabase } from '../database';
import { MIGRATIONS } from './index';
import type { Migration } from './migration';

describe('migrations', () => {
  it('count up from 1 without a gap', () => {
    expect(MIGRATIONS.map(({ version }) => version)).toEqual(MIGRATIONS.map((_, index) => index + 1));
  });

  it('open a new bench at the newest version, with a table for everything', async () => {
    const db = new BenchDatabase('new-bench');
    await db.open();
    expect(db.verno).toBe(MIGRATIONS.length);
    expect(db.tables.map((table) => table.name).sort()).toEqual([
      'acts',
      'bench',
      'bins',
      'clocks',
      'entries',
      'keepsakes',
      'molds',
      'pours',
      'runs',
      'tickets',
    ]);
  });

  it('bring an older database up, step by step, with what was in it', async () => {
    // Version 1 as it shipped, written by hand: what browsers out there hold.
    const old = new Dexie('old-bench');
    old.version(1).stores(MIGRATIONS[0]!.stores as Record<string, string>);
    await old.open();
    await old.table('clocks').add({ id: 'clock', name: 'Glue', startedAt: 1, endsAt: 2, silencedAt: null });
    old.close();

    const next: Migration = {
      version: MIGRATIONS.length + 1,
      stores: { clocks: 'id, endsAt' },
      upgrade: (transaction) =>
        transaction
          .table('clocks')
          .toCollection()
          .modify((clock: { name: string }) => {
            clock.name = clock.name.toUpperCase();
          })
          .then(() => undefined),
    };
    const db = new BenchDatabase('old-bench', [...MIGRATIONS, next]);
    expect(await db.clocks.toArray()).toEqual([
      { id: 'clock', name: 'GLUE', startedAt: 1, endsAt: 2, silencedAt: null },
    ]);
    expect(await db.clocks.where('endsAt').equals(2).count()).toBe(1);
  });
});
