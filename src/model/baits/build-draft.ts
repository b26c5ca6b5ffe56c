import { measuredParts } from '@/model/baits/measured-parts';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { findKind } from '@/core/builds/kinds';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import type { NewBuild } from '@/records/build';
import type { BuildRecord } from '@/records/build';
import type { BenchView } from '@/model/bench/bench-view';

/** A build on the bench, before it is kept. */
export type BuildDraft = NewBuild & {
  /** The version it began from; null for a new one. */
  readonly from: number | null;
};

const USUAL_FREE_MM = 3;
const USUAL_WORTH = 5;
const USUAL_STYLE = 'round';
/** A middling head as one marks it: 10 g, 3/8 oz. */
const USUAL_HEAD_G = { g: 10, oz: (3 / 8) * GRAMS_PER_OUNCE, 'oz-fraction': (3 / 8) * GRAMS_PER_OUNCE };

/**
 * A head of the kind’s own style, or a round one as most have them; where neither the maker’s blocks nor the heads that were
 * bought have such, the nearest of what there is.
 */
function usualHead(
  { molds, bins }: Pick<BenchView, 'bins' | 'molds'>,
  mass: MassUnit,
  own: string | undefined,
): { style: string; nominalG: number } {
  const usual = { style: own ?? USUAL_STYLE, nominalG: USUAL_HEAD_G[mass] };
  const cast = molds.flatMap(({ cavities }) =>
    cavities.filter(({ hookSizes }) => hookSizes.length > 0 || own !== undefined),
  );
  const bought = bins.flatMap((bin) => (bin.kind === 'head' && !bin.retired ? [bin] : []));
  const all = cast.length > 0 ? cast : bought;
  const alike = all.filter(({ style }) => style === usual.style);
  if (own === undefined && alike.length > 0 && all === cast) return usual;
  const off = ({ nominalG }: { readonly nominalG: number }) => Math.abs(Math.log(nominalG / usual.nominalG));
  const [nearest = usual] = [...(alike.length > 0 || own !== undefined ? alike : all)].sort(
    (one, other) => off(one) - off(other),
  );
  return { style: nearest.style, nominalG: nearest.nominalG };
}

/** The color of such heads that lie there: none where bare ones do, or where nobody has any. */
function colorThere(
  { bins, levels }: Pick<BenchView, 'bins' | 'levels'>,
  like: { readonly style: string; readonly nominalG: number },
): string | null {
  const there = bins.filter(
    (bin) =>
      bin.kind === 'head' &&
      bin.style === like.style &&
      bin.nominalG === like.nominalG &&
      (levels.get(bin.id) ?? 0) > 0,
  );
  const colors = there.flatMap((bin) => (bin.kind === 'head' ? [bin.coatId] : []));
  return colors.includes(null) ? null : (colors[0] ?? null);
}

/** The wires that heads which lie there were cast on. */
function framesThere({ bins, levels }: Pick<BenchView, 'bins' | 'levels'>): ReadonlySet<string> {
  return new Set(
    bins.flatMap((bin) =>
      bin.kind === 'head' && bin.frameBinId !== undefined && (levels.get(bin.id) ?? 0) > 0
        ? [bin.frameBinId]
        : [],
    ),
  );
}

/** A bait of a kind with nothing on it yet; on the wire it usually has, where one lies on the shelf. */
export function newBuild(
  kind: BaitKindId,
  view: Pick<BenchView, 'bins' | 'molds' | 'levels'>,
  mass: MassUnit = 'g',
): BuildDraft {
  const { arm, takesHead, slots, headStyle } = findKind(kind);
  const frames = measuredParts(view).filter(({ gauge }) => gauge?.as === 'frame');
  const suiting = frames.filter(({ gauge }) => arm !== null && gauge?.bend === arm.shape);
  const usual = usualHead(view, mass, headStyle);
  const onHead = framesThere(view);
  const frame =
    suiting.find(({ id }) => onHead.has(id)) ??
    suiting.find(({ gauge }) => (gauge?.sizes.headG !== undefined) === takesHead) ??
    suiting[0];
  return {
    family: null,
    from: null,
    name: '',
    kind,
    head:
      takesHead || slots.some(({ id }) => id === 'strap')
        ? {
            ...usual,
            ...(frame?.gauge?.sizes.headG === undefined ? {} : { nominalG: frame.gauge.sizes.headG }),
            hookBinId: null,
            coatId: colorThere(view, usual),
          }
        : null,
    skirtId: null,
    frameBinId: frame?.id ?? null,
    armMm: null,
    arm: [],
    end: { binId: null, bladeBinId: null },
    slots: [],
    minFreeMm: USUAL_FREE_MM,
    pattern: null,
    worth: USUAL_WORTH,
    note: '',
  };
}

/** A version to go on from. */
export function draftOf(build: BuildRecord): BuildDraft {
  const { family, version, name, kind, head, skirtId, frameBinId, armMm, arm, end, slots } = build;
  const { minFreeMm, pattern, dip, worth, note } = build;
  return {
    family,
    from: version,
    name,
    kind,
    head,
    skirtId,
    frameBinId,
    armMm,
    arm,
    end,
    slots,
    minFreeMm,
    pattern,
    ...(dip ? { dip } : {}),
    worth,
    note,
  };
}

/** The build as it is written. */
export function buildOfDraft(draft: BuildDraft): NewBuild {
  const { family, name, kind, head, skirtId, frameBinId, armMm, arm, end, slots } = draft;
  const { minFreeMm, pattern, dip, worth, note } = draft;
  return {
    family,
    kind,
    head,
    skirtId,
    frameBinId,
    armMm,
    arm,
    end,
    slots,
    minFreeMm,
    pattern,
    ...(dip ? { dip } : {}),
    worth,
    note,
    name: name.trim(),
  };
}

/** A kind with what of the build it has a place for. */
export function withKind(
  draft: BuildDraft,
  kind: BaitKindId,
  view: Pick<BenchView, 'bins' | 'molds' | 'levels'>,
): BuildDraft {
  const fresh = newBuild(kind, view);
  const { slots, takesSkirt } = findKind(kind);
  const known = new Set(slots.map(({ id }) => id));
  return {
    ...fresh,
    name: draft.name,
    family: draft.family,
    from: draft.from,
    worth: draft.worth,
    note: draft.note,
    head: fresh.head && draft.head ? { ...draft.head, nominalG: fresh.head.nominalG } : fresh.head,
    skirtId: takesSkirt ? draft.skirtId : null,
    slots: draft.slots.filter(({ slot }) => known.has(slot)),
  };
}
