import { repeatableRandom } from '@/core/numeric/repeatable-random';
import type { FlawKind } from '@/core/quality/flaws';
import type { HeadMeasures } from './dress-marks';

export interface Speck {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

/** What flaws look like on a casting drawn from the side, mm in the head's own drawing. */
export interface FlawedLook {
  /** The part that filled, as an SVG path to clip the body by; null where all of it did. */
  readonly filled: string | null;
  /** Folds across the skin. */
  readonly folds: readonly string[];
  readonly pores: readonly Speck[];
  readonly frost: readonly Speck[];
  /** The thin sheet along the seam, as an outline outside the body's; null where there is none. */
  readonly sheetMm: number | null;
  /** How far the hook leans, degrees. */
  readonly leanDeg: number;
}

const mm = (value: number) => Number(value.toFixed(2));

/**
 * How flaws of given strengths, 0..1, look on a casting of a size. The same seed draws the same casting.
 *
 * @example flawedLook({ lengthMm: 12, radiusMm: 6 }, { porous: 1 }, 1, 7).pores.length // 13
 */
export function flawedLook(
  { lengthMm, radiusMm }: HeadMeasures,
  strength: Readonly<Partial<Record<FlawKind, number>>>,
  fill: number,
  seed: number,
): FlawedLook {
  const chance = repeatableRandom(seed);
  const between = (low: number, high: number) => low + (high - low) * chance();
  const speck = (least: number, most: number): Speck => {
    const angle = between(0, 2 * Math.PI);
    const off = Math.sqrt(chance()) * 0.9;
    return {
      x: mm(lengthMm / 2 + (Math.cos(angle) * off * lengthMm) / 2),
      y: mm(Math.sin(angle) * off * radiusMm),
      r: mm(between(least, most) * radiusMm),
    };
  };
  const many = <T>(count: number, make: () => T): T[] => Array.from({ length: Math.round(count) }, make);
  // Metal that comes in layers leaves folds that lie along each other, across the way it ran.
  const lean = between(-0.25, 0.25);
  const fold = (at: number) => {
    const x = at * lengthMm * Math.max(0.4, fill);
    const [top, foot] = [between(0.5, 1) * radiusMm, between(0.4, 1) * radiusMm];
    const bow = between(0.04, 0.13) * lengthMm;
    return `M${mm(x + lean * top)} ${mm(-top)}Q${mm(x + bow)} ${mm(between(-0.2, 0.2) * radiusMm)} ${mm(x - lean * foot)} ${mm(foot)}`;
  };
  const { wrinkled = 0, porous = 0, frosty = 0, flash = 0 } = strength;
  const end = lengthMm * Math.max(0.3, fill);
  const round = radiusMm * 0.55;
  const tall = radiusMm * 1.3;
  return {
    filled:
      fill < 1
        ? `M${mm(-tall)} ${mm(-tall)}H${mm(end - round)}Q${mm(end + round)} 0 ${mm(end - round)} ${mm(tall)}H${mm(-tall)}Z`
        : null,
    folds: wrinkled > 0 ? many(4 + 5 * wrinkled, () => fold(between(0.1, 0.92))) : [],
    pores: porous > 0 ? many(4 + 9 * porous, () => speck(0.04, 0.1)) : [],
    frost: frosty > 0 ? many(60 + 140 * frosty, () => speck(0.015, 0.035)) : [],
    sheetMm: flash > 0 ? mm(radiusMm * (0.12 + 0.22 * flash)) : null,
    leanDeg: mm((strength['bent-hook'] ?? 0) * 14),
  };
}
