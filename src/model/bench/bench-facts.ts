import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import type { HeadsToTie } from '@/core/skirts/heads-to-tie';
import type { PotFacts } from '@/core/tickets/budget-session';
import type { LineWant } from '@/core/tickets/facts';
import type { BenchReading } from '@/records/bench-reading';
import type { Bin, HookBin, MetalBin } from '@/records/bin';
import type { Building, BuildRecord } from '@/records/build';
import type { Coat } from '@/records/coat';
import type { Mold } from '@/records/mold';
import type { Rigging, RigRecord } from '@/records/rig';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';

/** What was read of the bench, and what follows from it before anything is promised. */
export interface BenchFacts extends BenchReading {
  readonly binById: ReadonlyMap<string, Bin>;
  readonly moldById: ReadonlyMap<string, Mold>;
  readonly metals: readonly MetalBin[];
  readonly hooks: ReadonlyMap<string, HookBin>;
  /** Castings made so far, by ticket line. */
  readonly made: ReadonlyMap<string, number>;
  readonly coatById: ReadonlyMap<string, Coat>;
  /** Heads that wear their color so far, by ticket line. */
  readonly coated: ReadonlyMap<string, number>;
  /** How many heads of each line went into baits without their color. */
  readonly usedBare: ReadonlyMap<string, number>;
  /** Bare heads of open tickets that wait for a color and hang on no rack. */
  readonly toCoat: readonly WaitingHeads[];
  readonly skirtById: ReadonlyMap<string, Skirt>;
  /** The run of skirts under way. */
  readonly tying: Tying | null;
  readonly buildById: ReadonlyMap<string, BuildRecord>;
  /** The run of builds under way. */
  readonly building: Building | null;
  readonly rigById: ReadonlyMap<string, RigRecord>;
  /** The run of rigs under way. */
  readonly rigging: Rigging | null;
  /** Heads in their skirt so far, by ticket line. */
  readonly tied: ReadonlyMap<string, number>;
  /** Heads of open tickets that wait for their skirt. */
  readonly toTie: readonly HeadsToTie[];
  /** What is still to be cast for open tickets. */
  readonly wants: readonly LineWant[];
  /** The pot, with the scrap share of the maker's own runs once there are some. */
  readonly pot: PotFacts;
  readonly isScrapMeasured: boolean;
}
