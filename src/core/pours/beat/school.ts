/** Everything a beat can be at. */
export const STEP_IDS = [
  'open',
  'warm-work',
  'load',
  'close',
  'pour',
  'freeze',
  'clamp',
  'hold',
  'spin',
  'spinning',
  'stop',
  'cool',
] as const;

export type StepId = (typeof STEP_IDS)[number];

/** What the length of a step follows from, s; null where nobody knows. */
export interface BeatFacts {
  /** Hooks, wires or pins go into the block before it is poured. */
  readonly hasLoad: boolean;
  /** The thickest casting of the pour, until frozen. */
  readonly freezeS: number | null;
  readonly holdS: number;
  readonly spinS: number;
  readonly coolS: number;
  /** What is done while the casting is warm, and for how long it can be; null where nothing is. */
  readonly warmWork: { readonly what: string; readonly seconds: number } | null;
}

export interface BeatStep {
  readonly id: StepId;
  /** On the control: what to do, or what is waited for. */
  readonly word: string;
  /** `hand`: done when the maker says so. `wait`: ends by itself. `brief`: a hand step with a last moment. */
  readonly kind: 'hand' | 'wait' | 'brief';
  /** How long it waits, or can be done, s; null for as long as it takes. */
  readonly secondsOf: (facts: BeatFacts) => number | null;
  /** Whether it is left out. */
  readonly isSkipped?: (facts: BeatFacts) => boolean;
  /** Doing it tallies the pour. */
  readonly pours?: true;
  /** A wait that the maker's eye may end: the time is only reckoned. */
  readonly mayEndEarly?: true;
}

/** A way to keep the beat: its steps in turn, round and round. The first is where a fresh block begins. */
export interface BeatSchool {
  readonly id: 'hand' | 'board' | 'spin' | 'tally';
  readonly name: string;
  readonly steps: readonly BeatStep[];
}
