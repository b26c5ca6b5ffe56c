import { findEnd, type RigEnd } from './ends';
import { findRigKind } from './kinds';
import type { StrengthLink } from './rate-strength';
import type { Rig, RigPiece } from './rig';

export interface RigLink extends StrengthLink {
  readonly itemId: string;
  readonly efficiency: number;
  /** How many pulls of the maker's own are in it; 0 where it is typical. */
  readonly pulls: number;
}

/** What a rig hangs on. */
export interface RigLinks {
  readonly links: readonly RigLink[];
  /** Parts that a load goes through and of which nobody knows what they hold. */
  readonly unknown: readonly { readonly itemId: string; readonly name: string }[];
}

/** What an end leaves of a line: by the maker's pulls, else as is typical of what it is made of. */
function leftBy({ id, leaves }: RigEnd, { gauge, pulled }: RigPiece): { share: number; pulls: number } {
  return pulled?.[id] ?? { share: leaves?.[gauge.line ?? 'strand'] ?? 1, pulls: 0 };
}

const BEARS = ['line', 'hook', 'swivel', 'ring', 'solid', 'snap', 'junction'];

/**
 * Everything of a rig that a load goes through: lines at their weaker end, swivels, rings, snaps and hooks. An end that no
 * load is meant to hang on leaves its line out.
 *
 * @example rateStrength(linksOfRig(rig).links).weakest // 'Cable 18 kg, crimped loop'
 */
export function linksOfRig({ kind, items }: Pick<Rig, 'kind' | 'items'>): RigLinks {
  const links: RigLink[] = [];
  const unknown: { itemId: string; name: string }[] = [];
  const idle = new Set(findRigKind(kind).places.flatMap(({ id, isIdle }) => (isIdle ? [id] : [])));
  for (const { id, place, part, on, ends } of items) {
    if (!BEARS.includes(part.gauge.as) || (place !== null && idle.has(place))) continue;
    // A tag left over behind a knot holds bait, not fish.
    if (on !== null && ends?.[0] === 'through') continue;
    const told = (ends ?? []).map(findEnd);
    if (told.some(({ leaves }) => leaves === null)) continue;
    const { breakKgf } = part.gauge.sizes;
    if (breakKgf === undefined) {
      if (!unknown.some(({ name }) => name === part.name)) unknown.push({ itemId: id, name: part.name });
      continue;
    }
    const weaker = told.map((end) => ({ end, ...leftBy(end, part) })).sort((a, b) => a.share - b.share)[0];
    links.push({
      itemId: id,
      name:
        weaker && weaker.end.id !== 'plain' ? `${part.name}, ${weaker.end.name.toLowerCase()}` : part.name,
      breakKgf,
      efficiency: weaker?.share ?? 1,
      pulls: weaker?.pulls ?? 0,
    });
  }
  return { links, unknown };
}
