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

/** A round head as most have them; of a maker whose blocks make none, what they do make. */
function usualHead(molds: BenchView['molds'], mass: MassUnit): { style: string; nominalG: number } {
  const nominalG = USUAL_HEAD_G[mass];
  const cavities = molds.flatMap((mold) => mold.cavities).filter(({ hookSizes }) => hookSizes.length > 0);
  if (cavities.length === 0 || cavities.some(({ style }) => style === USUAL_STYLE)) {
    return { style: USUAL_STYLE, nominalG };
  }
  const off = (marked: number) => Math.abs(Math.log(marked / nominalG));
  const [nearest = { style: USUAL_STYLE, nominalG }] = cavities.sort(
    (a, b) => off(a.nominalG) - off(b.nominalG),
  );
  return { style: nearest.style, nominalG: nearest.nominalG };
}

/** A bait of a kind with nothing on it yet; on the wire it usually has, where one lies on the shelf. */
export function newBuild(
  kind: BaitKindId,
  view: Pick<BenchView, 'bins' | 'molds'>,
  mass: MassUnit = 'g',
): BuildDraft {
  const { arm, takesHead, slots } = findKind(kind);
  const frames = measuredParts(view).filter(({ gauge }) => gauge?.as === 'frame');
  const suiting = frames.filter(({ gauge }) => arm !== null && gauge?.bend === arm.shape);
  const frame = suiting.find(({ gauge }) => (gauge?.sizes.headG !== undefined) === takesHead) ?? suiting[0];
  return {
    family: null,
    from: null,
    name: '',
    kind,
    head:
      takesHead || slots.some(({ id }) => id === 'strap')
        ? {
            ...usualHead(view.molds, mass),
            ...(frame?.gauge?.sizes.headG === undefined ? {} : { nominalG: frame.gauge.sizes.headG }),
            hookBinId: null,
            coatId: null,
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
  const { minFreeMm, pattern, worth, note } = build;
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
    worth,
    note,
  };
}

/** The build as it is written. */
export function buildOfDraft(draft: BuildDraft): NewBuild {
  const { family, name, kind, head, skirtId, frameBinId, armMm, arm, end, slots } = draft;
  const { minFreeMm, pattern, worth, note } = draft;
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
    worth,
    note,
    name: name.trim(),
  };
}

/** A kind with what of the build it has a place for. */
export function withKind(
  draft: BuildDraft,
  kind: BaitKindId,
  view: Pick<BenchView, 'bins' | 'molds'>,
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
