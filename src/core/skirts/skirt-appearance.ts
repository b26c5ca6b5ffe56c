import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { coverShare } from './cover-share';

export interface StrandLayer {
  readonly material: string;
  readonly strands: number;
}

export interface MaterialShare {
  readonly material: string;
  readonly share: number;
}

export interface SkirtAppearance {
  readonly rest: readonly MaterialShare[];
  readonly flared: readonly MaterialShare[];
}

/**
 * How much of each material shows, at rest and flared. At rest, from the outside in, a layer shows its cover times what
 * the layers outside it leave free, as a share of what is covered; flared, each shows its share of the strands. Layers
 * all round and of one length, in tying order: tied and left, the last lies outside; tied forward and folded back, the
 * first.
 *
 * Problem: `skirt.no-strands` where no layer has a strand.
 *
 * @example skirtAppearance([{ material: 'reed', strands: 40 }, { material: 'ember', strands: 10 }], 1, 6, true)
 * // reed lies outside: rest 0.946 and 0.054, flared 0.8 and 0.2
 */
export function skirtAppearance(
  layers: readonly StrandLayer[],
  strandWidthMm: number,
  collarDiameterMm: number,
  foldedBack: boolean,
): Outcome<SkirtAppearance> {
  const total = sum(layers.map(({ strands }) => strands));
  if (total === 0) return fail('skirt.no-strands', {}, ['layers']);
  const roundMm = Math.PI * collarDiameterMm;
  const seen = new Map<string, number[]>(layers.map(({ material }) => [material, []]));
  let free = 1;
  for (const { material, strands } of foldedBack ? layers : [...layers].reverse()) {
    const cover = coverShare(strands, strandWidthMm, roundMm);
    seen.get(material)?.push(cover * free);
    free *= 1 - cover;
  }
  const covered = sum([...seen.values()].flat());
  return done({
    rest: [...seen].map(([material, shares]) => ({ material, share: sum(shares) / covered })),
    flared: [...seen.keys()].map((material) => ({
      material,
      share: sum(layers.filter((each) => each.material === material).map(({ strands }) => strands)) / total,
    })),
  });
}
