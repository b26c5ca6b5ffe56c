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
  /** Share of the line's strength left, typical; null where no load is meant to hang on it. */
  readonly efficiency: number | null;
}

/** Turns of a snell, and the tag one holds on to. */
const SNELL_TURNS = 8;
const TAG_MM = 25;

/** Every way a line can end. */
export const RIG_ENDS: readonly RigEnd[] = [
  { id: 'plain', name: 'Plain', usualMm: () => 0, efficiency: 1 },
  {
    id: 'knot',
    name: 'Knot',
    // Through and back, five turns round itself, and what one pulls by.
    usualMm: ({ lineMm }) => 2 * TAG_MM + 5 * Math.PI * 2 * lineMm,
    efficiency: 0.8,
  },
  {
    id: 'snell',
    name: 'Snell',
    usualMm: ({ lineMm, wireMm }) => SNELL_TURNS * Math.PI * (wireMm + lineMm) + TAG_MM,
    efficiency: 0.9,
  },
  {
    id: 'crimp-loop',
    name: 'Crimped loop',
    // The loop’s way back, and a tag as long as the crimp inside it.
    usualMm: ({ loopMm, crimpMm }) => loopMm + crimpMm,
    efficiency: 0.9,
  },
  {
    id: 'overhand-loop',
    name: 'Overhand loop',
    usualMm: ({ loopMm, lineMm }) => loopMm + 2 * Math.PI * 2 * lineMm + TAG_MM,
    efficiency: 0.6,
  },
  // It runs on behind the eye it goes through: the next line is the same piece.
  { id: 'through', name: 'Runs on through', usualMm: () => 0, efficiency: 1 },
  { id: 'melted', name: 'Melted seal', usualMm: ({ lineMm }) => 2 + lineMm, efficiency: null },
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
