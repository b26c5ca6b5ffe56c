import type { PartGauge } from '../parts/part-roles';
import type { RigEndId } from './ends';
import type { PulledShare } from './pulled-share';

/** A part as a rig knows it: off the shelf, with what was measured of it. */
export interface RigPiece {
  /** Its bin. */
  readonly binId: string;
  readonly name: string;
  readonly gauge: PartGauge;
  readonly massG: number | null;
  /** Its color; null or left out where nobody said. */
  readonly hex?: string | null;
  /** Of a line: what the maker's own pulls said of its ends; left out where nobody pulled any. */
  readonly pulled?: Readonly<Partial<Record<RigEndId, PulledShare>>>;
}

/** One thing in a rig, from the top down. */
export interface RigItem {
  readonly id: string;
  /** The place of its kind that it fills; null for what was added besides. */
  readonly place: string | null;
  readonly part: RigPiece;
  /** The item it hangs from; null on the main run. */
  readonly on: string | null;
  /** Of a line between its ends, of a tube as it is cut, mm. */
  readonly lengthMm: number | null;
  /** Of a line: how it ends above and below. */
  readonly ends: readonly [RigEndId, RigEndId] | null;
  /** Of what is threaded: how far down its line, mm; null where it slides. */
  readonly atMm: number | null;
  readonly count: number;
  /** Of a hook: point to the other side. */
  readonly isTurned: boolean;
}

/** A rig as the sums see it. */
export interface Rig {
  readonly kind: string;
  readonly wants: Readonly<Record<string, number>>;
  readonly picks: Readonly<Record<string, string>>;
  readonly items: readonly RigItem[];
}

/** What is threaded on a line; a tube goes on over what is below it. */
const THREADED: readonly PartGauge['as'][] = [
  'crimp',
  'tube',
  'bead',
  'float',
  'shot',
  'stop',
  'weight',
  'feeder',
  'spacer',
  'keeper',
];

/** Whether a part lies on a line instead of ending it. */
export function isThreaded({ as }: Pick<PartGauge, 'as'>): boolean {
  return THREADED.includes(as);
}

export function isLine({ as }: Pick<PartGauge, 'as'>): boolean {
  return as === 'line';
}

/** The items of one run from the top down: the main one, or the branch that hangs from an item. */
export function runOf(items: readonly RigItem[], on: string | null): RigItem[] {
  return items.filter((item) => item.on === on);
}

/** The hooks of a rig, from the top down. */
export function hooksOf({ items }: Pick<Rig, 'items'>): RigItem[] {
  return items.filter(({ part }) => part.gauge.as === 'hook');
}
