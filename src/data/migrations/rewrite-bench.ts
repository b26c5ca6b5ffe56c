import type { Transaction } from 'dexie';
import { applyUpgrade, upgradeHistoryEntry } from '@/records/upgrades/upgrade-contents';
import type { BenchUpgrade, OldRecord } from '@/records/upgrades/upgrade';

/**
 * Brings the named tables up by one step, with the acts that can still be taken back and the benches put by.
 *
 * @example await rewriteBench(transaction, secondToThird, ['molds', 'runs'])
 */
export async function rewriteBench(
  transaction: Transaction,
  step: BenchUpgrade,
  tables: readonly string[],
): Promise<void> {
  const rewrite = async (table: string, up: (record: OldRecord) => OldRecord) => {
    const records = (await transaction.table(table).toArray()) as OldRecord[];
    await transaction.table(table).bulkPut(records.map(up));
  };
  for (const table of tables) await rewrite(table, (record) => step.record(table, record));
  await rewrite('acts', (act) => upgradeHistoryEntry(step, act));
  await rewrite('keepsakes', (keepsake) => ({
    ...keepsake,
    contents: applyUpgrade(step, keepsake.contents as OldRecord),
  }));
}
