import type { BeatFacts, BeatSchool, BeatStep, StepId } from './school';

/** Where a block stands: a step and when it began, ms. */
export interface BeatState {
  readonly step: StepId;
  readonly since: number;
}

/** What there is to do at a block at a moment. */
export interface BeatStand {
  /** The step to do, or the wait that runs. */
  readonly step: BeatStep;
  /** Whether hands are wanted now. */
  readonly isDue: boolean;
  /** Of a wait or a brief step, s; under 0 where a brief step came too late; null where nothing runs. */
  readonly leftS: number | null;
  /** How long it runs in all, s. */
  readonly ofS: number | null;
  /** Since when hands are wanted, ms; null while a wait runs. */
  readonly dueSince: number | null;
}

/**
 * What a block asks for at a moment. A wait that has run out has turned into the step after it. A block whose
 * step its school does not know (the maker changed schools in the middle) begins its round again.
 *
 * @example standOf(HAND_POUR, facts, { step: 'freeze', since: 0 }, 4000).leftS // 8 of 12 s
 */
export function standOf(school: BeatSchool, facts: BeatFacts, state: BeatState, now: number): BeatStand {
  const kept = school.steps.find(({ id }) => id === state.step) ?? firstStep(school);
  const step = kept.isSkipped?.(facts) ? stepAfter(school, facts, kept.id) : kept;
  const ofS = step.secondsOf(facts);
  const elapsedS = Math.max(0, (now - state.since) / 1000);
  if (step.kind === 'hand') return { step, isDue: true, leftS: null, ofS: null, dueSince: state.since };
  if (step.kind === 'brief') {
    return { step, isDue: true, leftS: (ofS ?? 0) - elapsedS, ofS, dueSince: state.since };
  }
  const leftS = (ofS ?? 0) - elapsedS;
  if (leftS > 0) return { step, isDue: false, leftS, ofS, dueSince: null };
  const since = state.since + (ofS ?? 0) * 1000;
  return standOf(school, facts, { step: stepAfter(school, facts, step.id).id, since }, now);
}

/**
 * The step that follows, those left out passed over.
 *
 * @example stepAfter(HAND_POUR, facts, 'pour').id // 'freeze'
 */
export function stepAfter(school: BeatSchool, facts: BeatFacts, step: StepId): BeatStep {
  const from = school.steps.findIndex(({ id }) => id === step);
  for (let ahead = 1; ahead <= school.steps.length; ahead += 1) {
    const next = school.steps[(from + ahead) % school.steps.length];
    if (next && !next.isSkipped?.(facts)) return next;
  }
  return firstStep(school);
}

/**
 * Whether a block stands at the beginning of its round: nothing of it is under way.
 *
 * @example isAtStart(HAND_POUR, { ...facts, hasLoad: false }, 'close') // true
 */
export function isAtStart(school: BeatSchool, facts: BeatFacts, step: StepId): boolean {
  const first = firstStep(school);
  return step === (first.isSkipped?.(facts) ? stepAfter(school, facts, first.id) : first).id;
}

function firstStep(school: BeatSchool): BeatStep {
  const [first] = school.steps;
  if (!first) throw new RangeError(`a school of pouring requires a step; ${school.id} has none`);
  return first;
}
