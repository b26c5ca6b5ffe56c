import dayjs from 'dayjs';
import { USUAL_WEEK, type Stretch, type Week } from '@/records/week';
import type { Bench } from '@/records/bench';

/** A stretch of time at the bench, in minutes from now, with its day. */
export interface BenchWindow {
  readonly day: string;
  readonly fromMin: number;
  readonly toMin: number;
}

/** So many days are looked ahead. */
export const LOOK_AHEAD_DAYS = 70;
const MINUTE_MS = 60_000;

/** The maker's week, and whether the maker said it. */
export const weekOf = ({ week }: Pick<Bench, 'week'>): Week => week ?? USUAL_WEEK;

/**
 * The times of a day: those of its weekday, or its own where it is not as usual.
 *
 * @example timesOn(USUAL_WEEK, '2026-12-01') // [{ fromMin: 1170, toMin: 1290 }], a Tuesday
 */
function timesOn({ days, exceptions }: Week, day: string): readonly Stretch[] {
  const exception = exceptions.find((each) => each.day === day);
  if (exception) return exception.times;
  // A week begins with Monday here, with Sunday there.
  return days[(dayjs(day).day() + 6) % 7] ?? [];
}

/**
 * When hands are there from now on, in minutes from now. A clock that is put forward or back in the night is minded.
 *
 * @example benchWindows(USUAL_WEEK, now)[0] // { day: '2026-12-01', fromMin: 90, toMin: 210 }
 */
export function benchWindows(week: Week, now: number, days = LOOK_AHEAD_DAYS): BenchWindow[] {
  const today = dayjs(now).startOf('day');
  return Array.from({ length: days }, (_, nth) => today.add(nth, 'day')).flatMap((date) => {
    const day = date.format('YYYY-MM-DD');
    const at = (minute: number) =>
      (date
        .hour(Math.floor(minute / 60))
        .minute(minute % 60)
        .valueOf() -
        now) /
      MINUTE_MS;
    return timesOn(week, day)
      .map(({ fromMin, toMin }) => ({ day, fromMin: Math.max(0, at(fromMin)), toMin: at(toMin) }))
      .filter(({ fromMin, toMin }) => toMin > fromMin)
      .sort((a, b) => a.fromMin - b.fromMin);
  });
}

/**
 * Where two stretches of one day overlap.
 *
 * @example overlapIn([{ fromMin: 60, toMin: 120 }, { fromMin: 100, toMin: 200 }]) // true
 */
export function overlapIn(times: readonly Stretch[]): boolean {
  const sorted = [...times].sort((a, b) => a.fromMin - b.fromMin);
  return sorted.some(({ fromMin }, nth) => nth > 0 && fromMin < (sorted[nth - 1]?.toMin ?? 0));
}
