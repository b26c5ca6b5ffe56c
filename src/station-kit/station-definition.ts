import type { MassUnit } from '@/core/units/write-mass';
import type { BenchView } from '@/model/bench/bench-view';
import type { Stop } from '@/ui/frame/Line';
import type { KeyBinding } from './key-map';

/** What waits at a station, in a few words, and whether it calls. */
export type Waiting = Pick<Stop, 'waits' | 'tone'>;

/** What a station says of itself: all that the shell round the stations knows of it. */
export interface StationDefinition {
  readonly key: string;
  readonly name: string;
  readonly href: `/${string}`;
  /** Its picture, as a path on a 16 by 16 grid. */
  readonly glyph: string;
  /** The letter that opens it; the first ten of the line have a digit besides. */
  readonly letter?: string;
  readonly waits: (bench: BenchView, at: { readonly mass: MassUnit; readonly now: number }) => Waiting;
  /** The keys that hold there, in the order of the list. */
  readonly keys: readonly KeyBinding[];
  /** What the bottom edge says of keys while the digits are the station's own; null while they open stations. */
  readonly ownDigits?: (bench: BenchView) => string | null;
}
