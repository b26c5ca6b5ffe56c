import type { BeatFacts, BeatSchool } from '@/core/pours/beat/school';
import type { BeatStand } from '@/core/pours/beat/stand-of';
import type { BlockCount } from '@/core/pours/count-run';
import type { Mold } from '@/records/mold';

/** A block of a run as the hands meet it: its count, its way of beating, where it stands. */
export interface HandBlock {
  readonly index: number;
  readonly mold: Mold;
  readonly count: BlockCount;
  readonly school: BeatSchool;
  readonly facts: BeatFacts;
  readonly stand: BeatStand;
  readonly isIn: boolean;
  /** Cast its share, and opened. */
  readonly isDone: boolean;
}

/** All blocks of a run, and which of them wants the hands. */
export interface RunHands {
  readonly blocks: readonly HandBlock[];
  /** The block to work or to wait for. */
  readonly now: HandBlock | null;
  readonly next: HandBlock | null;
  /** One that waits to be taken in hand. */
  readonly waiting: HandBlock | null;
}
