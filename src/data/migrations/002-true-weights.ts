import { firstToSecond } from '@/records/upgrades/001-to-002';
import { applyUpgrade, upgradeAct } from '@/records/upgrades/upgrade-contents';
import type { OldRecord } from '@/records/upgrades/upgrade';
import type { Migration } from './migration';

const KEPT = ['bench', 'bins', 'molds'];

/** Weighings, melts and rules; cavities known by name; benches put by are brought up with the rest. */
export const trueWeights: Migration = {
  version: 2,
  stores: { weighings: 'id, moldId, metalBinId', melts: 'id, no', rules: 'id' },
  upgrade: async (transaction) => {
    const rewrite = async (table: string, up: (record: OldRecord) => OldRecord) => {
      const records = (await transaction.table(table).toArray()) as OldRecord[];
      await transaction.table(table).bulkPut(records.map(up));
    };
    for (const table of KEPT) await rewrite(table, (record) => firstToSecond.record(table, record));
    await rewrite('acts', (act) => upgradeAct(firstToSecond, act));
    await rewrite('keepsakes', (keepsake) => ({
      ...keepsake,
      contents: applyUpgrade(firstToSecond, keepsake.contents as OldRecord),
    }));
  },
};
