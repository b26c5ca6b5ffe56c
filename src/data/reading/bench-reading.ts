import type { Repositories } from '../repositories/open-repositories';
import type { BenchDatabase } from '../database';
import { followBench, type Slices } from './follow-bench';
import { ledgerReader } from './ledger';
import type { LedgerReading } from '@/records/ledger-reading';
import type { BenchReading, RunReading, HistoryReading } from '@/records/bench-reading';

type Sliced = Omit<BenchReading, keyof LedgerReading | keyof RunReading | keyof HistoryReading> & {
  readonly ledger: LedgerReading;
  readonly underWay: RunReading;
  readonly history: HistoryReading;
};

async function readRun(runs: Repositories['runs']): Promise<RunReading> {
  const run = (await runs.current()) ?? null;
  if (!run) return { run, beat: null, pours: [] };
  return { run, beat: (await runs.beat(run.id)) ?? null, pours: await runs.pours(run.id) };
}

async function readHistory(history: Repositories['history']): Promise<HistoryReading> {
  const offers = await history.offers();
  return { undo: offers.undo?.deed ?? null, redo: offers.redo?.deed ?? null };
}

function slicesOf(db: BenchDatabase, its: Repositories): Slices<Sliced> {
  return {
    ledger: { tables: ['entries'], read: ledgerReader(db) },
    underWay: { tables: ['runs', 'beats', 'pours'], read: () => readRun(its.runs) },
    history: { tables: ['acts'], read: () => readHistory(its.history) },
    bench: { tables: ['bench'], read: its.bench.read },
    isBare: { tables: ['acts', 'bins', 'molds', 'tickets'], read: its.bench.isBare },
    bins: { tables: ['bins'], read: its.shelf.bins },
    molds: { tables: ['molds'], read: its.molds.all },
    tickets: { tables: ['tickets'], read: its.tickets.all },
    runs: { tables: ['runs'], read: its.runs.all },
    clocks: { tables: ['clocks'], read: its.clocks.all },
    weighings: { tables: ['weighings'], read: its.weighings.all },
    batches: { tables: ['batches'], read: its.batches.all },
    flaws: { tables: ['flaws'], read: its.batches.flaws },
    melts: { tables: ['melts'], read: its.metals.melts },
    rules: { tables: ['rules'], read: its.rules.all },
    heaters: { tables: ['heaters'], read: its.coats.heaters },
    coats: { tables: ['coats'], read: its.coats.all },
    racks: { tables: ['racks'], read: its.racks.all },
    coatFaults: { tables: ['coatFaults'], read: its.racks.faults },
    skirts: { tables: ['skirts'], read: its.skirts.all },
    tyings: { tables: ['tyings'], read: its.tyings.all },
    waterNotes: { tables: ['waterNotes'], read: its.water.all },
    builds: { tables: ['builds'], read: its.builds.all },
    buildings: { tables: ['buildings'], read: its.buildings.all },
    plastics: { tables: ['plastics'], read: its.plastics.all },
    plasticBatches: { tables: ['plasticBatches'], read: its.plastics.batches },
    rigs: { tables: ['rigs'], read: its.rigs.all },
    riggings: { tables: ['riggings'], read: its.riggings.all },
    allowances: { tables: ['allowances'], read: its.rigs.allowances },
    pulls: { tables: ['pulls'], read: its.rigs.pulls },
    matches: { tables: ['matches'], read: its.rigs.matches },
    kits: { tables: ['kits'], read: its.kits.all },
    drawers: { tables: ['drawers'], read: its.cabinet.drawers },
    sellers: { tables: ['sellers'], read: its.buying.sellers },
    packs: { tables: ['packs'], read: its.buying.packs },
    purchases: { tables: ['purchases'], read: its.buying.purchases },
    substitutes: { tables: ['substitutes'], read: its.buying.substitutes },
    buyIns: { tables: ['buyIns'], read: its.buying.buyIns },
    outlays: { tables: ['outlays'], read: its.outlays.all },
  };
}

/**
 * Follows the whole bench for the stations: a reading at the start and with every change, of which only what
 * changed is read anew; what did not is the very same object. Gives what ends the following.
 */
export function followWholeBench(
  db: BenchDatabase,
  its: Repositories,
  onReading: (reading: BenchReading) => void,
  onFailure: (error: unknown) => void,
): () => void {
  return followBench<Sliced>(
    db,
    slicesOf(db, its),
    ({ ledger, underWay, history, ...rest }) => onReading({ ...rest, ...ledger, ...underWay, ...history }),
    onFailure,
  );
}
