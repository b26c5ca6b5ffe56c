import { lengthText } from '@/text/words';
import { compareNames } from '@/core/numeric/compare-names';
import type { HoldId } from '@/core/skirts/holds';
import { findHold } from '@/core/skirts/holds';
import type { NewSkirt } from '@/records/skirt';
import type { StrandBin } from '@/records/bin';
import { MOST_LAYERS, type Skirt, type SkirtLayerRecord } from '@/records/skirt';
import { longSideMm } from '@/model/skirts/held-at';
import { materialOf } from '@/model/skirts/skirt-facts';
import { usualWrap, withWrap } from '@/model/skirts/sheet-wrap';
import type { BenchView } from '@/model/bench/bench-view';

/** A recipe being made or changed. */
export type SkirtDraft = NewSkirt & {
  /** The version it began from; null for a new one. */
  readonly from: number | null;
};

/** How a skirt of a material is usually held. */
const HOLD_OF = {
  tab: 'collar-tool',
  hair: 'thread-hitches',
  fur: 'thread-hitches',
  sheet: 'cut-sheet',
} as const;
const SHORT_MM = 12;
const LONG_MM = 60;

/** A recipe of one layer to begin with: the first tab on the shelf, all round. */
export function newSkirt(view: Pick<BenchView, 'bins'>, layerId: string): SkirtDraft | null {
  const material = strandsOnShelf(view)[0];
  if (!material) return null;
  const hook = view.bins.find((bin) => bin.kind === 'hook' && bin.size === '3/0');
  const collar = view.bins.find((bin) => bin.kind === 'part' && bin.gauge?.as === 'collar');
  const fresh: SkirtDraft = {
    family: null,
    from: null,
    name: '',
    prey: '',
    layers: [newLayer(material, layerId, undefined)],
    hold: HOLD_OF[material.form],
    counts: {},
    collar: { binId: collar?.id ?? null, diameterMm: 6, atShare: 0.33, headSideMm: 7 },
    wrap: null,
    tails: [],
    shownOn: {
      style: 'round',
      nominalG: 10,
      hookBinId: hook?.id ?? null,
      coatId: null,
      guardBinId: null,
      rattleBinId: null,
      trailerBinId: null,
    },
    note: '',
  };
  const binById = new Map(view.bins.map((bin) => [bin.id, bin]));
  return material.form === 'sheet' ? withHold(fresh, 'cut-sheet', { binById }) : fresh;
}

/** Materials that skirts are made of, in the order of the drawer. */
export function strandsOnShelf(view: Pick<BenchView, 'bins'>): StrandBin[] {
  const rank = { tab: 0, hair: 1, fur: 2, sheet: 3 } as const;
  return view.bins
    .filter((bin): bin is StrandBin => bin.kind === 'strand')
    .sort(
      (a, b) =>
        rank[a.form] - rank[b.form] || b.strandWidthMm - a.strandWidthMm || compareNames(a.name, b.name),
    );
}

/** A version to go on from. */
export function draftOf(skirt: Skirt): SkirtDraft {
  const { family, version, name, prey, layers, hold, counts, collar, wrap, tails, shownOn, note } = skirt;
  const kept = {
    family,
    from: version,
    name,
    prey,
    layers,
    hold,
    counts,
    collar,
    wrap,
    tails,
    shownOn,
    note,
  };
  return { ...kept, ...saidOf(skirt) };
}

/** A layer of a material as it is usually laid; as long as the one before it. */
export function newLayer(
  material: StrandBin,
  id: string,
  before: SkirtLayerRecord | undefined,
): SkirtLayerRecord {
  return {
    id,
    binId: material.id,
    amount: usualAmount(material),
    place: { at: 'round' },
    // No strand is longer than its hide.
    lengthMm:
      before && !before.isShort
        ? Math.min(before.lengthMm, material.longMm)
        : Math.min(LONG_MM, material.longMm / 2),
    isShort: false,
    isForward: before?.isForward ?? true,
  };
}

/** How much of a material one begins with. */
function usualAmount({ form }: Pick<StrandBin, 'form'>): SkirtLayerRecord['amount'] {
  switch (form) {
    case 'hair':
      return { by: 'bundle', diameterMm: 2.5 };
    case 'fur':
      return { by: 'bunches', bunches: 1 };
    case 'tab':
    case 'sheet':
      return { by: 'tabs', tabs: form === 'tab' ? 0.5 : 1 };
  }
}

/** A layer of another material: its amount stays where it suits that. */
export function withMaterial(
  layer: SkirtLayerRecord,
  from: StrandBin | null,
  to: StrandBin,
): SkirtLayerRecord {
  const isAlike = from?.form === to.form;
  return {
    ...layer,
    binId: to.id,
    amount: isAlike ? layer.amount : usualAmount(to),
    lengthMm: Math.min(layer.lengthMm, to.longMm),
  };
}

/** Trims a layer at the collar, or lets it hang long again. */
export function withShort(layer: SkirtLayerRecord, isShort: boolean, longMm: number): SkirtLayerRecord {
  return { ...layer, isShort, lengthMm: isShort ? SHORT_MM : longMm };
}

/** The length that layers not cut short have. */
export function longOf(layers: readonly SkirtLayerRecord[]): number {
  return layers.find(({ isShort }) => !isShort)?.lengthMm ?? LONG_MM;
}

export interface DraftProblems {
  readonly layers: string | null;
  /** What the tying will not like; it may be kept all the same. */
  readonly cautions: readonly string[];
}

/** What keeps a recipe from being kept, and what to mind. */
export function findProblems(
  draft: SkirtDraft,
  view: Pick<BenchView, 'binById'>,
  length: 'mm' | 'in',
): DraftProblems {
  const hold = findHold(draft.hold);
  const cautions = draft.layers.flatMap((layer, index) => {
    const material = view.binById.get(layer.binId);
    if (material?.kind !== 'strand') return [`Layer ${index + 1}: its material is gone. Choose another.`];
    const most = longSideMm(material.longMm, draft.collar.atShare);
    return [
      ...(layer.lengthMm > most
        ? [
            `Layer ${index + 1}: strands of ${lengthText(material.longMm, length)}, held at ${Math.round(draft.collar.atShare * 100)} %, give ${lengthText(most, length)} at most.`,
          ]
        : []),
      ...(hold.suits.includes(material.form)
        ? []
        : [`Layer ${index + 1}: ${hold.name} is not how ${FORM_WORDS[material.form]} usually is held.`]),
    ];
  });
  return {
    layers:
      draft.layers.length === 0
        ? 'A skirt needs a layer.'
        : draft.layers.length > MOST_LAYERS
          ? `At most ${MOST_LAYERS} layers.`
          : null,
    cautions: [...new Set(cautions)],
  };
}

const FORM_WORDS = { tab: 'a tab', hair: 'hair', fur: 'fur', sheet: 'a sheet' } as const;

/** A hold with its usual counts. */
export function withHold(draft: SkirtDraft, id: HoldId, view: Pick<BenchView, 'binById'>): SkirtDraft {
  const counts = Object.fromEntries(findHold(id).counts.map(({ id: count, usual }) => [count, usual]));
  const held = { ...draft, hold: id, counts };
  if (id !== 'cut-sheet') return { ...held, wrap: null, tails: [] };
  return withWrap(held, draft.wrap ?? usualWrap(draft, view), view);
}

/** Other layers; a new recipe whose hold suits none of them is held as its material usually is. */
export function withLayers(
  draft: SkirtDraft,
  layers: SkirtDraft['layers'],
  view: Pick<BenchView, 'binById'>,
): SkirtDraft {
  const next = { ...draft, layers };
  const forms = layers.flatMap((layer) => materialOf(layer, view)?.form ?? []);
  const [first] = forms;
  const isHeld = forms.some((form) => findHold(draft.hold).suits.includes(form));
  return first === undefined || isHeld || draft.from !== null ? next : withHold(next, HOLD_OF[first], view);
}

/** What it is wound with and what else goes on it, where somebody said so. */
const saidOf = ({ thread, also }: Pick<Skirt, 'thread' | 'also'>) => ({
  ...(thread ? { thread } : {}),
  ...(also && also.length > 0 ? { also } : {}),
});

/** The recipe as it is written. */
export function recipeOf(draft: SkirtDraft): NewSkirt {
  const { family, name, prey, layers, hold, counts, collar, wrap, tails, shownOn, note } = draft;
  return {
    family,
    ...saidOf(draft),
    layers,
    hold,
    counts,
    collar,
    wrap,
    tails,
    shownOn,
    note,
    name: name.trim(),
    prey: prey.trim(),
  };
}
