import dayjs from 'dayjs';
import type { PlannedWeek } from '@/core/schedule/plan-week';
import type { BenchWindow } from './bench-windows';
import type { WeekTask } from './week-task';

/** A task where the plan puts it, minutes from now. */
export interface PlacedTask extends WeekTask {
  readonly startMin: number;
  readonly endMin: number;
}

/** One day of the plan: when hands are there, and what is begun on it. */
export interface WeekRow {
  readonly day: string;
  readonly windows: readonly BenchWindow[];
  /** The time that is drawn, minutes from now. */
  readonly fromMin: number;
  readonly toMin: number;
  readonly tasks: readonly PlacedTask[];
}

const MINUTE_MS = 60_000;
/** Beside the hours at the bench so much more of the day is drawn, for what goes on by itself, min. */
const BESIDE_MIN = 30;

/** Tasks of a plan in the order in which they begin. */
export function placedTasks(tasks: readonly WeekTask[], { plan }: PlannedWeek): PlacedTask[] {
  const startAt = new Map(plan.starts.map(({ id, startMin }) => [id, startMin]));
  return tasks
    .flatMap((task) => {
      const startMin = startAt.get(task.id);
      return startMin === undefined ? [] : [{ ...task, startMin, endMin: startMin + task.minutes }];
    })
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
}

/** The day on which a moment lies, minutes from now. */
const dayAt = (now: number, minute: number): string => dayjs(now + minute * MINUTE_MS).format('YYYY-MM-DD');

/**
 * So many days of a plan from the `first` on, each with what begins on it.
 *
 * @example weekRows(placed, windows, now, 0, 7).length // 7
 */
export function weekRows(
  placed: readonly PlacedTask[],
  windows: readonly BenchWindow[],
  now: number,
  first: number,
  days: number,
): WeekRow[] {
  const today = dayjs(now).startOf('day');
  return Array.from({ length: days }, (_, nth) => {
    const day = today.add(first + nth, 'day').format('YYYY-MM-DD');
    const own = windows.filter((window) => window.day === day);
    const tasks = placed.filter(({ startMin, kind }) => kind !== 'parcel' && dayAt(now, startMin) === day);
    const from = Math.min(...own.map(({ fromMin }) => fromMin), ...tasks.map(({ startMin }) => startMin));
    const to = Math.max(...own.map(({ toMin }) => toMin), ...tasks.map(({ startMin }) => startMin));
    const isEmpty = own.length === 0 && tasks.length === 0;
    return { day, windows: own, fromMin: isEmpty ? 0 : from, toMin: isEmpty ? 0 : to + BESIDE_MIN, tasks };
  });
}

/** One stretch at the bench, with what is done by hand in it, in its order. */
export interface Sitting {
  readonly window: BenchWindow;
  readonly tasks: readonly PlacedTask[];
}

/**
 * The stretches at the bench in which anything is done by hand; the first is what to do next.
 *
 * @example sittingsOf(placed, windows)[0]?.tasks[0]?.kind // 'pour'
 */
export function sittingsOf(placed: readonly PlacedTask[], windows: readonly BenchWindow[]): Sitting[] {
  return windows
    .map((window) => ({
      window,
      tasks: placed.filter(
        ({ hands, startMin }) => hands && startMin >= window.fromMin - 1e-6 && startMin < window.toMin,
      ),
    }))
    .filter(({ tasks }) => tasks.length > 0);
}
