import { beginRig } from '@/core/rigs/begin-rig';
import { chosenOf } from '@/core/rigs/judge-rig';
import type { RigKindId } from '@/core/rigs/kinds';
import { rigPieceOf } from '@/records/rig-piece';
import { usualFor } from '@/reference/typical/usual-for-rigs';
import type { BenchFacts } from '../bench/bench-facts';
import { rigOf, type RigLike } from '../bills/rig-uses';
import { asThere, typicalThings, type TypicalThing } from '../stock/typical-things';
import { matchLines } from './match-lines';

/** A typical thing for each place of a rig that has nothing yet. */
export interface TypicalPlaces {
  readonly [place: string]: TypicalThing;
}

/**
 * What such a rig usually has where this one has nothing yet: each place chosen as from a shelf on which every common
 * size lies, with what the rig has already in view.
 *
 * @example typicalPlaces(draft, view, 'in').cable?.bin.name // 'Cable 30 lb'
 */
export function typicalPlaces(
  draft: RigLike,
  view: Pick<BenchFacts, 'binById' | 'matches'>,
  length: 'mm' | 'in',
): TypicalPlaces {
  const things = typicalThings(usualFor(draft.kind as RigKindId), length);
  const shelf = things.flatMap((thing) => rigPieceOf(asThere(thing)) ?? []);
  const { wants, picks } = draft;
  const chosen = chosenOf(rigOf(draft, view).items);
  const begun = beginRig(draft.kind, shelf, matchLines(view), { wants, picks, chosen });
  const byId = new Map(things.map((thing) => [thing.id, thing]));
  return Object.fromEntries(
    Object.entries(chosenOf(begun.items)).flatMap(([place, piece]) => {
      const thing = piece && byId.get(piece.binId);
      return thing ? [[place, thing]] : [];
    }),
  );
}
