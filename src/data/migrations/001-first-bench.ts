import type { Migration } from './migration';

/** The first bench: shelf and ledger, molds, tickets, runs and their pours, clocks, and the acts that wrote them. */
export const firstBench: Migration = {
  version: 1,
  stores: {
    bench: 'id',
    bins: 'id, kind',
    entries: 'id, binId, at, runId, ticketId',
    molds: 'id',
    tickets: 'id, no, state',
    runs: 'id, no, state',
    pours: 'id, runId',
    clocks: 'id',
    acts: 'id, no',
    keepsakes: 'id',
  },
};
