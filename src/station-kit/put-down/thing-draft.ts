import type { SizeId } from '@/core/parts/part-roles';
import { binOfThing, unitOf, usualHead, type HeadSaid, type ThingSaid } from '@/model/stock/put-down';
import type { NewBin } from '@/records/plain-bin';
import { findThingKind, findTypicalSize } from '@/reference/typical';
import type { HeadKind, ThingKind, TypicalSize } from '@/reference/typical/thing-kind';
import { thingName } from '@/reference/typical/thing-name';

/** What stands in the form. */
export interface ThingDraft {
  readonly kindId: string;
  readonly size: string;
  /** Null while it is called what its kind and size say. */
  readonly name: string | null;
  readonly place: string;
  /** In what it is kept by: of what is kept by its length, of one roll. */
  readonly qty: number | null;
  readonly rolls: number;
  readonly price: number | null;
  /** What that price is for, in what it is kept by. */
  readonly per: number | null;
  readonly seller: string;
  readonly hex: string | null;
  readonly sizes: Readonly<Partial<Record<SizeId, number>>>;
  readonly massG: number | null;
  /** Of a bought head; null while it is as such heads usually are. */
  readonly head: HeadSaid | null;
}

/** A form for a kind, with its usual size. */
export function draftOf(kind: ThingKind, size = kind.usual): ThingDraft {
  return {
    kindId: kind.id,
    size,
    name: null,
    place: '',
    qty: null,
    rolls: 1,
    price: null,
    per: kind.pack,
    seller: '',
    hex: null,
    sizes: {},
    massG: null,
    head: null,
  };
}

/** The same form for another size: what was measured or counted was of the one before. */
export const withSize = (draft: ThingDraft, size: string): ThingDraft => ({
  ...draft,
  size,
  sizes: {},
  massG: null,
  head: null,
});

/** The same form for the next thing of its kind: its place and seller are most likely the same. */
export const forNext = (draft: ThingDraft): ThingDraft => ({
  ...draft,
  name: null,
  qty: null,
  price: null,
  sizes: {},
  massG: null,
});

/** What a draft says, with all that follows from it. */
export interface ReadDraft {
  readonly kind: ThingKind;
  readonly size: TypicalSize;
  readonly unit: NewBin['unit'];
  readonly name: string;
  readonly costEach: number | null;
  readonly bin: NewBin;
}

/** What a bought head is, as far as it was said. */
export const headOf = ({ head, size }: ThingDraft, kind: HeadKind, length: 'mm' | 'in'): HeadSaid =>
  head ?? usualHead(kind, size, length === 'mm');

export function readDraft(draft: ThingDraft, length: 'mm' | 'in'): ReadDraft {
  const kind = findThingKind(draft.kindId);
  const size = findTypicalSize(kind, draft.size);
  const name = draft.name ?? thingName(kind, size, length);
  const costEach =
    draft.price === null || draft.per === null || draft.per <= 0 ? null : draft.price / draft.per;
  const { place, sizes, massG, hex } = draft;
  const head = kind.makes === 'head' ? headOf(draft, kind, length) : null;
  const said: ThingSaid = { kind, size: draft.size, name, place, sizes, massG, hex, head, costEach };
  return { kind, size, unit: unitOf(kind), name, costEach, bin: binOfThing(said) };
}
