import type { Vec3 } from '../meshes/mesh';
import type { PourSetting } from './casting';
import type { FeedVerdict } from './judge-feed';
import type { FillVerdict } from './judge-fill';

/** What is likely wrong with a casting, where, and how much of the body it takes, a share. */
export type CastFlaw = { readonly share: number; readonly atMm: Vec3 } & (
  | { readonly kind: 'unfilled'; readonly why: 'froze' | 'skin'; readonly thickMm: number }
  | { readonly kind: 'air' }
  | { readonly kind: 'hollow'; readonly shutAtMm: Vec3; readonly isByGate: boolean; readonly beforeS: number }
  /** All of it: the metal came so cold that it does not close over itself. */
  | { readonly kind: 'wrinkled'; readonly spent: number }
  | { readonly kind: 'flash'; readonly fromMm: number }
);

export type FlawKind = CastFlaw['kind'];

/** What a flaw counts for: that it is there, and by its share of the body. */
const COUNTS: Readonly<Record<FlawKind, readonly [there: number, share: number]>> = {
  unfilled: [10, 100],
  air: [5, 60],
  hollow: [1, 150],
  wrinkled: [3, 0],
  flash: [3, 0],
};
/** From so much of its time to flow on a casting shows how the metal ran (typical). */
const WRINKLES = 0.7;

/**
 * What is likely wrong with a casting, the worst first. `bodyMm3` is the cavity's room.
 *
 * @example castFlaws(900, feed, fill, setting)[0].kind // 'hollow'
 */
export function castFlaws(
  bodyMm3: number,
  feed: FeedVerdict | null,
  fill: FillVerdict,
  { gapMm }: Pick<PourSetting, 'gapMm'>,
): readonly CastFlaw[] {
  const middle: Vec3 = feed?.hotSpotMm ?? [0, 0, 0];
  const flaws: CastFlaw[] = [
    ...fill.unfilled.map(({ atMm, mm3, why, thickMm }): CastFlaw => ({
      kind: 'unfilled',
      atMm,
      share: mm3 / bodyMm3,
      why,
      thickMm,
    })),
    ...fill.air.map(({ atMm, mm3 }): CastFlaw => ({ kind: 'air', atMm, share: mm3 / bodyMm3 })),
    ...(feed?.hollows ?? []).map(({ atMm, shutAtMm, isByGate, beforeS, hollowMm3 }): CastFlaw => ({
      kind: 'hollow',
      atMm,
      share: hollowMm3 / bodyMm3,
      shutAtMm,
      isByGate,
      beforeS,
    })),
  ];
  if (fill.unfilled.length === 0 && fill.spentMost > WRINKLES) {
    flaws.push({ kind: 'wrinkled', atMm: middle, share: 0, spent: fill.spentMost });
  }
  if (gapMm > fill.flashFromMm) {
    flaws.push({ kind: 'flash', atMm: middle, share: 0, fromMm: fill.flashFromMm });
  }
  return flaws.toSorted((a, b) => flawWeight(b) - flawWeight(a));
}

/**
 * How bad a flaw is, to weigh one casting against another: what is missing most, what only shows least.
 *
 * @example flawWeight({ kind: 'wrinkled', share: 0, atMm, spent: 0.8 }) // 3
 */
export function flawWeight({ kind, share }: Pick<CastFlaw, 'kind' | 'share'>): number {
  const [there, byShare] = COUNTS[kind];
  return there + byShare * share;
}
