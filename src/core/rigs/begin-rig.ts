import { choosePiece } from './choose-piece';
import { findRigKind } from './kinds';
import type { RigQuestion } from './kinds/definition';
import type { MatchLine } from './match-table';
import type { Rig, RigPiece } from './rig';

/** What a rig is begun from: anything not said is as usual. */
export interface RigWishes {
  readonly wants?: Readonly<Record<string, number>>;
  readonly picks?: Readonly<Record<string, string>>;
  /** Parts that must lie at a place, whatever the shelf would offer. */
  readonly chosen?: Readonly<Partial<Record<string, RigPiece>>>;
}

/**
 * A rig of a kind, every place filled with what of the shelf suits best, laid out as its kind does. Each place is chosen
 * with the ones before it in view: the cable by the load, its crimp by the cable.
 *
 * @example beginRig('cable-set', shelf, matches, { wants: { lureMm: 180 } }).items.length // 13
 */
export function beginRig(
  kindId: string,
  shelf: readonly RigPiece[],
  matches: readonly MatchLine[],
  wishes: RigWishes = {},
): Rig {
  const kind = findRigKind(kindId);
  const wants = { ...Object.fromEntries(kind.wants.map(({ id, usual }) => [id, usual])), ...wishes.wants };
  const picks = {
    ...Object.fromEntries(kind.picks.map(({ id, options }) => [id, options[0]?.value ?? ''])),
    ...wishes.picks,
  };
  let chosen: RigQuestion['chosen'] = {};
  for (const place of kind.places) {
    if (place.when && !place.when(picks)) continue;
    const piece = wishes.chosen?.[place.id] ?? choosePiece(shelf, place, { wants, picks, chosen, matches });
    if (piece) chosen = { ...chosen, [place.id]: piece };
  }
  return { kind: kindId, wants, picks, items: kind.lay({ wants, picks, chosen, matches }) };
}
