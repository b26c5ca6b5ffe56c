import { conductHeat } from './conduct-heat';
import type { ThermalGrid } from './grid';
import { heatContent } from './heat-content';

/** How a casting froze. */
export interface FollowedFreeze {
  /** When each brick that melts was all solid, s; Infinity where it was not by the end, and where nothing melts. */
  readonly solidAtS: Float64Array;
  /** When all of it was; null where some was not by the end. */
  readonly allSolidS: number | null;
  /** The brick that froze last: where it sucks hollow. Null where nothing melts. */
  readonly lastAt: number | null;
  /** How warm each brick is then, C. */
  readonly temperature: Float64Array;
  /** Left through the sides, J. */
  readonly leftJ: number;
}

interface FollowOptions {
  readonly stepS: number;
  /** Followed no longer than this. */
  readonly mostS: number;
  /** Hears how much of what melts is solid, a share. */
  readonly onProgress?: (share: number) => void;
}

/**
 * Follows a casting in its mold until all of it is solid, and notes when each brick was: between two steps in proportion to
 * what it still had to give. `heat` is what each brick holds at the pour, J/m3, and is written over.
 *
 * @example followFreeze(ballInBlock, heat, { stepS: 0.05, mostS: 30 }).allSolidS // 3.55
 */
export function followFreeze(
  grid: ThermalGrid,
  heat: Float64Array,
  { stepS, mostS, onProgress }: FollowOptions,
): FollowedFreeze {
  const solid = grid.materials.map((material) =>
    material.melting ? heatContent(material, material.melting.solidusC, 0) : null,
  );
  const melts: number[] = [];
  for (let at = 0; at < grid.of.length; at += 1) if (solid[grid.of[at] ?? 0] !== null) melts.push(at);
  const solidAtS = new Float64Array(grid.of.length).fill(Infinity);
  const heating = conductHeat(grid, heat);
  const before = new Float64Array(heat.length);
  let waiting = melts;
  let lastAt: number | null = null;
  while (waiting.length > 0 && heating.now().seconds < mostS - 1e-9) {
    before.set(heat);
    const from = heating.now().seconds;
    const { seconds } = heating.step(Math.min(stepS, mostS - from));
    const still: number[] = [];
    for (const at of waiting) {
      const held = heat[at] ?? 0;
      const goal = solid[grid.of[at] ?? 0] ?? 0;
      if (held > goal) {
        still.push(at);
        continue;
      }
      const had = before[at] ?? 0;
      const when = had > goal ? from + ((had - goal) / (had - held)) * (seconds - from) : from;
      solidAtS[at] = when;
      if (lastAt === null || when >= (solidAtS[lastAt] ?? 0)) lastAt = at;
    }
    waiting = still;
    onProgress?.(1 - waiting.length / melts.length);
  }
  const { temperature, leftJ } = heating.now();
  const [unfrozen] = waiting;
  return {
    solidAtS,
    allSolidS: unfrozen !== undefined || lastAt === null ? null : (solidAtS[lastAt] ?? null),
    lastAt: unfrozen ?? lastAt,
    temperature,
    leftJ,
  };
}
