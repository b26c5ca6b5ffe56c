import type { FirstLiquid } from '@/core/metals/melting-range';

/** Melting points of the elements, C, after the calculation contract and the usual handbooks. */
export const MELTING_POINTS: Readonly<Record<string, number>> = {
  Pb: 327.5,
  Sn: 231.9,
  Sb: 630.6,
  Bi: 271.4,
  Zn: 419.5,
  Cu: 1084.6,
  Ag: 961.8,
  As: 615,
};

const group = (elements: readonly string[], atC: number): FirstLiquid => ({ elements, atC });

/**
 * Where the first liquid of some elements stands, C: the eutectic or the invariant point of their diagram; pairs first.
 * Source: calculation contract, after the handbooks of phase diagrams.
 */
export const FIRST_LIQUIDS: readonly FirstLiquid[] = [
  group(['Pb', 'Sn'], 183),
  group(['Pb', 'Sb'], 252),
  group(['Pb', 'Bi'], 125.5),
  group(['Pb', 'As'], 288),
  group(['Pb', 'Ag'], 304),
  group(['Pb', 'Zn'], 318),
  group(['Pb', 'Cu'], 326),
  group(['Sn', 'Bi'], 138.5),
  group(['Sn', 'Zn'], 198.5),
  group(['Sn', 'Ag'], 221),
  group(['Sn', 'Cu'], 227),
  group(['Sn', 'Sb'], 231.9),
  group(['Bi', 'Zn'], 254.5),
  group(['Bi', 'Ag'], 262),
  group(['Sb', 'Bi'], 271.4),
  group(['Pb', 'Sn', 'Bi'], 95),
  group(['Pb', 'Sn', 'Ag'], 179),
  group(['Pb', 'Sn', 'Zn'], 177),
  group(['Sn', 'Bi', 'Ag'], 137),
  group(['Pb', 'Sn', 'Sb'], 239),
  group(['Pb', 'Bi', 'Sb'], 125.5),
  group(['Sn', 'Ag', 'Cu'], 217),
  group(['Sn', 'Bi', 'Zn'], 130),
];

/** How much of an element solid lead holds, a share, where that is known. */
export const HELD_BY_LEAD: Readonly<Record<string, number>> = { Sn: 0.19, Sb: 0.035, Bi: 0.23 };
