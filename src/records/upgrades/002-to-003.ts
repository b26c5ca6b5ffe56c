import { isRecord, type BenchUpgrade, type OldRecord } from './upgrade';

const eachWith = (value: unknown, more: OldRecord): unknown =>
  Array.isArray(value)
    ? (value as unknown[]).map((each) => (isRecord(each) ? { ...each, ...more } : each))
    : value;

/** Until the maker says, a disc cools as long as a middling casting. */
const COOL_SECONDS = 30;

const RECORDS: Readonly<Record<string, (old: OldRecord) => OldRecord>> = {
  bench: (old) => ({
    ...old,
    pot: isRecord(old.pot) ? { ...old.pot, meltMinutes: 25 } : old.pot,
    pace: { pourMinutes: 50, restMinutes: 10 },
    safety: null,
  }),
  molds: (old) => ({
    ...old,
    spin: isRecord(old.spin) ? { ...old.spin, coolSeconds: COOL_SECONDS } : old.spin,
    copies: 1,
    maxPours: null,
    warmUpPours: 0,
    warmWork: null,
  }),
  runs: (old) => ({
    // Which block is worked is the beat's to know.
    ...Object.fromEntries(Object.entries(old).filter(([field]) => field !== 'moldIndex')),
    topUps: [],
    blocks: eachWith(old.blocks, { copies: 1 }),
    booking: isRecord(old.booking) ? { ...old.booking, unaccountedG: 0 } : old.booking,
  }),
  pours: (old) => ({ ...old, isWarmUp: false, potC: null, castings: eachWith(old.castings, { flaw: null }) }),
  weighings: (old) => ({ ...old, runId: null }),
};

/**
 * Pours say whether they warmed the block, how hot the pot was and what went wrong; runs are topped up and may
 * leave a gap; molds know copies, bounds and warm work; the bench keeps its pace and the safety checklist.
 */
export const secondToThird: BenchUpgrade = {
  from: 2,
  newTables: ['beats', 'batches', 'flaws'],
  record: (table, old) => RECORDS[table]?.(old) ?? old,
};
