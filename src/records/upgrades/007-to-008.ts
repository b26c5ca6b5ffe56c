import { isRecord, type BenchUpgrade } from './upgrade';

/** Rigs, runs of them, allowances, matches and kits; lengths are told apart in the ledger, lines say what they are. */
export const seventhToEighth: BenchUpgrade = {
  from: 7,
  newTables: ['rigs', 'riggings', 'allowances', 'matches', 'kits'],
  record: (table, old) => {
    if (table === 'entries') return { ...old, lengthId: null };
    if (table !== 'bins' || old.kind !== 'part') return old;
    return { ...old, rigId: null, gauge: isRecord(old.gauge) ? { ...old.gauge, line: null } : old.gauge };
  },
};
