import { findKind } from '@/core/builds/kinds';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { READY_SKIRT } from '@/core/builds/kinds/usual-steps';
import { isOnWire, type PartGauge } from '@/core/parts/part-roles';
import { MOST_ON_ARM } from '@/records/build';
import type { BenchFacts } from '../bench/bench-facts';
import type { BuildLike } from './bait-facts';
import type { BaitPart } from './measured-parts';

const SKIRT = READY_SKIRT.id;

/** What putting a part on did, or why it was not put on. */
export type Placing<Draft> =
  | { readonly ok: true; readonly draft: Draft; readonly at: string }
  | { readonly ok: false; readonly why: string };

/**
 * Puts a part where it goes: threaded on the arm at `index`, hung from the first clevis or swivel without a blade, into the
 * loop, or in the slot that takes it.
 */
export function putOn<Draft extends BuildLike>(
  draft: Draft,
  bin: BaitPart,
  index: number,
  newId: string,
  view: Pick<BenchFacts, 'binById'>,
): Placing<Draft> {
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

function hang<Draft extends BuildLike>(
  draft: Draft,
  bin: BaitPart,
  { binById }: Pick<BenchFacts, 'binById'>,
): Placing<Draft> {
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

function inSlot<Draft extends BuildLike>(draft: Draft, bin: BaitPart, gauge: PartGauge): Placing<Draft> {
  const { slots, name } = findKind(draft.kind);
  const fitting = slots.filter(({ takes }) => takes.includes(gauge.as));
  const free = fitting.find(({ id }) => draft.slots.every(({ slot }) => slot !== id)) ?? fitting[0];
  if (!free) return { ok: false, why: `A ${name.toLowerCase()} has no place for ${bin.name}.` };
  return { ok: true, at: free.id, draft: slotted(draft, free.id, bin) };
}

/** What is cut of a line where its slot says nothing of it, mm. */
const USUAL_CUT_MM = 100;

/** How a slot is filled with a part: of a line so much is cut. */
function filled(kind: BaitKindId, slot: string, { id, unit }: Pick<BaitPart, 'id' | 'unit'>) {
  const { cutMm = USUAL_CUT_MM } = findKind(kind).slots.find((each) => each.id === slot) ?? {};
  return unit === 'mm' ? { slot, binId: id, cutMm } : { slot, binId: id };
}

/** A part in a slot, or none. A ready skirt takes the place of one tied here. */
export function slotted<Draft extends BuildLike>(
  draft: Draft,
  slot: string,
  part: Pick<BaitPart, 'id' | 'unit'> | null,
): Draft {
  const others = draft.slots.filter((each) => each.slot !== slot);
  return {
    ...draft,
    skirtId: slot === SKIRT && part !== null ? null : draft.skirtId,
    slots: part === null ? others : [...others, filled(draft.kind, slot, part)],
  };
}

/** So much of a line is cut for a slot, mm. */
export function cutTo<Draft extends BuildLike>(draft: Draft, slot: string, cutMm: number): Draft {
  return { ...draft, slots: draft.slots.map((each) => (each.slot === slot ? { ...each, cutMm } : each)) };
}

/** A skirt tied here, in the place of a ready one; none where null. */
export function wearing<Draft extends BuildLike>(draft: Draft, skirtId: string | null): Draft {
  return { ...draft, skirtId, slots: draft.slots.filter(({ slot }) => slot !== SKIRT) };
}

/** Takes what is at a place off: an arm piece, first its blade; the loop's blade, then its swivel; the skirt; a slot. */
export function takeOff<Draft extends BuildLike>(draft: Draft, at: string): Draft {
  if (at === SKIRT) return wearing(draft, null);
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
export function moveOn<Draft extends BuildLike>(draft: Draft, at: string, by: 1 | -1): Draft {
  const from = draft.arm.findIndex(({ id }) => id === at);
  const to = from + by;
  const piece = draft.arm[from];
  if (!piece || to < 0 || to >= draft.arm.length) return draft;
  const arm = draft.arm.filter((each) => each !== piece);
  arm.splice(to, 0, piece);
  return { ...draft, arm };
}

/** Another part in the place of one: a swap that keeps all else. */
export function swapAt<Draft extends BuildLike>(draft: Draft, at: string, bin: BaitPart): Draft {
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
    slots: draft.slots.map((each) => (each.slot === at ? filled(draft.kind, at, bin) : each)),
  };
}
