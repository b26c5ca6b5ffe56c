import { dressStepsFor, findDressStep } from '@/core/dress/dress-steps';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import type { Batch } from '@/records/batch';
import type { HeadBin, HookBin, MetalBin } from '@/records/bin';
import type { Flaw } from '@/records/flaw';
import type { Mold } from '@/records/mold';
import type { Run } from '@/records/run';
import type { Weighing } from '@/records/weighing';
import type { DemoTools } from './tools';

/** Heads that a run of the made-up bench left on the rack. */
export interface DressedRun {
  readonly run: Run;
  readonly bin: HeadBin;
  readonly count: number;
}

interface DressedBench {
  readonly batches: Batch[];
  readonly flaws: Flaw[];
  readonly weighings: Weighing[];
}

/** Of the last two runs, one lies half dressed on the bench and one still waits. */
const ON_BENCH = { run: 14, through: 2, part: 0.5 };
const WAITING = 13;
/** Weighed of each cavity on the bench; one shut on a crumb of metal half way and gives more since. */
const WEIGHED = 12;
const DRIFTING = { nominalG: 20, from: 7, share: 0.034 };
const STRAY = 0.004;
const TRAY = 10;

/** The dressing bench of the past three months: batches with their times, some flaws found, one cavity weighed. */
export function dressRuns(
  tools: DemoTools,
  dressed: readonly DressedRun[],
  molds: readonly Mold[],
  metals: readonly MetalBin[],
  hooks: ReadonlyMap<string, HookBin>,
): DressedBench {
  const batches: Batch[] = [];
  const flaws: Flaw[] = [];
  const weighings: Weighing[] = [];
  for (const { run, bin, count } of dressed.filter((each) => each.run.no !== WAITING)) {
    const isOnBench = run.no === ON_BENCH.run;
    const key = run.heads.find(
      ({ style, nominalG, hookBinId }) =>
        style === bin.style && nominalG === bin.nominalG && hookBinId === bin.hookBinId,
    )?.key;
    const cell = run.cells.find((each) => each.key === key);
    const mold = molds.find(({ id }) => id === cell?.moldId);
    const cavity = cell === undefined ? undefined : mold?.cavities[cell.cavity];
    if (!cell || !mold || !cavity) continue;
    const hasHook = bin.hookBinId !== null;
    const hasPins = cavity.inserts.some(({ removed }) => removed);
    const begunAt = (run.endedAt ?? run.startedAt) + 15 * 3_600_000;
    const isOpenCast = mold.kind === 'board';
    const steps = dressStepsFor({
      hasHook,
      hasPins,
      isOpenCast,
      hasCollar: hasHook,
      takesBlade: hasHook,
    }).map(({ id: step }, index) => {
      const share =
        !isOnBench || index < ON_BENCH.through ? 1 : index === ON_BENCH.through ? ON_BENCH.part : 0;
      const done = Math.round(count * share);
      const seconds = Math.round(done * findDressStep(step).usualSeconds * tools.between(0.8, 1.5));
      return { step, done, seconds };
    });
    const batch: Batch = {
      id: `batch-${batches.length + 1}`,
      title: `${bin.name
        .split(',')
        .slice(0, hasHook ? 2 : 1)
        .join(',')}`,
      runId: run.id,
      moldId: mold.id,
      style: bin.style,
      nominalG: bin.nominalG,
      hookBinId: bin.hookBinId,
      metalBinId: bin.metalBinId,
      headBinId: bin.id,
      count,
      tray: Math.min(TRAY, count),
      toleranceShare: 0.03,
      steps,
      inHand: null,
      sortedOut: [],
      startedAt: begunAt,
      endedAt: isOnBench ? null : begunAt + steps.reduce((so, { seconds }) => so + seconds * 1000, 0),
    };
    batches.push(batch);
    const found = (more: Pick<Flaw, 'kind' | 'cause' | 'count'>): Flaw => ({
      id: `flaw-${flaws.length + 1}`,
      at: begunAt + 600_000,
      runId: run.id,
      batchId: batch.id,
      moldId: mold.id,
      cavity: cell.cavity,
      fate: 'kept',
      ...more,
    });
    if (!isOnBench && tools.happens(0.6)) {
      flaws.push(
        found({ kind: 'flash', cause: tools.happens(0.5) ? 'not-closed' : null, count: tools.whole(1, 4) }),
      );
    }
    if (!isOnBench && hasHook && tools.happens(0.4)) {
      flaws.push(found({ kind: 'bent-hook', cause: 'seated-wrong', count: tools.whole(1, 2) }));
    }
    const metal = metals.find(({ id }) => id === run.metalBinId);
    const hook = bin.hookBinId === null ? null : (hooks.get(bin.hookBinId) ?? null);
    const cast = metal ? castFromCavity(cavity, metal, hook) : null;
    if (!isOnBench || !cast?.ok) continue;
    for (let at = 0; at < WEIGHED; at += 1) {
      const isOff = bin.nominalG === DRIFTING.nominalG && at >= DRIFTING.from;
      const share = 1 + (isOff ? DRIFTING.share : 0) + tools.between(-STRAY, STRAY);
      weighings.push({
        id: `batch-weighing-${weighings.length + 1}`,
        at: begunAt + (weighings.length + 1) * 20_000,
        moldId: mold.id,
        cavityId: cavity.id,
        metalBinId: run.metalBinId,
        hookBinId: bin.hookBinId,
        count: 1,
        weighedG: Math.round(cast.value.finishedG * share * 100) / 100,
        scale: 'typed',
        runId: run.id,
        batchId: batch.id,
        calibrates: false,
      });
    }
  }
  return { batches, flaws, weighings };
}
