import type { LineForm } from '../parts/part-roles';

export const RIG_END_IDS = [
  'plain',
  'knot',
  'snell',
  'crimp-loop',
  'overhand-loop',
  'melted',
  'through',
] as const;
export type RigEndId = (typeof RIG_END_IDS)[number];

/** What a line ends at, as far as the end is longer or shorter for it. Millimeters. */
export interface EndFacts {
  readonly lineMm: number;
  readonly crimpMm: number;
  readonly loopMm: number;
  /** Thickness of the hook's wire. */
  readonly wireMm: number;
}

/** One way for a line to end: what it takes of the line besides, and what it leaves of its strength. */
export interface RigEnd {
  readonly id: RigEndId;
  readonly name: string;
  /** Where the maker learned none yet, mm. Source: practice, typical. */
  readonly usualMm: (facts: EndFacts) => number;
  /** Share of the line's strength left, by what it is made of, typical; null where no load is meant to hang on it. */
  readonly leaves: Readonly<Record<LineForm, number>> | null;
}

/** Turns of a snell, and the tag one holds on to. */
const SNELL_TURNS = 8;
const TAG_MM = 25;

const ALL_OF_IT = { strand: 1, cord: 1, hollow: 1, floss: 1, cable: 1 } as const;

/**
 * Every way a line can end. What each leaves of a line is typical: tests of knots on one strand, plaited line and cable
 * that differ by a tenth and more from each other. Source: practice; one's own pulls go before it.
 */
export const RIG_ENDS: readonly RigEnd[] = [
  { id: 'plain', name: 'Plain', usualMm: () => 0, leaves: ALL_OF_IT },
  {
    id: 'knot',
    name: 'Knot',
    // Through and back, five turns round itself, and what one pulls by.
    usualMm: ({ lineMm }) => 2 * TAG_MM + 5 * Math.PI * 2 * lineMm,
    // One strand cuts into itself where it turns; plaited cord is slick and slips; steel kinks.
    leaves: { strand: 0.8, cord: 0.65, hollow: 0.6, floss: 0.75, cable: 0.6 },
  },
  {
    id: 'snell',
    name: 'Snell',
    usualMm: ({ lineMm, wireMm }) => SNELL_TURNS * Math.PI * (wireMm + lineMm) + TAG_MM,
    leaves: { strand: 0.9, cord: 0.8, hollow: 0.7, floss: 0.85, cable: 0.5 },
  },
  {
    id: 'crimp-loop',
    name: 'Crimped loop',
    // The loop’s way back, and a tag as long as the crimp inside it.
    usualMm: ({ loopMm, crimpMm }) => loopMm + crimpMm,
    // A crimp bites into one strand and crushes plaited cord; it is made for cable.
    leaves: { strand: 0.85, cord: 0.5, hollow: 0.5, floss: 0.5, cable: 0.9 },
  },
  {
    id: 'overhand-loop',
    name: 'Overhand loop',
    usualMm: ({ loopMm, lineMm }) => loopMm + 2 * Math.PI * 2 * lineMm + TAG_MM,
    leaves: { strand: 0.6, cord: 0.5, hollow: 0.5, floss: 0.5, cable: 0.5 },
  },
  // It runs on behind the eye it goes through: the next line is the same piece.
  { id: 'through', name: 'Runs on through', usualMm: () => 0, leaves: ALL_OF_IT },
  { id: 'melted', name: 'Melted seal', usualMm: ({ lineMm }) => 2 + lineMm, leaves: null },
];

/**
 * The end of this id.
 *
 * @example findEnd('snell').name // 'Snell'
 */
export function findEnd(id: RigEndId): RigEnd {
  const end = RIG_ENDS.find((each) => each.id === id);
  if (!end) throw new RangeError(`findEnd requires one of the registered ends, not ${id}`);
  return end;
}

/**
 * What the weakest of some ends leaves of a line made so, typical: 1 where none of them is meant to bear a load.
 *
 * @example leastLeft(['knot', 'snell'], 'strand') // 0.8
 */
export function leastLeft(ends: readonly RigEndId[], line: LineForm): number {
  return Math.min(1, ...ends.flatMap((id) => findEnd(id).leaves?.[line] ?? []));
}
