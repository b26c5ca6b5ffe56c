import { findStyle } from '@/core/cavities/styles/index';
import { findHold } from '@/core/skirts/holds/index';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import type { Skirt } from '@/records/skirt';
import type { JigLook } from '@/ui/skirt-drawing/skirt-look';
import type { BenchView } from '@/model/bench/bench-view';
import { lookOf } from './coat-look';
import { viewOf } from './head-view-of';
import { boughtLike } from '@/model/heads/bought-head';
import { layersOf, materialOf, tailLayers } from '@/model/skirts/skirt-facts';
import { strandLook } from '@/ui/skirt-drawing/strand-look';

type SkirtRecipe = Pick<Skirt, 'layers' | 'collar' | 'shownOn' | 'hold'> & {
  readonly tails?: Skirt['tails'];
};

/** What may be other than the recipe has it: a head of a ticket, its color, its guard and collar. */
export type JigChoice = Partial<Skirt['shownOn']> & { readonly collarBinId?: string | null };

/** So many strands of a layer are drawn one by one; of hair, locks of several. */
const MOST_DRAWN = 60;

/** From the head's end to where the collar begins, and how long it is, mm. */
const GAP_MM = 1;

const COLLAR_MM = 4;

const GONE_HEX = '#8a8a8a';

/** How a recipe looks on a head; null where the style is not known. */
export function jigOf(recipe: SkirtRecipe, view: BenchView, choice: JigChoice = {}): JigLook | null {
  const { collarBinId, ...other } = choice;
  const on = { ...recipe.shownOn, ...other };
  const bought = boughtLike(on, view)?.bought ?? null;
  const head = viewOf({ ...on, metalBinId: null, bought }, view);
  if (!head) return null;
  const coat = on.coatId === null ? null : view.coatById.get(on.coatId);
  const hexOf = (binId: string | null) => {
    const bin = binId === null ? undefined : view.binById.get(binId);
    return bin?.kind === 'part' ? (bin.hex ?? GONE_HEX) : null;
  };
  // Tails lie inside: they are drawn with what hangs, not with what is tied on.
  const shown = [...recipe.layers, ...tailLayers(recipe)];
  const { diameterMm, headSideMm } = recipe.collar;
  const takesCollar = findHold(recipe.hold).takesCollar;
  return {
    head,
    coat: coat ? lookOf(coat, view) : null,
    depth: findStyle(on.style)?.depth ?? 1,
    layers: layersOf({ layers: shown }, view).map(inLocks),
    looks: shown.flatMap((layer) => {
      const material = materialOf(layer, view);
      return material ? [strandLook(material)] : [];
    }),
    collar: { xMm: head.bodyBox.width + GAP_MM + COLLAR_MM, lengthMm: COLLAR_MM, diameterMm, headSideMm },
    collarHex: takesCollar ? (hexOf(collarBinId ?? recipe.collar.binId) ?? GONE_HEX) : null,
    guardHex: hexOf(on.guardBinId),
    hasRattle: on.rattleBinId !== null,
    trailerHex: hexOf(on.trailerBinId),
  };
}

function inLocks(layer: SkirtLayer): SkirtLayer {
  if (layer.strands <= MOST_DRAWN) return layer;
  return { ...layer, strands: MOST_DRAWN, strandWidthMm: (layer.strandWidthMm * layer.strands) / MOST_DRAWN };
}
