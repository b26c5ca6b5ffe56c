import { isRecord, type BenchUpgrade } from './upgrade';

/** A trailer has a shape; nobody had said one. A ticket may ask for something bought, which nothing kept did. */
export const thirteenthToFourteenth: BenchUpgrade = {
  from: 13,
  newTables: [],
  record: (table, old) =>
    table === 'bins' && isRecord(old.gauge) ? { ...old, gauge: { ...old.gauge, shape: null } } : old,
};
