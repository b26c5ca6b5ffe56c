import { gather, pullTabs, type TabPieces } from '@/core/skirts/pull-tabs';
import type { Bin, PartBin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { PLAIN_PART } from '@/records/plain-part';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { PLAIN_BIN } from '@/records/plain-bin';
import { skirtId } from './skirts';
import type { DemoTools } from './tools';

const TIED = [
  { skirt: skirtId('reed-perch', 2), count: 9, daysAgo: 45, secondsEach: 171 },
  { skirt: skirtId('night-eel', 1), count: 6, daysAgo: 41, secondsEach: 188 },
  { skirt: skirtId('reed-perch', 3), count: 11, daysAgo: 26, secondsEach: 152 },
  { skirt: skirtId('roach', 1), count: 5, daysAgo: 21, secondsEach: 176 },
] as const;

/** The bin where loose skirts of a recipe lie. */
function looseSkirtId(skirt: string): string {
  return `loose-${skirt}`;
}

/** Runs of loose skirts over the last months: tabs gone, halves and quarters back, how long they took. */
export function tyingHistory(
  tools: DemoTools,
  skirts: readonly Skirt[],
): { tyings: Tying[]; entries: Omit<Entry, 'id'>[]; bins: Bin[] } {
  const entries: Omit<Entry, 'id'>[] = [];
  const bins = new Map<string, PartBin>();
  const loose = new Map<string, TabPieces[]>();
  const tyings = TIED.map(({ skirt: id, count, daysAgo, secondsEach }, index): Tying => {
    const skirt = skirts.find((each) => each.id === id);
    if (!skirt) throw new Error(`tyingHistory requires ${id}`);
    const [startedAt, endedAt] = [tools.at(-daysAgo, 19), tools.at(-daysAgo, 20)];
    const enter = (binId: string, kind: Entry['kind'], qty: number, at: number, pieceShare: number | null) =>
      entries.push({
        binId,
        kind,
        qty,
        at,
        note: `tying run ${index + 1}`,
        pieceShare,
        ticketId: null,
        lineId: null,
        runId: null,
        lengthId: null,
        unitCost: null,
        reverses: null,
      });
    const taken: Tying['taken'] = [];
    const putBack: Tying['putBack'] = [];
    for (const binId of new Set(skirt.layers.map((layer) => layer.binId))) {
      const cuts = skirt.layers.flatMap(({ binId: of, amount }) =>
        of === binId && amount.by === 'tabs' ? [amount.tabs] : [],
      );
      const before = loose.get(binId) ?? [];
      const { pulled, left } = pullTabs(cuts, count, [{ share: 1, count: 999 }, ...before]);
      const inPieces = (pieces: readonly TabPieces[], sign: 1 | -1) => {
        for (const { share, count: many } of pieces) {
          const at = sign < 0 ? startedAt : endedAt;
          enter(binId, sign < 0 ? 'taken' : 'returned', sign * share * many, at, share < 1 ? share : null);
        }
      };
      inPieces(pulled, -1);
      inPieces(left, 1);
      loose.set(binId, piecesLeft(before, pulled, left));
      taken.push({ binId, pieces: pulled.map((each) => ({ ...each })), qty: 0 });
      putBack.push({ binId, pieces: left.map((each) => ({ ...each })), qty: 0 });
    }
    if (skirt.collar.binId) {
      enter(skirt.collar.binId, 'taken', -count, startedAt, null);
      taken.push({ binId: skirt.collar.binId, pieces: [], qty: count });
    }
    const bin = looseBin(skirt);
    bins.set(bin.id, bin);
    enter(bin.id, 'made', count, endedAt, null);
    return {
      id: `tying-${index + 1}`,
      no: index + 1,
      state: 'tied',
      skirtId: id,
      count,
      way: 'one-by-one',
      isThrough: true,
      passed: count,
      failed: [],
      headBinId: null,
      ticketId: null,
      lineId: null,
      swaps: [],
      taken,
      putBack: putBack.filter(({ pieces }) => pieces.length > 0),
      card: { step: 0, piece: count - 1, counted: 0 },
      startedAt,
      inHand: null,
      seconds: count * secondsEach,
      endedAt,
    };
  });
  return { tyings, entries, bins: [...bins.values()] };
}

/** What lies loose after a run: what was there, less what was used, with what came back. */
function piecesLeft(
  before: readonly TabPieces[],
  pulled: readonly TabPieces[],
  left: readonly TabPieces[],
): TabPieces[] {
  const used = new Map(pulled.map(({ share, count }) => [share, count]));
  const kept = before.flatMap(({ share, count }) =>
    Array.from({ length: count - (used.get(share) ?? 0) }, () => share),
  );
  return gather([...kept, ...left.flatMap(({ share, count }) => Array.from({ length: count }, () => share))]);
}

function looseBin({ id, name, version }: Skirt): PartBin {
  return {
    id: looseSkirtId(id),
    kind: 'part',
    unit: 'pieces',
    name: `Skirt, ${name} ${version}`,
    place: 'Skirt box',
    lowAt: null,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    sort: 'skirts',
    ...PLAIN_PART,
  };
}
