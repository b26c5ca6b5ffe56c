import { wrapSheet } from '@/core/skirts/wrap-sheet';
import type { Skirt } from '@/records/skirt';
import type { BenchFacts } from '../bench/bench-facts';
import { materialOf } from './skirt-facts';

type Wrap = NonNullable<Skirt['wrap']>;

/** What a leg is wide and what a head is across where nobody said, mm; how far a sheet bears to be stretched. */
const USUAL: Wrap = { headDiameterMm: 20, legWidthMm: 3, maxStretch: 0.1 };

/** Of lead, g/cm3: a head that is as large round is drawn with it. */
const LEAD_GCM3 = 11.1;
const MOST_G = 5000;

/** What a ball of lead as far across weighs, g. */
function ballG(diameterMm: number): number {
  const grams = ((Math.PI / 6) * diameterMm ** 3 * LEAD_GCM3) / 1000;
  return Math.min(MOST_G, Number(grams.toPrecision(3)));
}

/**
 * A recipe with its sheet wrapped so: every layer of sheet all round has as many legs as go round the head, and it is drawn
 * on a head as large.
 *
 * @example withWrap(draft, { headDiameterMm: 12, legWidthMm: 3, maxStretch: 0.1 }, view).layers[0]?.amount // 12 strands
 */
export function withWrap<Draft extends Pick<Skirt, 'layers' | 'shownOn' | 'wrap'>>(
  draft: Draft,
  wrap: Wrap,
  view: Pick<BenchFacts, 'binById'>,
): Draft {
  const { legs } = wrapSheet(wrap.headDiameterMm, wrap.legWidthMm, wrap.maxStretch);
  return {
    ...draft,
    wrap,
    layers: draft.layers.map((layer) =>
      legs > 0 && layer.place.at === 'round' && materialOf(layer, view)?.form === 'sheet'
        ? { ...layer, amount: { by: 'strands' as const, strands: legs } }
        : layer,
    ),
    shownOn: { ...draft.shownOn, style: 'round', nominalG: ballG(wrap.headDiameterMm) },
  };
}

/**
 * A wrap to begin with: legs as wide as the sheet of the recipe is cut.
 *
 * @example usualWrap(draft, view).legWidthMm // 3
 */
export function usualWrap({ layers }: Pick<Skirt, 'layers'>, view: Pick<BenchFacts, 'binById'>): Wrap {
  const sheet = layers.map((layer) => materialOf(layer, view)).find((material) => material?.form === 'sheet');
  return { ...USUAL, legWidthMm: sheet?.strandWidthMm ?? USUAL.legWidthMm };
}
