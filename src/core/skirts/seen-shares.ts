import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { arcOverlap } from './arc-overlap';
import { coverShare } from './cover-share';
import { outsideIn } from './outside-in';
import type { MaterialShare } from './skirt-appearance';
import type { SkirtLayer } from './skirt-layer';
import { FACING, type SkirtView } from './skirt-view';

/** The round is looked at in slices so wide. */
const SLICE_DEG = 5;

/**
 * How much of each material shows of a skirt laid back, from some side: `skirtAppearance` at each slice of the round
 * that faces who looks and at each length from the collar, with the layers that lie there. For layers all round, of one
 * width and one length it is `skirtAppearance` to the digit. From behind only the tips are seen: each strand its own.
 *
 * Problem: `skirt.no-strands` where nothing shows on that side.
 *
 * @example restShares([olive, ember], 6, 'side') // [{ material: 'olive', share: 0.95 }, ...]
 */
export function restShares(
  layers: readonly SkirtLayer[],
  collarDiameterMm: number,
  view: SkirtView,
): Outcome<readonly MaterialShare[]> {
  if (view === 'end') return sharesOf(layers, ({ strands, strandWidthMm }) => strands * strandWidthMm ** 2);
  const roundMm = Math.PI * collarDiameterMm;
  const facing = FACING[view];
  const order = outsideIn(layers);
  const seen = new Map<SkirtLayer, number>();
  const lengths = [...new Set(layers.map(({ lengthMm }) => lengthMm))].sort((a, b) => a - b);
  for (let at = facing.fromDeg; at < facing.toDeg; at += SLICE_DEG) {
    const slice = { fromDeg: at, toDeg: at + SLICE_DEG };
    for (const [index, toMm] of lengths.entries()) {
      let free = SLICE_DEG * (toMm - (lengths[index - 1] ?? 0));
      for (const layer of order) {
        const there = arcOverlap(layer.arc, slice) / SLICE_DEG;
        if (layer.lengthMm < toMm || there === 0) continue;
        const share = (layer.arc.toDeg - layer.arc.fromDeg) / 360;
        const shown = free * there * coverShare(layer.strands, layer.strandWidthMm, roundMm * share);
        seen.set(layer, (seen.get(layer) ?? 0) + shown);
        free -= shown;
      }
    }
  }
  return sharesOf(layers, (layer) => seen.get(layer) ?? 0);
}

/**
 * How much of each material shows of a skirt that stands open: each strand shows its width along its length, wherever
 * it was laid. For strands alike it is the share of strands, as `skirtAppearance` has it.
 *
 * @example flaredShares([olive, ember]) // shares of the strands where all are alike
 */
export function flaredShares(layers: readonly SkirtLayer[]): Outcome<readonly MaterialShare[]> {
  return sharesOf(layers, ({ strands, strandWidthMm, lengthMm }) => strands * strandWidthMm * lengthMm);
}

function sharesOf(
  layers: readonly SkirtLayer[],
  weigh: (layer: SkirtLayer) => number,
): Outcome<readonly MaterialShare[]> {
  const total = sum(layers.map(weigh));
  if (!(total > 0)) return fail('skirt.no-strands', {}, ['layers']);
  const materials = [...new Set(layers.map(({ material }) => material))];
  return done(
    materials.map((material) => ({
      material,
      share: sum(layers.filter((layer) => layer.material === material).map(weigh)) / total,
    })),
  );
}
