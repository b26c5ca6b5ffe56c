import { beginRig } from '@/core/rigs/begin-rig';
import { chosenOf } from '@/core/rigs/judge-rig';
import { findRigKind, type RigKindId } from '@/core/rigs/kinds';
import type { RigWant } from '@/core/rigs/kinds/definition';
import type { RigItem, RigPiece } from '@/core/rigs/rig';
import type { WrittenIn } from '@/text/written-in';
import { roundLength, roundMass, roundStrength } from '@/core/units/round-figure';
import type { NewRig } from '@/records/rig';
import type { RigItemRecord, RigRecord } from '@/records/rig';
import { rigOf } from '@/model/bills/rig-uses';
import { matchLines } from '@/model/rigs/match-lines';
import type { BenchView } from '@/model/bench/bench-view';
import { rigShelf } from '@/model/rigs/rig-facts';

/** A rig on the bench, before it is kept. */
export type RigDraft = NewRig & {
  /** The version it began from; null for a new one. */
  readonly from: number | null;
};

type Shelf = Pick<BenchView, 'bins' | 'matches'>;

/** Items as they are kept. */
function recordsOf(items: readonly RigItem[]): RigItemRecord[] {
  return items.map(({ part, ends, ...item }) => ({
    ...item,
    binId: part.binId,
    ends: ends ? [ends[0], ends[1]] : null,
  }));
}

/** What a kind is usually laid out by, round in the maker's own units. */
type Figures = Readonly<Record<string, number | undefined>>;

function wantsFrom(kind: RigKindId, { mass, length }: WrittenIn, asked: Figures): Record<string, number> {
  const round: Readonly<Partial<Record<RigWant['unit'], (value: number) => number>>> = {
    mm: (mm) => roundLength(mm, length),
    g: (massG) => roundMass(massG, mass),
    kgf: (kgf) => roundStrength(kgf, mass),
  };
  return Object.fromEntries(
    findRigKind(kind).wants.map(({ id, unit, usual, least, most }) => {
      const value = asked[id] ?? round[unit]?.(usual) ?? usual;
      return [id, Math.min(most, Math.max(least, value))];
    }),
  );
}

/** A new rig of a kind from what of the shelf suits best. */
export function newRig(kind: RigKindId, view: Shelf, units: WrittenIn, asked: Figures = {}): RigDraft {
  const wants = wantsFrom(kind, units, asked);
  const begun = beginRig(kind, rigShelf(view), matchLines(view), { wants });
  return {
    family: null,
    from: null,
    name: '',
    kind,
    note: '',
    wants: { ...begun.wants },
    picks: { ...begun.picks },
    items: recordsOf(begun.items),
  };
}

/** A version to go on from. */
export function rigDraftOf({ family, version, name, kind, wants, picks, items, note }: RigRecord): RigDraft {
  return { family, from: version, name, kind, wants, picks, items, note };
}

/** The rig as it is written. */
export function rigOfDraft({ family, name, kind, wants, picks, items, note }: RigDraft): NewRig {
  return { family, name: name.trim(), kind, wants, picks, items, note };
}

/**
 * The draft laid out anew for other wishes, with the parts it has: what was added besides stays behind what it stood
 * behind.
 */
export function laidAnew(
  draft: RigDraft,
  wishes: {
    readonly wants?: RigDraft['wants'];
    readonly picks?: RigDraft['picks'];
    /** Parts for places that had none, or another. */
    readonly chosen?: Readonly<Record<string, RigPiece>>;
  },
  view: Shelf & Pick<BenchView, 'binById'>,
): RigDraft {
  const wants = { ...draft.wants, ...wishes.wants };
  const picks = { ...draft.picks, ...wishes.picks };
  const [shelf, matches] = [rigShelf(view), matchLines(view)];
  const current = chosenOf(rigOf(draft, view).items);
  // What the shelf offered for the wishes before is offered anew; what the maker took himself stays.
  const before = beginRig(draft.kind, shelf, matches, { wants: draft.wants, picks: draft.picks });
  const offered = draft.from === null ? chosenOf(before.items) : {};
  const taken = Object.fromEntries(
    Object.entries(current).filter(([place, { binId }]) => offered[place]?.binId !== binId),
  );
  const begun = beginRig(draft.kind, shelf, matches, {
    wants,
    picks,
    chosen: { ...(wishes.chosen ? current : taken), ...wishes.chosen },
  });
  const items = recordsOf(begun.items);
  draft.items.forEach((item, index) => {
    if (item.place !== null) return;
    const before = draft.items[index - 1];
    const at = items.findIndex(({ id }) => id === before?.id);
    items.splice(at + 1, 0, item);
  });
  return { ...draft, wants, picks, items };
}

/** Another part at a place: wherever it fills that place. */
export function withPart(draft: RigDraft, item: RigItemRecord, binId: string): RigDraft {
  return {
    ...draft,
    items: draft.items.map((each) =>
      each.id === item.id || (item.place !== null && each.place === item.place) ? { ...each, binId } : each,
    ),
  };
}

/** One item changed. */
export function withItem(draft: RigDraft, id: string, to: Partial<RigItemRecord>): RigDraft {
  return { ...draft, items: draft.items.map((each) => (each.id === id ? { ...each, ...to } : each)) };
}

/** An item off the rig, and what hung from it. */
export function withoutItem(draft: RigDraft, id: string): RigDraft {
  return { ...draft, items: draft.items.filter((each) => each.id !== id && each.on !== id) };
}

/** An item a place up or down within its run. */
export function movedItem(draft: RigDraft, id: string, by: 1 | -1): RigDraft {
  const item = draft.items.find((each) => each.id === id);
  if (!item) return draft;
  const run = draft.items.filter(({ on }) => on === item.on);
  const other = run[run.indexOf(item) + by];
  if (!other) return draft;
  const items = draft.items.map((each) => (each === item ? other : each === other ? item : each));
  return { ...draft, items };
}

/** A part of the shelf added behind an item, or as a branch that hangs from it. */
export function withAdded(
  draft: RigDraft,
  piece: RigPiece,
  behind: RigItemRecord | null,
  isBranch: boolean,
  id: string,
): RigDraft {
  const isLine = piece.gauge.as === 'line';
  const added: RigItemRecord = {
    id,
    place: null,
    binId: piece.binId,
    atMm: null,
    count: 1,
    isTurned: false,
    on: isBranch ? (behind?.id ?? null) : (behind?.on ?? null),
    lengthMm: isLine ? 200 : piece.gauge.as === 'tube' ? 15 : null,
    ends: isLine ? ['knot', 'knot'] : null,
  };
  const at = behind ? draft.items.findIndex((each) => each.id === behind.id) + 1 : draft.items.length;
  const items = [...draft.items];
  items.splice(isBranch ? items.length : at, 0, added);
  return { ...draft, items };
}
