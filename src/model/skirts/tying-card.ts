import type { HoldStep } from '@/core/skirts/holds/definition';
import { findHold } from '@/core/skirts/holds';
import { wrapSheet } from '@/core/skirts/wrap-sheet';
import type { Skirt } from '@/records/skirt';
import { amountOfText, placeText, shortName } from '@/text/skirt-words';
import { materialOf } from './skirt-facts';
import type { BenchView } from '../bench/bench-view';

/** The steps of a recipe, in the words of its own layers. */
export function stepsOf(
  recipe: Skirt,
  view: Pick<BenchView, 'binById'>,
  length: 'mm' | 'in',
): readonly HoldStep[] {
  const { atShare } = recipe.collar;
  return findHold(recipe.hold).steps({
    layers: recipe.layers.map((layer) => {
      const material = materialOf(layer, view);
      return {
        key: layer.id,
        says: `${amountOfText(layer.amount, length, material?.form)} of ${material ? shortName(material) : 'a material gone'}, ${placeText(layer.place)}`,
        isForward: layer.isForward,
        isShort: layer.isShort,
      };
    }),
    counts: recipe.counts,
    heldAt: Math.abs(atShare - 1 / 3) < 0.02 ? 'a third' : `${Math.round(atShare * 100)} %`,
    hasGuard: recipe.shownOn.guardBinId !== null,
    hasRattle: recipe.shownOn.rattleBinId !== null,
    sheet: recipe.wrap && {
      legs: wrapSheet(recipe.wrap.headDiameterMm, recipe.wrap.legWidthMm, recipe.wrap.maxStretch).legs,
      tails: recipe.tails.length,
    },
  });
}
