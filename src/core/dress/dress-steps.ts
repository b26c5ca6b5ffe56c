/** The steps of dressing, in the order in which they are done. */
export const DRESS_STEP_IDS = [
  'sprue',
  'flash',
  'rim',
  'pins',
  'eye',
  'parting',
  'collar',
  'try-in',
] as const;

export type DressStepId = (typeof DRESS_STEP_IDS)[number];

/** What the steps of a head follow from. */
export interface DressedHead {
  readonly hasHook: boolean;
  /** Pins or other inserts that are pulled after casting. */
  readonly hasPins: boolean;
  /** Cast in an open board: no sprue, no flash, no parting line. */
  readonly isOpenCast: boolean;
  /** A collar or keeper that a skirt is tied on. */
  readonly hasCollar: boolean;
  /** A blade or a snap goes through its eye. */
  readonly takesBlade: boolean;
}

export interface DressStep {
  readonly id: DressStepId;
  readonly name: string;
  readonly how: string;
  /** Until the maker's own batches say, s a piece (trade's rule). */
  readonly usualSeconds: number;
  readonly isNeeded: (head: DressedHead) => boolean;
}

const isClosed = ({ isOpenCast }: DressedHead) => !isOpenCast;

/** Every step of dressing. */
export const DRESS_STEPS: readonly DressStep[] = [
  {
    id: 'sprue',
    name: 'Sprue off',
    how: 'Twist it off at the gate; what sits hard is nipped, not torn.',
    usualSeconds: 3,
    isNeeded: isClosed,
  },
  {
    id: 'flash',
    name: 'Flash off',
    how: 'Pull it away with pliers along the parting line.',
    usualSeconds: 3,
    isNeeded: isClosed,
  },
  {
    id: 'rim',
    name: 'Rim trimmed',
    how: 'Cut off what stood over the board, file the open face level. File wet, never blow.',
    usualSeconds: 12,
    isNeeded: ({ isOpenCast }) => isOpenCast,
  },
  {
    id: 'pins',
    name: 'Pins out',
    how: 'Pull them straight, count them back: none stays in.',
    usualSeconds: 4,
    isNeeded: ({ hasPins }) => hasPins,
  },
  {
    id: 'eye',
    name: 'Eye cleared',
    how: 'With a fine drill by hand, while it is easy: before any paint.',
    usualSeconds: 4,
    isNeeded: ({ hasHook }) => hasHook,
  },
  {
    id: 'parting',
    name: 'Parting line filed',
    how: 'Smooth under the finger is enough, paint hides the rest; skip what the skirt covers. File wet.',
    usualSeconds: 8,
    isNeeded: isClosed,
  },
  {
    id: 'collar',
    name: 'Collar edge',
    how: 'Break the edge: a sharp one cuts the skirt.',
    usualSeconds: 4,
    isNeeded: ({ hasCollar }) => hasCollar,
  },
  {
    id: 'try-in',
    name: 'Blade or snap tried in',
    how: 'It goes through and swings free.',
    usualSeconds: 3,
    isNeeded: ({ takesBlade }) => takesBlade,
  },
];

/**
 * The steps that a head needs.
 *
 * @example dressStepsFor({ hasHook: false, hasPins: true, isOpenCast: false, hasCollar: false, takesBlade: false }).map(({ id }) => id)
 * // ['sprue', 'flash', 'pins', 'parting']
 */
export function dressStepsFor(head: DressedHead): DressStep[] {
  return DRESS_STEPS.filter(({ isNeeded }) => isNeeded(head));
}

/**
 * The step of an id.
 *
 * @example findDressStep('eye').name // 'Eye cleared'
 */
export function findDressStep(id: DressStepId): DressStep {
  const step = DRESS_STEPS.find((each) => each.id === id);
  if (!step) throw new RangeError(`findDressStep requires a step of dressing, not '${id}'`);
  return step;
}
