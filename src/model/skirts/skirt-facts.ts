import { sum } from '@/core/numeric/sum';
import { bundleStrands } from '@/core/skirts/bundle-strands';
import { placeArc } from '@/core/skirts/place-arc';
import type { TabPieces } from '@/core/skirts/pull-tabs';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import { tabPieces } from '@/core/skirts/tab-pieces';
import type { StrandBin } from '@/records/bin';
import type { Skirt, SkirtLayerRecord } from '@/records/skirt';
import type { BenchFacts } from '../bench/bench-facts';

type Bins = Pick<BenchFacts, 'binById'>;

/** Of hair and horn, g/cm3. */
const HAIR_GCM3 = 1.3;

/** What a layer is made of; null where its bin is gone. */
export function materialOf(layer: Pick<SkirtLayerRecord, 'binId'>, { binById }: Bins): StrandBin | null {
  const bin = binById.get(layer.binId);
  return bin?.kind === 'strand' ? bin : null;
}

/** How many strands an amount of a material is; broken where a quarter tab is. */
function strandsOf(
  amount: SkirtLayerRecord['amount'],
  material: Pick<StrandBin, 'strandWidthMm' | 'strandsPerTab'>,
): number {
  const perTab = material.strandsPerTab ?? 0;
  switch (amount.by) {
    case 'tabs':
      return amount.tabs * perTab;
    case 'strands':
      return amount.strands;
    case 'bundle':
      return bundleStrands(amount.diameterMm, material.strandWidthMm);
    case 'bunches':
      return amount.bunches * perTab;
  }
}

/** The layers of a recipe as they are held, in tying order. Layers whose material is gone are left out. */
export function layersOf(recipe: Pick<Skirt, 'layers'>, view: Bins): SkirtLayer[] {
  return recipe.layers.flatMap((layer): SkirtLayer[] => {
    const material = materialOf(layer, view);
    if (!material) return [];
    return [
      {
        material: material.id,
        strands: strandsOf(layer.amount, material),
        strandWidthMm: material.strandWidthMm,
        arc: placeArc(layer.place),
        lengthMm: layer.lengthMm,
        isForward: layer.isForward,
      },
    ];
  });
}

/** Half of what a tail takes of the round, degrees. */
const TAIL_HALF_DEG = 8;

/**
 * Inner tails that are cut from something, as layers: of so many legs, where their angle is, as long as the longest layer.
 *
 * @example tailLayers(recipe)[0]?.amount // { by: 'strands', strands: 3 }
 */
export function tailLayers({
  layers,
  tails = [],
}: Pick<Skirt, 'layers'> & { readonly tails?: Skirt['tails'] }): SkirtLayerRecord[] {
  const lengthMm = Math.max(0, ...layers.map((layer) => layer.lengthMm));
  return tails.flatMap(({ angleDeg, binId, legs = 1 }, nth): SkirtLayerRecord[] =>
    binId === undefined
      ? []
      : [
          {
            id: `tail ${nth}`,
            binId,
            amount: { by: 'strands', strands: legs },
            place: {
              at: 'angles',
              fromDeg: (angleDeg - TAIL_HALF_DEG + 360) % 360,
              toDeg: (angleDeg + TAIL_HALF_DEG) % 360,
            },
            lengthMm,
            isShort: false,
            isForward: false,
          },
        ],
  );
}

/** How much of a bin one skirt's layer takes, in the bin's unit: tabs, bunches or sheets, or g of hair. */
export function takeOf(layer: Pick<SkirtLayerRecord, 'amount' | 'lengthMm'>, material: StrandBin): number {
  const strands = strandsOf(layer.amount, material);
  if (material.unit === 'pieces') return strands / Math.max(1, material.strandsPerTab ?? 1);
  const cm3Each = (Math.PI / 4) * (material.strandWidthMm / 10) ** 2 * (layer.lengthMm / 10);
  return strands * cm3Each * HAIR_GCM3;
}

/** The tabs a recipe is made of; what is no tab counts as so many tabs as its strands would be of 20. */
export function tabsOf(recipe: Pick<Skirt, 'layers'>, view: Bins): number {
  return sum(
    recipe.layers.map((layer) => {
      const material = materialOf(layer, view);
      return material?.form === 'tab' ? takeOf(layer, material) : 0;
    }),
  );
}

/** What a skirt itself weighs, g; null where some material was never weighed. */
export function skirtMassOf(recipe: Pick<Skirt, 'layers'>, view: Bins): number | null {
  const masses = recipe.layers.map((layer) => {
    const material = materialOf(layer, view);
    if (!material) return null;
    const take = takeOf(layer, material);
    return material.unit === 'g' ? take : material.massG === null ? null : take * material.massG;
  });
  return masses.some((mass) => mass === null) ? null : sum(masses.map((mass) => mass ?? 0));
}

/** The pieces of a bin of tabs: whole ones, and what is left of cut ones. */
export function piecesOf(
  binId: string,
  { levels, cutEntries }: Pick<BenchFacts, 'levels' | 'cutEntries'>,
): TabPieces[] {
  const cut = cutEntries.filter((entry) => entry.binId === binId);
  const whole = sum([levels.get(binId) ?? 0, ...cut.map(({ qty }) => -qty)]);
  return tabPieces([{ qty: whole, pieceShare: null }, ...cut]);
}
