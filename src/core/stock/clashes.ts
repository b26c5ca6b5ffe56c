import { metalFamily } from '../metals/metal-family';

/** What a thing on the shelf is made of, as far as its neighbors mind. */
export const STUFFS = [
  'soft-plastic',
  'stretch-plastic',
  'hard-plastic',
  'painted',
  'lead',
  'lead-free',
  'zinc',
] as const;
export type Stuff = (typeof STUFFS)[number];

/** What must not lie together, and why. Usual cautions of the trade; the makers' sheets rule. */
const CLASHES: readonly { readonly of: readonly [Stuff, Stuff]; readonly why: string }[] = [
  { of: ['soft-plastic', 'stretch-plastic'], why: 'melts' },
  { of: ['soft-plastic', 'hard-plastic'], why: 'melts' },
  { of: ['soft-plastic', 'painted'], why: 'lifts-paint' },
  { of: ['lead', 'zinc'], why: 'spoils-pour' },
  { of: ['lead-free', 'zinc'], why: 'spoils-pour' },
  { of: ['lead', 'lead-free'], why: 'mixes-up' },
];

export interface Clash {
  readonly a: string;
  readonly b: string;
  readonly why: string;
}

/** What a metal counts as; null where it harms none, or where nobody knows what it is. */
export function stuffOfMetal(composition: Readonly<Record<string, number>> | null): Stuff | null {
  switch (metalFamily(composition)) {
    case 'zinc':
      return 'zinc';
    case 'lead':
      return 'lead';
    case 'tin':
    case 'bismuth':
      return 'lead-free';
    default:
      return null;
  }
}

/**
 * Pairs of things in one drawer that must be kept apart.
 *
 * @example findClashes([{ id: 'worms', stuff: 'soft-plastic' }, { id: 'cranks', stuff: 'hard-plastic' }])
 * // [{ a: 'worms', b: 'cranks', why: 'melts' }]
 */
export function findClashes(
  things: readonly { readonly id: string; readonly stuff: Stuff | null }[],
): Clash[] {
  // A full drawer holds hundreds, few of which mind each other: each looks only at those of the stuffs it minds.
  const placed = things.map((thing, at) => ({ ...thing, at }));
  const byStuff = new Map(STUFFS.map((each) => [each, placed.filter(({ stuff }) => stuff === each)]));
  return placed.flatMap(({ id, stuff, at }) =>
    CLASHES.flatMap(({ of: [a, b], why }) => {
      const minded = stuff === a ? b : stuff === b ? a : null;
      const others = minded === null ? [] : (byStuff.get(minded) ?? []);
      return others.filter((other) => other.at > at).map((other) => ({ other, why }));
    })
      .sort((a, b) => a.other.at - b.other.at)
      .map(({ other, why }) => ({ a: id, b: other.id, why })),
  );
}
