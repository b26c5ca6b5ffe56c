import { backBuild, pressBuild, type BuildPlace, type BuildWay } from '@/core/builds/turn-build-card';
import type { Store } from '../store';
import type { Pen } from '../write';

/** What runs with a step card have alike. */
export interface CardRun {
  readonly card: BuildPlace;
  readonly count: number;
  readonly way: BuildWay;
  readonly isThrough: boolean;
  readonly inHand: number | null;
  readonly seconds: number;
}

/** What is glued in a step, and how long it dries. */
export interface Drying {
  readonly what: string;
  readonly minutes: number;
}

/** Hands off: what was spent since they were on it is added up. */
export function rested<Run extends CardRun>(run: Run, now: number): Run {
  const since = run.inHand === null ? 0 : Math.max(0, (now - run.inHand) / 1000);
  return { ...run, seconds: run.seconds + since, inHand: null };
}

/**
 * The run after one press of its card. `times` is how often each step counts. What is glued in a step gets its clock with
 * the last piece of it; `name` is what the clock is for.
 */
export async function pressed<Run extends CardRun>(
  store: Store,
  pen: Pen,
  run: Run,
  times: readonly number[],
  drying: readonly (Drying | null)[],
  name: string,
): Promise<Run> {
  if (run.isThrough) return run;
  const { card, count, way } = run;
  const next = pressBuild(card, times, count, way);
  const glued = drying[card.step] ?? null;
  const isStepOver = next === null || next.step !== card.step;
  if (glued && isStepOver && card.bait === count - 1) {
    const startedAt = store.now();
    await pen.put('clocks', {
      id: store.newId(),
      name: `${glued.what}, ${name}`,
      startedAt,
      endsAt: startedAt + glued.minutes * 60_000,
      silencedAt: null,
    });
  }
  return { ...run, card: next ?? card, isThrough: next === null, inHand: run.inHand ?? store.now() };
}

/** The run with its card one back; `steps` is how many the card has. */
export function pressedBack<Run extends CardRun>(run: Run, steps: number): Run {
  if (run.isThrough) return { ...run, isThrough: false };
  return { ...run, card: backBuild(run.card, steps, run.count, run.way) };
}
