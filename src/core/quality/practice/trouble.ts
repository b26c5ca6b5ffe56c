import type { CauseId } from '../causes/cause';

/** What can be changed before the next pour. */
export const CHANGE_IDS = [
  'raise-pot',
  'lower-pot',
  'warm-block',
  'rest-block',
  'steady-stream',
  'clear-gate',
  'close-tight',
  'seat-hook',
  'dry-block',
  'skim',
] as const;

export type ChangeId = (typeof CHANGE_IDS)[number];

/** How a pour stands: the heat of pot and block, and what is wrong with block and hand. */
export interface PourState {
  readonly potC: number;
  readonly moldC: number;
  /** Of a steady stream, 0..1. */
  readonly stream: number;
  readonly isBlocked: boolean;
  readonly isOpen: boolean;
  readonly isRocking: boolean;
  readonly isDamp: boolean;
  readonly isDirty: boolean;
}

export interface Change {
  readonly id: ChangeId;
  readonly name: string;
  readonly does: (state: PourState) => PourState;
}

const POT_STEP_C = 20;
const BLOCK_STEP_C = 60;
const ROOM_C = 20;

/** Every change, as a maker would make it. */
export const CHANGES: readonly Change[] = [
  { id: 'raise-pot', name: 'Pot a step hotter', does: (so) => ({ ...so, potC: so.potC + POT_STEP_C }) },
  { id: 'lower-pot', name: 'Pot a step cooler', does: (so) => ({ ...so, potC: so.potC - POT_STEP_C }) },
  { id: 'warm-block', name: 'Warm the block', does: (so) => ({ ...so, moldC: so.moldC + BLOCK_STEP_C }) },
  {
    id: 'rest-block',
    name: 'Rest the block',
    does: (so) => ({ ...so, moldC: Math.max(ROOM_C, so.moldC - BLOCK_STEP_C) }),
  },
  { id: 'steady-stream', name: 'One steady stream', does: (so) => ({ ...so, stream: 1 }) },
  { id: 'clear-gate', name: 'Clear gate and vents', does: (so) => ({ ...so, isBlocked: false }) },
  { id: 'close-tight', name: 'Wipe the faces, clamp', does: (so) => ({ ...so, isOpen: false }) },
  { id: 'seat-hook', name: 'Seat the hook flat', does: (so) => ({ ...so, isRocking: false }) },
  { id: 'dry-block', name: 'Stop and dry all', does: (so) => ({ ...so, isDamp: false }) },
  { id: 'skim', name: 'Flux and skim', does: (so) => ({ ...so, isDirty: false }) },
];

/** A single trouble: how it bends a good pour, and which changes mend it. */
export interface Trouble {
  readonly cause: CauseId;
  /** Bends a good state so far, 0..1. */
  readonly bend: (good: PourState, much: number) => PourState;
}

/** Every trouble that is posed. */
export const TROUBLES: readonly Trouble[] = [
  { cause: 'cold-block', bend: (good, much) => ({ ...good, moldC: 60 - 35 * much }) },
  { cause: 'cold-pot', bend: (good, much) => ({ ...good, potC: good.potC - 35 - 20 * much }) },
  { cause: 'hot-pot', bend: (good, much) => ({ ...good, potC: good.potC + 45 + 40 * much }) },
  { cause: 'hot-block', bend: (good, much) => ({ ...good, moldC: good.moldC + 80 + 25 * much }) },
  { cause: 'weak-stream', bend: (good, much) => ({ ...good, stream: 0.45 - 0.2 * much }) },
  { cause: 'blocked', bend: (good) => ({ ...good, isBlocked: true }) },
  { cause: 'not-closed', bend: (good) => ({ ...good, isOpen: true }) },
  { cause: 'seated-wrong', bend: (good) => ({ ...good, isRocking: true }) },
  { cause: 'damp', bend: (good) => ({ ...good, isDamp: true }) },
  { cause: 'dirty-metal', bend: (good) => ({ ...good, isDirty: true }) },
];
