import { PLAIN_GAUGE } from '../../src/core/parts/part-roles';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import type { CutPiece, CutStock } from '../../src/core/rigs/cuts/cut-facts';
import type { BenchContents } from '../../src/records/bench-file';
import type { PartBin } from '../../src/records/bin';
import type { Entry } from '../../src/records/entry';
import { PLAIN_BIN } from '../../src/records/plain-bin';
import { PLAIN_PART } from '../../src/records/plain-part';
import type { RigRecord } from '../../src/records/rig';

export interface BigCut {
  readonly stock: readonly CutStock[];
  readonly pieces: readonly CutPiece[];
  readonly kerfMm: number;
}

const PLAIN: ['plain', 'plain'] = ['plain', 'plain'];
const LENGTHS = 12;
const PIECES = 200;
const SHORTEST_MM = 45;
const LONGEST_MM = 620;

/** Two hundred pieces of twelve lengths from five stocks, the same for the same start. */
export function bigCut(start: number): BigCut {
  const random = repeatableRandom(start);
  const lengths = new Set<number>();
  while (lengths.size < LENGTHS) {
    lengths.add(SHORTEST_MM + Math.floor(random() * (LONGEST_MM - SHORTEST_MM)));
  }
  const counts = Array.from({ length: LENGTHS }, () => 1);
  for (let left = PIECES - LENGTHS; left > 0; left -= 1) {
    const at = Math.floor(random() * LENGTHS);
    counts[at] = (counts[at] ?? 0) + 1;
  }
  const odd = (least: number, most: number) => least + Math.floor(random() * (most - least));
  return {
    stock: [
      { id: 'roll', lengthMm: 5000, count: null },
      { id: 'stick', lengthMm: 1000, count: 6 },
      { id: 'roll end', lengthMm: odd(2000, 4000), count: 1 },
      { id: 'offcut', lengthMm: odd(640, 900), count: 3 },
      { id: 'short offcut', lengthMm: odd(400, 620), count: 1 },
    ],
    pieces: [...lengths].map((lengthMm, nth) => ({
      id: `piece ${nth + 1}`,
      lengthMm,
      count: counts[nth] ?? 0,
    })),
    kerfMm: 1,
  };
}

/** A rig of twelve lengths of one line, of which twenty are 240 pieces, and a shelf of five lengths of it. */
export function bigCutContents(start: number): Pick<BenchContents, 'bins' | 'entries' | 'rigs'> {
  const { pieces, stock } = bigCut(start);
  const bin = (id: string, unit: PartBin['unit'], gauge: PartBin['gauge']): PartBin => ({
    ...PLAIN_BIN,
    ...PLAIN_PART,
    id,
    kind: 'part',
    unit,
    name: id,
    place: 'Rack',
    lowAt: null,
    retired: false,
    note: '',
    sort: 'line and cord',
    gauge,
  });
  const measured = { ...PLAIN_GAUGE, basis: 'measured' } as const;
  const line = bin('Line', 'mm', {
    ...measured,
    as: 'line',
    line: 'strand',
    sizes: { diameterMm: 0.4, breakKgf: 10 },
  });
  const swivel = bin('Swivel', 'pieces', {
    ...measured,
    as: 'swivel',
    line: null,
    sizes: { lengthMm: 8, breakKgf: 20 },
  });
  const entry = (id: string, binId: string, qty: number, lengthId: string | null): Entry => ({
    id,
    at: 1,
    binId,
    kind: 'received',
    qty,
    note: '',
    lengthId,
    ticketId: null,
    lineId: null,
    runId: null,
    pieceShare: null,
    unitCost: null,
    reverses: null,
  });
  // As many rolls as twenty rigs can want, and the odd lengths besides.
  const rolls = stock.flatMap(({ id, lengthMm, count }) =>
    Array.from({ length: count ?? 18 }, (_, nth) => entry(`${id} ${nth}`, line.id, lengthMm, `${id} ${nth}`)),
  );
  const common = { on: null, atMm: null, count: 1, isTurned: false, place: null };
  const rig: RigRecord = {
    id: 'big',
    family: 'big',
    version: 1,
    name: 'Twelve lengths',
    kind: 'dropper',
    note: '',
    wants: {},
    picks: {},
    createdAt: 1,
    retired: false,
    items: pieces.flatMap(({ id, lengthMm }, nth) => [
      { ...common, id, binId: line.id, lengthMm, ends: PLAIN },
      { ...common, id: `swivel ${nth}`, binId: swivel.id, lengthMm: null, ends: null },
    ]),
  };
  return { bins: [line, swivel], entries: [...rolls, entry('swivels', swivel.id, 500, null)], rigs: [rig] };
}
