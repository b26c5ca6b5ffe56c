import type { Batch } from '@/records/batch';
import type { Beat } from '@/records/beat';
import type { Bench } from '@/records/bench';
import type { Bin } from '@/records/bin';
import type { Building, BuildRecord } from '@/records/build';
import type { BuyIn, Pack, Purchase, Seller, Substitute } from '@/records/buying';
import type { Drawer } from '@/records/cabinet';
import type { Clock } from '@/records/clock';
import type { Coat } from '@/records/coat';
import type { CoatFault } from '@/records/coat-fault';
import type { Flaw } from '@/records/flaw';
import type { Heater } from '@/records/heater';
import type { Melt } from '@/records/melt';
import type { Mold } from '@/records/mold';
import type { Outlay } from '@/records/outlay';
import type { PlasticBatchRecord, PlasticRecord } from '@/records/plastic';
import type { Pour, Run } from '@/records/run';
import type { Rack } from '@/records/rack';
import type { Allowance, Kit, Match, Rigging, RigRecord } from '@/records/rig';
import type { Rule } from '@/records/rule';
import type { Skirt } from '@/records/skirt';
import type { Ticket } from '@/records/ticket';
import type { Tying } from '@/records/tying';
import type { WaterNote } from '@/records/water-note';
import type { Weighing } from '@/records/weighing';
import type { Repositories } from '../repositories/open-repositories';
import type { BenchDatabase } from '../database';
import { followBench, type Slices } from './follow-bench';
import { ledgerReader, type LedgerReading } from './ledger';

/** The run under way. */
interface RunReading {
  readonly run: Run | null;
  /** Where the blocks of the run stand. */
  readonly beat: Beat | null;
  readonly pours: readonly Pour[];
}

/** What undo and redo would take. */
interface HistoryReading {
  readonly undo: string | null;
  readonly redo: string | null;
}

/** What is read from the bench. */
export interface BenchReading extends LedgerReading, RunReading, HistoryReading {
  readonly bench: Bench;
  readonly isBare: boolean;
  readonly bins: readonly Bin[];
  readonly molds: readonly Mold[];
  readonly tickets: readonly Ticket[];
  readonly runs: readonly Run[];
  readonly clocks: readonly Clock[];
  readonly weighings: readonly Weighing[];
  readonly batches: readonly Batch[];
  readonly flaws: readonly Flaw[];
  readonly melts: readonly Melt[];
  readonly rules: readonly Rule[];
  readonly heaters: readonly Heater[];
  readonly coats: readonly Coat[];
  readonly racks: readonly Rack[];
  readonly coatFaults: readonly CoatFault[];
  /** Every version of every recipe. */
  readonly skirts: readonly Skirt[];
  readonly tyings: readonly Tying[];
  readonly waterNotes: readonly WaterNote[];
  /** Every version of every build. */
  readonly builds: readonly BuildRecord[];
  readonly buildings: readonly Building[];
  readonly plastics: readonly PlasticRecord[];
  readonly plasticBatches: readonly PlasticBatchRecord[];
  /** Every version of every rig. */
  readonly rigs: readonly RigRecord[];
  readonly riggings: readonly Rigging[];
  /** What the maker learned of ends, and tried of matches. */
  readonly allowances: readonly Allowance[];
  readonly matches: readonly Match[];
  readonly kits: readonly Kit[];
  readonly drawers: readonly Drawer[];
  readonly sellers: readonly Seller[];
  readonly packs: readonly Pack[];
  readonly purchases: readonly Purchase[];
  readonly substitutes: readonly Substitute[];
  readonly buyIns: readonly BuyIn[];
  readonly outlays: readonly Outlay[];
}

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
  return {
    undo: offers.undo?.label ?? null,
    redo: offers.redo?.label.replace(/^Undo: /, '') ?? null,
  };
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
