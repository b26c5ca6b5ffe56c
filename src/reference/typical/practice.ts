import type { HeaterKind } from '@/core/coats/ways/definition';

/** A kind and one of its sizes. */
export type Thing = readonly [kindId: string, size: string];

/** A thing of a color of its own, by the name it gets. */
export interface Colored {
  readonly kindId: string;
  readonly name: string;
  readonly hex: string;
}

/** Marks of a cavity by the ounce and by the gram, with the hooks that such cavities usually take. */
export interface UsualCavity {
  readonly ounces: number;
  readonly grams: number;
  readonly hooks: readonly string[];
}

/** A block as such makers usually have one, to be set right. */
export interface UsualBlock {
  readonly name: string;
  readonly kind: 'bar' | 'frame' | 'board';
  readonly style: string;
  readonly cavities: readonly UsualCavity[];
  /** What is done to each casting while it is warm. */
  readonly warmWork?: string;
}

/** A ticket to be changed: so many of the cavity with this mark. */
interface UsualTicket {
  readonly title: string;
  readonly ounces: number;
  readonly count: number;
}

/** What a maker does, and what lies on the bench of one who does it. */
export interface Practice {
  readonly id: string;
  readonly name: string;
  /** In one sentence, what Ruvek then does. */
  readonly says: string;
  /** What it is drawn as. */
  readonly drawn: readonly Thing[];
  readonly things: readonly Thing[];
  readonly colored: readonly Colored[];
  readonly blocks: readonly UsualBlock[];
  /** What such a maker heats heads and powder with. */
  readonly heaters: readonly HeaterKind[];
  readonly ticket: UsualTicket | null;
  /** Where such a maker goes next. */
  readonly next: string;
}
