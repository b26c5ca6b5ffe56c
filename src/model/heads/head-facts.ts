import { takesHook } from '@/core/tickets/takes-hook';
import { findStyle } from '@/core/cavities/styles/index';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { headPiece, type HeadPiece } from '@/core/coats/head-piece';
import { mixMetal } from '@/core/metals/mix-metal';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import type { HeadBin } from '@/records/bin';
import type { Cavity } from '@/records/mold';
import { ELEMENTS } from '@/reference/elements';
import type { BenchFacts } from '../bench/bench-facts';
import { finishedWeight } from '@/core/tickets/finished-weight';
import { usualMetal } from '../metals/usual-metal';
import { listedMetal, metalIdOf, type KnownMetal } from '../metals/listed-metal';
import { typicalHook, type HeadHook } from './typical-hook';

/** A head as the shelf or a ticket knows it. */
export interface HeadOf {
  readonly style: string;
  readonly nominalG: number;
  readonly hookBinId: string | null;
  readonly metalBinId: string | null;
  /** What it says of itself where it was bought. */
  readonly bought?: HeadBin['bought'];
}

export type Facts = Pick<BenchFacts, 'molds' | 'hooks' | 'metals'>;

/** Where nobody knows the metal: lead, about. */
const ABOUT = { densityGcm3: 11.1, shrinkLinear: 0.008, specificHeatJkgK: 132 };

function metalOf({ metalBinId, bought = null }: HeadOf, { metals }: Facts): KnownMetal | undefined {
  return listedMetal(metalIdOf({ metalBinId, bought })) ?? metals.find(({ id }) => id === metalBinId);
}

/** The hook in a head: one of the shelf or, in a bought one, what its size usually is. */
export function hookIn({ hookBinId, bought }: HeadOf, { hooks }: Pick<Facts, 'hooks'>): HeadHook | null {
  return (hookBinId === null ? null : hooks.get(hookBinId)) ?? typicalHook(bought?.hookSize ?? null);
}

/** The cavity that a head most likely came from: of its style and mark, taking its hook before others. */
function cavityOf({ style, nominalG, hookBinId }: HeadOf, { molds, hooks }: Facts): Cavity | null {
  const hook = hookBinId === null ? undefined : hooks.get(hookBinId);
  const like = molds
    .flatMap(({ cavities }) => cavities)
    .filter((cavity) => cavity.style === style && cavity.nominalG === nominalG);
  return like.find((cavity) => hook !== undefined && takesHook(cavity, hook)) ?? like[0] ?? null;
}

/** What of a head is heated: its metal, the steel in it, its skin; null where its style is not known. */
export function pieceOf(head: HeadOf, facts: Facts): HeadPiece | null {
  const metal = metalOf(head, facts);
  const mixed = metal?.composition ? mixMetal(metal.composition, ELEMENTS) : null;
  const hook = hookIn(head, facts);
  const cavity = cavityOf(head, facts);
  const hookShare = cavity?.hookShare ?? findStyle(head.style)?.hookShare ?? 0;
  const cast = cavity && metal ? castFromCavity(cavity, metal, hook) : null;
  const metalG = cast?.ok ? cast.value.metalG : Math.max(0.1, head.nominalG - (hook?.massG ?? 0));
  return headPiece({
    metalG,
    metalJkgK: mixed?.ok ? mixed.value.specificHeatJkgK : ABOUT.specificHeatJkgK,
    steelInG: (hook?.massG ?? 0) * hookShare,
    cavity,
    style: head.style,
    bodyCm3: metalG / castGramsPerCm3(metal ?? ABOUT),
  });
}

/** What the body of a head fills: of its cavity, else of its weight less its hook, cm³. */
export function bodyCm3(head: HeadOf, facts: Facts): number {
  const known = cavityOf(head, facts);
  if (known) return known.volumeCm3;
  const hook = hookIn(head, facts);
  const metal = metalOf(head, facts) ?? ABOUT;
  return Math.max(head.nominalG * 0.3, head.nominalG - (hook?.massG ?? 0)) / castGramsPerCm3(metal);
}

/** How far the body of a head reaches from its axis, mm; null where its style is not known. */
export function bodyRadiusMm(head: HeadOf, facts: Facts): number | null {
  const style = findStyle(head.style);
  return style ? shapeCavity(style, bodyCm3(head, facts)).radiusMm : null;
}

/**
 * What a head weighs, g: as its cavity gives it in its metal, or in the one there is most of; its mark where it was bought,
 * or where no block of the bench makes it.
 *
 * @example headWeight({ style: 'round', nominalG: 10, hookBinId: null, metalBinId: 'pewter' }, view) // { massG: 6.6, metal: 'Pewter', densityGcm3: 7.28 }
 */
export function headWeight(
  head: HeadOf,
  view: Facts & Pick<BenchFacts, 'levels'>,
): { readonly massG: number; readonly metal: string | null; readonly densityGcm3: number } {
  const cavity = head.bought ? null : cavityOf(head, view);
  const metal = view.metals.find(({ id }) => id === head.metalBinId) ?? usualMetal(view);
  const cast = cavity && metal ? finishedWeight(cavity, metal, hookFor(cavity, head, view)) : null;
  return cast?.ok && metal
    ? { massG: cast.value.finishedG, metal: metal.name, densityGcm3: metal.densityGcm3 }
    : { massG: head.nominalG, metal: null, densityGcm3: (metalOf(head, view) ?? ABOUT).densityGcm3 };
}

/** The hook in a head or, where nobody chose one, one that its cavity takes. */
function hookFor(cavity: Cavity, head: HeadOf, { hooks }: Facts) {
  if (head.hookBinId !== null) return hooks.get(head.hookBinId) ?? null;
  return [...hooks.values()].find((hook) => takesHook(cavity, hook)) ?? null;
}
