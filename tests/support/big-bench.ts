import { PLAIN_BIN } from '../../src/records/plain-bin';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  EMPTY_CONTENTS,
  type BenchFile,
} from '../../src/records/bench-file';

export interface BigSession {
  readonly weights: readonly number[];
  /** For each block, the index of the weight each of its cavities makes. */
  readonly blocks: readonly { cavities: readonly number[]; secondsPerPour: number; setupSeconds: number }[];
  readonly counts: readonly number[];
}

/** Weights so far apart that none is within 2 % of another. */
const FIRST_G = 3;
const RATIO = 1.06;

/** A big session over blocks of 8 cavities, every line made by at least one block. */
export function bigSession(start = 7, lines = 40, blocksInAll = 25): BigSession {
  const next = repeatableRandom(start);
  const whole = (low: number, high: number) => low + Math.floor(next() * (high - low + 1));
  const weights = Array.from({ length: lines }, (_, index) => Number((FIRST_G * RATIO ** index).toFixed(2)));
  const blocks = Array.from({ length: blocksInAll }, (_, block) => ({
    cavities: Array.from({ length: 8 }, (_, cavity) => {
      const own = block + blocksInAll * cavity;
      return own < weights.length ? own : whole(0, weights.length - 1);
    }),
    secondsPerPour: whole(25, 65),
    setupSeconds: whole(300, 1200),
  }));
  return { weights, blocks, counts: weights.map(() => whole(20, 220)) };
}

/** The same as a bench: one lot of a metal of 10 g/cm3 that does not shrink, egg sinkers, no hooks. */
export function bigBench(session: BigSession): BenchFile {
  return {
    format: BENCH_FILE_FORMAT,
    version: BENCH_FILE_VERSION,
    savedAt: 0,
    contents: {
      ...EMPTY_CONTENTS,
      bins: [
        {
          id: 'lot',
          kind: 'metal',
          unit: 'g',
          name: 'Lot 1, trial metal',
          place: '',
          lowAt: null,
          retired: false,
          ...PLAIN_BIN,
          note: '',
          composition: null,
          compositionBasis: 'guess',
          costPerKg: null,
          densityGcm3: 10,
          densityBasis: 'weighed',
          shrinkLinear: 0,
          shrinkBasis: 'weighed',
        },
      ],
      entries: [
        {
          id: 'entry',
          at: 1,
          binId: 'lot',
          kind: 'received',
          qty: 200_000,
          note: '',
          ticketId: null,
          lineId: null,
          runId: null,
          pieceShare: null,
          lengthId: null,
          unitCost: null,
          reverses: null,
        },
      ],
      molds: session.blocks.map((block, index) => ({
        id: `mold-${index}`,
        name: `Block ${index + 1}`,
        kind: 'bar',
        place: '',
        note: '',
        secondsPerPour: block.secondsPerPour,
        setupSeconds: block.setupSeconds,
        spruePerPourG: 5,
        copies: 1,
        maxPours: null,
        warmUpPours: 0,
        warmWork: null,
        spin: null,
        cavities: block.cavities.map((weight, cavity) => ({
          id: `mold-${index}-c${cavity + 1}`,
          style: 'egg',
          nominalG: session.weights[weight] ?? 1,
          volumeCm3: (session.weights[weight] ?? 1) / 10,
          volumeBasis: 'weighed',
          standardErrorCm3: null,
          weighedCount: 5,
          hookSizes: [],
          hookShare: 0,
          inserts: [],
          hookNotes: {},
          outline: null,
          spot: null,
        })),
      })),
      tickets: [
        {
          id: 'ticket',
          no: 1,
          title: 'Forty weights',
          buyer: null,
          toleranceShare: 0.02,
          state: 'open',
          wares: [],
          note: '',
          createdAt: 1,
          lines: session.weights.map((nominalG, index) => ({
            id: `line-${index}`,
            style: 'egg',
            nominalG,
            count: session.counts[index] ?? 1,
            hookBinId: null,
            metalBinId: 'lot',
            coatId: null,
            skirtId: null,
            guardBinId: null,
            collarBinId: null,
            dueOn: null,
          })),
        },
      ],
    },
  };
}
