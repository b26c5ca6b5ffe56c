import type { PartBin } from '@/records/bin';
import type { BuildRecord, Building } from '@/records/build';
import type { Entry } from '@/records/entry';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_BIN } from '@/records/plain-bin';
import { buildId } from './builds';
import type { DemoTools } from './tools';

const BUILT = [
  { build: buildId('quay-tandem'), count: 6, failed: 0, daysAgo: 30, secondsEach: 262 },
  { build: buildId('lock-thumper'), count: 6, failed: 1, daysAgo: 25, secondsEach: 214 },
  { build: buildId('dawn-buzzer'), count: 4, failed: 0, daysAgo: 17, secondsEach: 196 },
] as const;

/** Runs of builds over the last weeks: parts gone, baits in the bait box. Loose skirts are not on the books of these. */
export function buildingHistory(
  tools: DemoTools,
  builds: readonly BuildRecord[],
): { buildings: Building[]; entries: Omit<Entry, 'id'>[]; bins: PartBin[] } {
  const entries: Omit<Entry, 'id'>[] = [];
  const bins: PartBin[] = [];
  const buildings = BUILT.map(({ build: id, count, failed, daysAgo, secondsEach }, index): Building => {
    const build = builds.find((each) => each.id === id);
    if (!build) throw new Error(`buildingHistory requires ${id}`);
    const [startedAt, endedAt] = [tools.at(-daysAgo, 19), tools.at(-daysAgo, 20)];
    const enter = (binId: string, kind: Entry['kind'], qty: number, at: number) =>
      entries.push({
        binId,
        kind,
        qty,
        at,
        note: `building run ${index + 1}`,
        pieceShare: null,
        lengthId: null,
        ticketId: null,
        lineId: null,
        runId: null,
        unitCost: null,
        reverses: null,
      });
    const uses = [
      build.frameBinId,
      build.end.binId,
      build.end.bladeBinId,
      ...build.arm.flatMap(({ binId, bladeBinId }) => [binId, bladeBinId]),
      ...build.slots.map(({ binId }) => binId),
    ].filter((binId): binId is string => binId !== null);
    const taken = [...new Set(uses)].map((binId) => ({
      binId,
      qty: count * uses.filter((each) => each === binId).length,
    }));
    for (const { binId, qty } of taken) enter(binId, 'taken', -qty, startedAt);
    const passed = count - failed;
    const bin: PartBin = {
      ...PLAIN_PART,
      id: `bait-${id}`,
      kind: 'part',
      unit: 'pieces',
      name: `${build.name} ${build.version}`,
      place: 'Bait box',
      lowAt: null,
      retired: false,
      ...PLAIN_BIN,
      note: '',
      sort: 'baits',
      buildId: id,
    };
    bins.push(bin);
    enter(bin.id, 'built', passed, endedAt);
    return {
      id: `building-${index + 1}`,
      no: index + 1,
      state: 'built',
      buildId: id,
      count,
      way: 'one-by-one',
      taken,
      putBack: [],
      card: { step: 0, piece: 0, counted: 0 },
      isThrough: true,
      passed,
      failed: failed > 0 ? [{ reason: 'does not run true', count: failed }] : [],
      startedAt,
      inHand: null,
      seconds: count * secondsEach,
      endedAt,
    };
  });
  return { buildings, entries, bins };
}
