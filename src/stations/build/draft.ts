import { measuredParts } from '@/model/baits/measured-parts';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { findKind } from '@/core/builds/kinds';
import type { PartGauge } from '@/core/parts/part-roles';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import { isOnWire } from '@/core/parts/part-roles';
import type { NewBuild } from '@/records/build';
import type { PartBin } from '@/records/bin';
import { MOST_ON_ARM, type BuildRecord } from '@/records/build';
import type { BenchView } from '@/model/bench/bench-view';

/** A build on the bench, before it is kept. */
export type BuildDraft = NewBuild & {
  /** The version it began from; null for a new one. */
  readonly from: number | null;
};

const USUAL_FREE_MM = 3;
const USUAL_WORTH = 5;
/** A middling head as one marks it: 10 g, 3/8 oz. */
const USUAL_HEAD_G = { g: 10, oz: (3 / 8) * GRAMS_PER_OUNCE, 'oz-fraction': (3 / 8) * GRAMS_PER_OUNCE };

/** A bait of a kind with nothing on it yet; on the wire it usually has, where one lies on the shelf. */
export function newBuild(kind: BaitKindId, view: Pick<BenchView, 'bins'>, mass: MassUnit = 'g'): BuildDraft {
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
            style: 'round',
            nominalG: frame?.gauge?.sizes.headG ?? USUAL_HEAD_G[mass],
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

/** What putting a part on did, or why it was not put on. */
export type Placing =
  | { readonly ok: true; readonly draft: BuildDraft; readonly at: string }
  | { readonly ok: false; readonly why: string };

/**
 * Puts a part where it goes: threaded on the arm at `index`, hung from the first clevis or swivel without a blade, into the
 * loop, or in the slot that takes it.
 */
export function putOn(
  draft: BuildDraft,
  bin: PartBin,
  index: number,
  newId: string,
  view: Pick<BenchView, 'binById'>,
): Placing {
  const { gauge } = bin;
  if (!gauge) return { ok: false, why: `Nobody measured ${bin.name} yet. Measure it under Parts first.` };
  const kind = findKind(draft.kind);
  if (gauge.as === 'frame' && kind.arm) {
    const headG = gauge.sizes.headG;
    const head = draft.head && headG !== undefined ? { ...draft.head, nominalG: headG } : draft.head;
    return { ok: true, at: 'frame', draft: { ...draft, frameBinId: bin.id, armMm: null, head } };
  }
  if (gauge.as === 'blade' && !isOnWire(gauge) && kind.arm) return hang(draft, bin, view);
  if ((gauge.as === 'swivel' || gauge.as === 'ring') && kind.arm?.hasEnd) {
    return { ok: true, at: 'end', draft: { ...draft, end: { ...draft.end, binId: bin.id } } };
  }
  if (kind.arm?.takes.includes(gauge.as) && (gauge.as !== 'blade' || isOnWire(gauge))) {
    if (draft.arm.length >= MOST_ON_ARM) {
      return { ok: false, why: `${MOST_ON_ARM} parts are the most on one arm.` };
    }
    const at = Math.max(0, Math.min(draft.arm.length, index));
    const arm = [...draft.arm];
    arm.splice(at, 0, { id: newId, binId: bin.id, bladeBinId: null });
    return { ok: true, at: newId, draft: { ...draft, arm } };
  }
  return inSlot(draft, bin, gauge);
}

function hang(draft: BuildDraft, bin: PartBin, { binById }: Pick<BenchView, 'binById'>): Placing {
  const kind = findKind(draft.kind);
  const free = draft.arm.find(({ binId, bladeBinId }) => {
    const on = binById.get(binId);
    return bladeBinId === null && on?.kind === 'part' && on.gauge?.as === 'clevis';
  });
  if (free) {
    const arm = draft.arm.map((piece) => (piece === free ? { ...piece, bladeBinId: bin.id } : piece));
    return { ok: true, at: free.id, draft: { ...draft, arm } };
  }
  if (kind.arm?.hasEnd && draft.end.binId !== null && draft.end.bladeBinId === null) {
    return { ok: true, at: 'end', draft: { ...draft, end: { ...draft.end, bladeBinId: bin.id } } };
  }
  return {
    ok: false,
    why: `${bin.name} needs something to hang from: put a clevis on the arm${kind.arm?.hasEnd ? ', or a swivel in the loop,' : ''} first.`,
  };
}

function inSlot(draft: BuildDraft, bin: PartBin, gauge: PartGauge): Placing {
  const { slots, name } = findKind(draft.kind);
  const fitting = slots.filter(({ takes }) => takes.includes(gauge.as));
  const free = fitting.find(({ id }) => draft.slots.every(({ slot }) => slot !== id)) ?? fitting[0];
  if (!free) return { ok: false, why: `A ${name.toLowerCase()} has no place for ${bin.name}.` };
  const others = draft.slots.filter(({ slot }) => slot !== free.id);
  return { ok: true, at: free.id, draft: { ...draft, slots: [...others, { slot: free.id, binId: bin.id }] } };
}

/** Takes what is at a place off: an arm piece, first its blade; the loop's blade, then its swivel; the skirt; a slot. */
export function takeOff(draft: BuildDraft, at: string): BuildDraft {
  if (at === 'skirt') return { ...draft, skirtId: null };
  if (at === 'end') {
    const { end } = draft;
    return {
      ...draft,
      end: end.bladeBinId !== null ? { ...end, bladeBinId: null } : { binId: null, bladeBinId: null },
    };
  }
  const piece = draft.arm.find(({ id }) => id === at);
  if (piece?.bladeBinId) {
    return {
      ...draft,
      arm: draft.arm.map((each) => (each.id === at ? { ...each, bladeBinId: null } : each)),
    };
  }
  return {
    ...draft,
    arm: draft.arm.filter(({ id }) => id !== at),
    slots: draft.slots.filter(({ slot }) => slot !== at),
  };
}

/** Moves an arm piece one place toward the eye or the end. */
export function moveOn(draft: BuildDraft, at: string, by: 1 | -1): BuildDraft {
  const from = draft.arm.findIndex(({ id }) => id === at);
  const to = from + by;
  const piece = draft.arm[from];
  if (!piece || to < 0 || to >= draft.arm.length) return draft;
  const arm = draft.arm.filter((each) => each !== piece);
  arm.splice(to, 0, piece);
  return { ...draft, arm };
}

/** Another part in the place of one: a swap that keeps all else. */
export function swapAt(draft: BuildDraft, at: string, bin: PartBin): BuildDraft {
  const isBlade = bin.gauge?.as === 'blade';
  if (at === 'end') {
    return {
      ...draft,
      end: isBlade ? { ...draft.end, bladeBinId: bin.id } : { ...draft.end, binId: bin.id },
    };
  }
  if (at === 'frame') return { ...draft, frameBinId: bin.id, armMm: null };
  return {
    ...draft,
    arm: draft.arm.map((each) => {
      if (each.id !== at) return each;
      return isBlade && each.bladeBinId !== null
        ? { ...each, bladeBinId: bin.id }
        : { ...each, binId: bin.id };
    }),
    slots: draft.slots.map((each) => (each.slot === at ? { ...each, binId: bin.id } : each)),
  };
}

/** A kind with what of the build it has a place for. */
export function withKind(draft: BuildDraft, kind: BaitKindId, view: Pick<BenchView, 'bins'>): BuildDraft {
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
