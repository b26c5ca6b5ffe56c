import { sum } from '../numeric/sum';

export interface TiePace {
  readonly secondsEach: number;
  /** From the maker's own log, not the hold's usual time. */
  readonly isOwn: boolean;
}

interface TimedRun {
  readonly skirtId: string;
  readonly family: string;
  readonly hold: string;
  readonly done: number;
  readonly seconds: number;
}

/** From fewer skirts than this the usual time is the better guess. */
const LEAST_SKIRTS = 5;

/**
 * How long a skirt takes, s: from the maker's runs of this recipe in any version, else of this hold, else the usual.
 *
 * @example tiePace({ family: 'reed', hold: 'wire', usualSeconds: 180 }, []) // { secondsEach: 180, isOwn: false }
 */
export function tiePace(
  of: { readonly family: string; readonly hold: string; readonly usualSeconds: number },
  runs: readonly TimedRun[],
): TiePace {
  const timed = runs.filter(({ seconds, done }) => seconds > 0 && done > 0);
  for (const mine of [
    timed.filter(({ family }) => family === of.family),
    timed.filter(({ hold }) => hold === of.hold),
  ]) {
    const skirts = sum(mine.map(({ done }) => done));
    if (skirts >= LEAST_SKIRTS)
      return { secondsEach: sum(mine.map(({ seconds }) => seconds)) / skirts, isOwn: true };
  }
  return { secondsEach: of.usualSeconds, isOwn: false };
}
