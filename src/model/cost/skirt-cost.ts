import type { SkirtDraft } from '../skirts/skirt-draft';
import type { BenchFacts } from '../bench/bench-facts';
import { costOf, unpricedOf } from './cost-facts';

/** What the material of one skirt costs, part by part. */
export interface SkirtCost {
  readonly materials: number;
  readonly parts: readonly { readonly name: string; readonly each: number }[];
  /** What of it nobody priced, by name. */
  readonly unpriced: readonly string[];
}

/**
 * What the material of a skirt costs where so many are tied, kept or not: the very sum that Cost has of it.
 *
 * @example skirtCost(draft, 10, view).materials // 0.84
 */
export function skirtCost(draft: SkirtDraft, count: number, view: BenchFacts): SkirtCost {
  const piece = { kind: 'skirt', skirt: { ...draft, family: draft.family ?? 'draft' } } as const;
  const cost = costOf(piece, count, view);
  return {
    materials: cost.materials,
    parts: cost.parts.map(({ name, materials }) => ({ name, each: materials })),
    unpriced: unpricedOf(piece, view).map(({ name }) => name),
  };
}
