import type { BenchContents } from '../../src/records/bench-file';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';

const PARTS = 5000;
const ENTRIES = 50_000;
const DAY_MS = 86_400_000;

/**
 * The made-up bench grown to a large one: everything on it as it is, its parts copied until there are 5,000, and a
 * ledger of 50,000 entries, the new ones spread over two years. Every balance stays at or over zero.
 */
export function largeBench(demo: BenchContents, now: number): BenchContents {
  const random = repeatableRandom(41);
  const seen = new Map(demo.entries.map((entry) => [entry.binId, entry]));
  const models = demo.bins.filter(
    (bin) => bin.unit === 'pieces' && (bin.kind === 'part' || bin.kind === 'hook') && seen.has(bin.id),
  );
  const bins = [...demo.bins];
  for (let nth = 0; bins.length < PARTS; nth += 1) {
    const model = models[nth % models.length]!;
    bins.push({
      ...model,
      id: `more-${nth}`,
      name: `${model.name}, lot ${Math.floor(nth / models.length) + 2}`,
    });
  }
  const entries = [...demo.entries];
  const [first] = demo.entries;
  const more = bins.slice(demo.bins.length);
  const plain = {
    note: '',
    ticketId: null,
    lineId: null,
    runId: null,
    pieceShare: null,
    lengthId: null,
    reverses: null,
  };
  const levels = new Map<string, number>();
  for (let nth = 0; entries.length < ENTRIES; nth += 1) {
    const { id: binId } = more[nth % more.length]!;
    const there = levels.get(binId) ?? 0;
    const isIn = there < 20 || random() < 0.3;
    const qty = isIn ? 20 + Math.floor(random() * 80) : -1 - Math.floor(random() * Math.min(there, 12));
    levels.set(binId, there + qty);
    entries.push({
      ...first!,
      ...plain,
      id: `e-more-${nth}`,
      binId,
      qty,
      kind: isIn ? 'received' : 'taken',
      unitCost: isIn ? 0.1 : null,
      at: now - Math.floor(((ENTRIES - nth) / ENTRIES) * 730 * DAY_MS),
    });
  }
  return { ...demo, bins, entries };
}
