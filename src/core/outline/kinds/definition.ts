import type { PartRoleId, SizeId } from '../../parts/part-roles';
import type { OutlineFeatures } from '../features';
import type { Outline } from '../outline';

export const SIGHT_KIND_IDS = [
  'blade',
  'hook',
  'ring',
  'bead',
  'swivel',
  'crimp',
  'clevis',
  'body',
  'trailer',
  'strands',
  'other',
] as const;
export type SightKindId = (typeof SIGHT_KIND_IDS)[number];

/** What can be told of a part beside the sizes that bins keep. */
export type ToldId =
  | SizeId
  | 'shankMm'
  | 'biteMm'
  | 'barbMm'
  | 'holeAtMm'
  | 'areaMm2'
  | 'volumeMm3'
  | 'strands'
  | 'strandWidthMm';

/** A size as it is read off an outline. */
export interface ReadSize {
  readonly id: ToldId;
  readonly label: string;
  readonly value: number;
  readonly unit: 'mm' | 'mm2' | 'mm3' | 'pieces';
  /** How far it can be off beside its edges, in its own unit: where a place is told by judgment, or not all is seen. */
  readonly soft: number;
}

/** The contract each kind of thing on the mat fills. A new kind is a new file and a line in `index.ts`. */
export interface SightKind {
  readonly id: SightKindId;
  readonly name: string;
  /** What parts of it are to a bin. */
  readonly roles: readonly PartRoleId[];
  /** How likely an outline is one, 0 to 1; the likeliest is the guess. */
  readonly likely: (features: OutlineFeatures, outline: Outline) => number;
  /** How high the part usually stands over the mat, mm. */
  readonly usualHeightMm: (features: OutlineFeatures) => number;
  /** Its sizes, the outline laid down from the height it stands at; `heightMm` is how thick it is. */
  readonly read: (outline: Outline, features: OutlineFeatures, heightMm: number) => readonly ReadSize[];
}

export const size = (
  id: ToldId,
  label: string,
  value: number,
  { unit = 'mm', soft = 0 }: Partial<Pick<ReadSize, 'unit' | 'soft'>> = {},
): ReadSize => ({ id, label, value, unit, soft });

/** 1 within a range, falling to 0 at `slack` outside of it. */
export function within(value: number, [least, most]: readonly [number, number], slack: number): number {
  const off = Math.max(least - value, value - most, 0);
  return Math.max(0, 1 - off / slack);
}
