import { sum } from '../numeric/sum';

/** How long one piece takes. */
export interface Pace {
  readonly secondsEach: number;
  /** From the maker's own log, not the usual time. */
  readonly isOwn: boolean;
}

/** A run that ended, with the time that hands were on it. */
export interface TimedRun {
  /** What was made, in any version. */
  readonly family: string;
  /** What sort of thing that is: how a skirt is held, the kind of a bait or rig. */
  readonly kind: string;
  /** Pieces begun, those that failed among them: they took hands too. */
  readonly begun: number;
  readonly seconds: number;
}

/** From fewer pieces than this the usual time is the better guess. */
export const LEAST_PIECES = 5;

/**
 * The runs that tell how a thing goes: its own in any version where they are enough, else those of its kind; empty where
 * even they are too few.
 *
 * @example tellingRuns({ family: 'reed', kind: 'wire' }, [{ family: 'eel', kind: 'wire', begun: 6, seconds: 900 }]).length // 1
 */
export function tellingRuns<R extends TimedRun>(
  of: { readonly family: string; readonly kind: string },
  runs: readonly R[],
): R[] {
  const timed = runs.filter(({ seconds, begun }) => seconds > 0 && begun > 0);
  const isEnough = (group: readonly R[]) => sum(group.map(({ begun }) => begun)) >= LEAST_PIECES;
  const own = timed.filter(({ family }) => family === of.family);
  if (isEnough(own)) return own;
  const like = timed.filter(({ kind }) => kind === of.kind);
  return isEnough(like) ? like : [];
}

/**
 * How long a piece takes, s: from the maker's own runs of it, else of its kind, else as is usual.
 *
 * @example learnPace({ family: 'reed', kind: 'wire', usualSeconds: 180 }, []) // { secondsEach: 180, isOwn: false }
 */
export function learnPace(
  of: { readonly family: string; readonly kind: string; readonly usualSeconds: number },
  runs: readonly TimedRun[],
): Pace {
  const telling = tellingRuns(of, runs);
  if (telling.length === 0) return { secondsEach: of.usualSeconds, isOwn: false };
  const begun = sum(telling.map((run) => run.begun));
  return { secondsEach: sum(telling.map(({ seconds }) => seconds)) / begun, isOwn: true };
}
