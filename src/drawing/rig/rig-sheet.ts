import type { LaidItem, LaidRun } from '@/core/rigs/lay-rig';
import { acrossOf } from './rig-shapes';

/** A stretch of bare line that is drawn shorter than it is. */
export interface BrokenStretch {
  readonly fromMm: number;
  readonly toMm: number;
  /** How long it is drawn, mm. */
  readonly drawnMm: number;
}

/** A run as it lies on the sheet: where it starts, how far across, and where its millimeters fall. */
export interface DrawnRun {
  readonly on: string | null;
  /** Of the item it hangs from, and its own: mm on the sheet. */
  readonly hangsAt: readonly [number, number] | null;
  readonly x: number;
  readonly y: number;
  readonly items: readonly LaidItem[];
  readonly breaks: readonly BrokenStretch[];
  /** Mm along the run to mm on the sheet. */
  readonly at: (mm: number) => number;
  readonly endX: number;
  /** Below its parts, where numbers stand clear of them, mm on the sheet. */
  readonly clearY: number;
}

export interface RigSheet {
  readonly runs: readonly DrawnRun[];
  /** x, y, width, height, mm. */
  readonly box: readonly [number, number, number, number];
}

/** What is kept of a broken stretch, and how near to a part none begins, mm. */
const KEPT_MM = 26;
const BESIDE_MM = 6;
const BRANCH_GAP_MM = 7;
const ELBOW_MM = 7;
const DIMENSION_MM = 7;

/**
 * A rig on a sheet: the main run along the top, branches below it, parts in true size. With `isBroken`, long bare line is
 * drawn short between two break marks, as on any drawing; its number stays what it is.
 *
 * @example drawRig(layRig(rig), false).box[2] // as long as the rig, and its margins
 */
export function drawRig(laid: LaidRun, isBroken: boolean): RigSheet {
  const runs: DrawnRun[] = [];
  let foot = 0;
  let right = 0;
  const place = (run: LaidRun, hangsAt: DrawnRun['hangsAt'], y: number) => {
    const breaks = isBroken ? breaksOf(run) : [];
    const x = hangsAt ? hangsAt[0] + ELBOW_MM : 0;
    const at = (mm: number) => x + mm - breaks.reduce((cut, each) => cut + saved(each, mm), 0);
    runs.push({
      on: run.on,
      hangsAt,
      x,
      y,
      items: run.items,
      breaks,
      at,
      endX: at(run.lengthMm),
      clearY: y + clearOf(run),
    });
    foot = Math.max(foot, y + Math.max(reachOf(run, 1), clearOf(run) + DIMENSION_MM));
    right = Math.max(right, at(run.lengthMm), ...run.items.map(({ toMm }) => at(toMm)));
    // The last one nearest, so that none hangs through another.
    for (const branch of [...run.branches].reverse()) {
      place(branch, [at(branch.startMm), y], foot + BRANCH_GAP_MM + reachOf(branch, 0));
    }
  };
  place(laid, null, 0);
  const top = reachOf(laid, 0) + 3;
  return { runs, box: [-4, -top, right + 8, top + foot + 3] };
}

function reachOf({ items }: LaidRun, side: 0 | 1): number {
  return Math.max(3, ...items.map(({ item }) => acrossOf(item.part.gauge, item.isTurned)[side]));
}

/** Hooks stand clear of a run’s middle; bodies do not. */
function clearOf({ items }: LaidRun): number {
  const bodies = items.filter(({ item }) => item.part.gauge.as !== 'hook');
  return 3 + Math.max(2, ...bodies.map(({ item }) => acrossOf(item.part.gauge, item.isTurned)[1]));
}

function saved({ fromMm, toMm, drawnMm }: BrokenStretch, mm: number): number {
  const share = Math.max(0, Math.min(1, (mm - fromMm) / (toMm - fromMm)));
  return share * (toMm - fromMm - drawnMm);
}

/** Bare line between parts, and between parts and branches, that is long enough to break. */
function breaksOf({ items, branches, lengthMm }: LaidRun): BrokenStretch[] {
  const taken = [
    ...items
      .filter(({ item }) => item.part.gauge.as !== 'line')
      .map(({ fromMm, toMm }) => [fromMm - BESIDE_MM, toMm + BESIDE_MM] as const),
    ...branches.map(({ startMm }) => [startMm - BESIDE_MM, startMm + BESIDE_MM] as const),
  ].sort((a, b) => a[0] - b[0]);
  const bare: [number, number][] = [];
  let at = 0;
  for (const [from, to] of taken) {
    if (from > at) bare.push([at, from]);
    at = Math.max(at, to);
  }
  if (lengthMm > at) bare.push([at, lengthMm]);
  return bare
    .filter(([from, to]) => to - from > KEPT_MM * 1.4)
    .map(([fromMm, toMm]) => ({ fromMm, toMm, drawnMm: KEPT_MM }));
}
